import { describe, expect, it } from 'vitest';
import { deviceModel, points, settle } from '../house';
import { checkHouse } from '../house/check';
import { readPlugLamps, readVoltageV } from '../instruments';
import { regions } from '../rules';
import { arrangements, here } from './index';

describe.each(arrangements.map((each) => [`${each.region} ${each.kind}`, each] as const))(
	'%s',
	(_, { region, kind, build }) => {
		const house = build();
		const healthy = regions[region].supply.healthyV;

		it('is a house with nothing wrong in it', () => {
			expect(checkHouse(house)).toEqual([]);
			expect(settle(house).trips).toEqual([]);
			expect(settle(house).ended).toBe('still');
		});

		it('gives every half of every outlet its voltage, and the lamps of a sound outlet where there is a ground', () => {
			for (const box of house.boxes) {
				if (!box.device) continue;
				for (const half of deviceModel(box.device).halves) {
					const at = (role: 'hot' | 'neutral') => points.contact(box.id, half, role);
					const volts = readVoltageV(house, { red: at('hot'), black: at('neutral') }, 'highImpedance');
					expect(volts, `${box.id} ${half}`).toBeGreaterThan(healthy.from);
					expect(volts).toBeLessThan(healthy.to);
					if (box.device.kind !== 'twoSlot')
						expect(readPlugLamps(house, box.id, half), `${box.id} ${half}`).toEqual({
							hotNeutral: true,
							hotGround: true,
							neutralGround: false
						});
				}
			}
		});

		it('is dead at this box when every breaker is off', () => {
			const off = {
				...house,
				panels: house.panels.map((panel) => ({
					...panel,
					breakers: panel.breakers.map((each) => ({ ...each, on: false }))
				}))
			};
			for (const { cable, conductor } of house.boxes.find(({ id }) => id === here)!.terminations) {
				const end = house.cables.find(({ id }) => id === cable)!.to.box === here ? 'to' : 'from';
				const volts = readVoltageV(
					off,
					{ red: points.conductor(cable, conductor, end), black: points.earth('main') },
					'highImpedance'
				);
				expect(volts, `${kind}: ${cable} ${conductor}`).toBeLessThan(3);
			}
		});
	}
);
