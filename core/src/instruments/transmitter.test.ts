import { describe, expect, it } from 'vitest';
import { fennelLaneActual, tanneryRow } from '../demo';
import { besideOf, deviceModel, findBreaker, withBreakers, type House } from '../house';
import { arrangements, here } from '../arrangements';
import { lampGlows, receiverLamps, strongestOf, sweep } from './index';

const outlets = (house: House) =>
	house.boxes.flatMap((box) => {
		const half = box.device && deviceModel(box.device).halves[0];
		return half ? [{ house, box: box.id, half }] : [];
	});

describe('a transmitter and its receiver', () => {
	it('is loudest at the breaker whose switching alone darkens a lamp there, in every outlet of both homes', () => {
		let found = 0;
		for (const { house, box, half } of [...outlets(fennelLaneActual()), ...outlets(tanneryRow())]) {
			if (!lampGlows(house, box, half)) continue;
			const heard = sweep(house, box, half);
			const loudest = strongestOf(heard)!;
			expect(lampGlows(withBreakers(house, { [loudest]: false }), box, half), `${box}: ${loudest}`).toBe(
				false
			);
			found++;
		}
		expect(found).toBeGreaterThan(20);
	});

	it('bleeds to the breakers beside it and no further', () => {
		const house = fennelLaneActual();
		const heard = new Map(
			sweep(house, 'sewing-east-wall', 'upper').map(({ breaker, lamps }) => [breaker, lamps])
		);
		const beside = besideOf(house, findBreaker(house, 'b14')!);
		expect(heard.get('b14')).toBe(receiverLamps);
		expect(beside.length).toBeGreaterThan(0);
		for (const [breaker, lamps] of heard)
			if (breaker !== 'b14') expect(lamps, breaker).toBe(beside.includes(breaker) ? 4 : 0);
	});

	it('hears nothing with the breaker off, and two breakers where a kept tab joins two circuits', () => {
		const house = fennelLaneActual();
		expect(strongestOf(sweep(withBreakers(house, { b14: false }), 'sewing-east-wall', 'upper'))).toBeNull();
		const shared = arrangements.find(({ kind }) => kind === 'twoCircuits')!.build({});
		const joined: House = {
			...shared,
			// On one leg, so that the joined halves don’t short the service.
			panels: shared.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker, k) => ({ ...breaker, spaces: [1 + 4 * k] }))
			})),
			boxes: shared.boxes.map((box) =>
				box.id === here && box.device?.kind === 'duplex'
					? { ...box, device: { ...box.device, tabs: { hot: true, neutral: true } } }
					: box
			)
		};
		const loud = sweep(joined, here, 'upper').filter(({ lamps }) => lamps >= 4);
		expect(loud.length).toBe(2);
	});
});
