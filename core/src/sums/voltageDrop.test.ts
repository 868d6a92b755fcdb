import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { findCircuit, walkChain, withBreakers, type House } from '../house';
import { feedOf } from '../job/loaded';
import { loadedAt } from '../job/loadedAt';
import { halfOf } from './halfOf';
import { voltageDrop } from './voltageDrop';

/** One run of 12 AWG: 10 m to a, 5 m more to b. */
const run = (): House => {
	const house = fennelLaneRecorded();
	const circuit = 'counter-right';
	return {
		...house,
		cables: house.cables.map((cable) =>
			cable.circuit === circuit
				? { ...cable, lengthM: cable.to.box === 'kitchen-counter-right' ? 10 : 5, size: '12AWG' as const }
				: cable
		)
	};
};

describe('what is lost on the way', () => {
	it('agrees with V = I·R·L worked by hand, cold and hot', () => {
		// 15 m of 12 AWG, out and back: 30 m of wire. 5.21 and 6.34 Ω/km.
		const cold = voltageDrop(run(), 'counter-right', 'kitchen-window-sill', 12, 'cold')!;
		expect(cold.ohm).toBeCloseTo(0.1563, 6);
		expect(cold.volts).toBeCloseTo(1.8756, 6);
		const hot = voltageDrop(run(), 'counter-right', 'kitchen-window-sill', 12)!;
		expect(hot.ohm).toBeCloseTo(0.1902, 6);
		expect(hot.share).toBeCloseTo(0.01902, 6);
		expect(hot.lines.map(({ lengthM }) => lengthM)).toEqual([10, 5]);
		expect(hot).toMatchObject({ mostShare: 0.03, source: 'NEC 210.19(A), informational note', unknown: [] });
	});

	it('takes a ring both ways at once', () => {
		const house = tanneryRow();
		const ring = house.circuits.find(({ arrangement }) => arrangement === 'ring')!;
		const cables = house.cables.filter(({ circuit }) => circuit === ring.id);
		const boxes = walkChain(house, ring.id);
		const total = cables.reduce((sum, { lengthM }) => sum + lengthM, 0);
		for (const { box } of boxes) {
			const drop = voltageDrop(house, ring.id, box.id, 10, 'cold')!;
			const there = drop.lines.reduce((sum, { lengthM }) => sum + lengthM, 0);
			// 2.5 mm²: 7.41 Ω/km, out and back, both ways in parallel.
			const byHand = (2 * 7.41e-3 * (there * (total - there))) / total;
			expect(drop.ohm).toBeCloseTo(byHand, 9);
		}
	});

	it('agrees with the model, which solves the whole house, but for the service, plugs and joints', () => {
		const house = fennelLaneRecorded();
		for (const { id, breaker } of house.circuits) {
			const on = withBreakers({ ...house, loads: [] }, { [breaker]: true });
			for (const { box } of walkChain(house, id)) {
				const half = halfOf(box);
				if (half === null || findCircuit(house, id)!.arrangement === 'ring') continue;
				const drop = voltageDrop(house, id, box.id, 10, 'cold')!;
				const model = feedOf('us', loadedAt(on, box.id, half, 1200)).ohm;
				// The service (two conductors of some tenths of an ohm), a few milliohms a joint, and contacts that are worn (0.05 Ω each).
				const worn = box.device && 'contacts' in box.device && box.device.contacts === 'worn' ? 0.1 : 0;
				const beyond = model - drop.ohm;
				expect(beyond).toBeGreaterThan(0);
				expect(beyond).toBeLessThan(2 * house.service.impedanceOhm + 0.08 + worn);
			}
		}
	});

	it('knows nothing of a box that isn’t on the circuit', () => {
		expect(voltageDrop(run(), 'counter-right', 'bath-mirror', 10)).toBe(null);
		expect(voltageDrop(run(), 'nowhere', 'bath-mirror', 10)).toBe(null);
	});
});
