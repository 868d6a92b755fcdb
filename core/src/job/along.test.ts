import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import type { House } from '../house';
import { voltsAlong } from './index';

/** The sewing circuit with one load, at its last outlet, of this many ohms. */
const loaded = (resistanceOhm: number, box = 'sewing-window-wall'): House => {
	const house = fennelLaneRecorded();
	return {
		...house,
		loads: [{ id: 'iron', name: 'iron', box, half: 'upper', resistanceOhm, on: true }]
	};
};

describe('volts along a circuit', () => {
	it('fall along the cable by what the load draws through it: worked by hand from 14 AWG at 20 °C', () => {
		const house = loaded(10);
		const idle = voltsAlong({ ...house, loads: [] }, 'sewing', new Map());
		const busy = voltsAlong(house, 'sewing', new Map());
		expect(busy.map(({ box }) => box)).toEqual(idle.map(({ box }) => box));
		const at = busy.findIndex(({ box }) => box === 'sewing-window-wall');
		expect(at).toBeGreaterThan(0);
		const [before, here] = [busy[at - 1]!, busy[at]!];
		// Through the stretch before it: out and back, 8.28 mΩ/m each way, and the joints of the outlet between.
		const amps = here.expectedV / 10;
		const cable = 2 * (here.cableM - before.cableM) * 8.28e-3 * amps;
		expect(before.expectedV - here.expectedV).toBeGreaterThan(cable);
		expect(before.expectedV - here.expectedV).toBeLessThan(cable + 0.01 * amps);
		for (const point of idle) expect(Math.abs(point.expectedV - idle[0]!.expectedV)).toBeLessThan(0.01);
		for (let k = 1; k < busy.length; k++) expect(busy[k]!.cableM).toBeGreaterThan(busy[k - 1]!.cableM);
	});

	it('carry what was read, where it was read, and reads with the breaker on whatever it stands at', () => {
		const house = fennelLaneRecorded();
		const off = {
			...house,
			panels: house.panels.map((panel) => ({
				...panel,
				breakers: panel.breakers.map((breaker) => ({ ...breaker, on: false }))
			}))
		};
		const points = voltsAlong(off, 'sewing', new Map([['sewing-east-wall', 118.4]]));
		expect(points.filter(({ readV }) => readV !== null)).toMatchObject([
			{ box: 'sewing-east-wall', readV: 118.4 }
		]);
		for (const { expectedV } of points) expect(expectedV).toBeGreaterThan(110);
		expect(voltsAlong(house, 'nowhere', new Map())).toEqual([]);
	});
});
