import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '../demo';
import { walkChain, withBox, withBreakers, withTripped, type House } from '../house';
import { loadedAt } from '../job/loadedAt';
import { halfOf } from './halfOf';
import { jointsAlong, type FedTest } from './joints';

const circuit = 'living';
const on = (house: House): House =>
	withBreakers(
		{ ...house, loads: [] },
		Object.fromEntries(house.panels.flatMap(({ breakers }) => breakers.map(({ id }) => [id, true])))
	);
const recorded = on(fennelLaneRecorded());
const outlets = walkChain(recorded, circuit).flatMap(({ box }) => (halfOf(box) ? [box.id] : []));
const tested = (house: House, boxes: readonly string[], watts = 1500): FedTest[] =>
	boxes.map((box) => ({
		box,
		...loadedAt(house, box, halfOf(house.boxes.find(({ id }) => id === box)!)!, watts)
	}));

/** The house with so many ohms in the hot where each box is fed. */
const withBadJoints = (ohms: readonly number[]): House => ({
	...recorded,
	boxes: recorded.boxes.map((box) => {
		const ohm = ohms[outlets.indexOf(box.id)] ?? 0;
		const fed = recorded.cables.find(({ to, circuit: own }) => to.box === box.id && own === circuit);
		if (ohm === 0 || !fed) return box;
		return {
			...box,
			terminations: box.terminations.map((end) =>
				end.cable === fed.id && end.conductor === 'hot' ? { ...end, resistanceOhm: ohm } : end
			)
		};
	})
});

describe('where a bad joint sits', () => {
	it('finds nothing in a house that is as recorded', () => {
		for (const { ohm, telling } of jointsAlong(recorded, circuit, tested(recorded, outlets))) {
			expect(ohm).toBeLessThan(0.01);
			expect(telling).toBe(false);
		}
	});

	it('finds the screw at the demo home’s fireplace that was never tightened, and only that', () => {
		const found = jointsAlong(recorded, circuit, tested(on(fennelLaneActual()), outlets));
		const telling = found.filter((each) => each.telling);
		expect(telling).toHaveLength(1);
		expect(telling[0]!.ohm).toBeCloseTo(0.8, 1);
		// 12.2 A through 0.8 Ω.
		expect(telling[0]!.heatW).toBeGreaterThan(90);
	});

	it('comes back with what was put in, stretch by stretch', () => {
		fc.assert(
			fc.property(
				fc.array(fc.constantFrom(0, 0, 0.3, 0.8, 2), {
					minLength: outlets.length,
					maxLength: outlets.length
				}),
				(ohms) => {
					const found = jointsAlong(recorded, circuit, tested(withBadJoints(ohms), outlets));
					const branchless = found.every(
						({ after }, k) => k === 0 || (after !== 'panel' && after.box === outlets[k - 1])
					);
					expect(branchless).toBe(true);
					found.forEach(({ ohm }, k) => expect(Math.abs(ohm - ohms[k]!)).toBeLessThan(0.05));
				}
			),
			drawn(88, 6, 48)
		);
	});

	it('with fewer outlets tested the stretch is longer, and what is in it stays', () => {
		const house = withBadJoints(outlets.map((_, k) => (k === 1 ? 0.8 : 0)));
		const [first, last] = [outlets[0]!, outlets.at(-1)!];
		const found = jointsAlong(recorded, circuit, tested(house, [first, last]));
		expect(found.map(({ after, box }) => [after, box])).toEqual([
			['panel', first],
			[{ box: first }, last]
		]);
		expect(found[1]!.ohm).toBeCloseTo(0.8, 1);
	});

	it('never goes below nothing where mains moved between two readings, and says how sure it is', () => {
		const tests = tested(recorded, outlets).map((test, k) =>
			k === 2 ? { ...test, onV: test.onV - 2 } : test
		);
		const found = jointsAlong(recorded, circuit, tests);
		for (const { ohm } of found) expect(ohm).toBeGreaterThanOrEqual(0);
		// What one odd reading says is shared out among its neighbours: none of them sits behind less than it.
		const [small] = jointsAlong(recorded, circuit, tested(recorded, outlets.slice(0, 1), 500));
		const [large] = jointsAlong(recorded, circuit, tested(recorded, outlets.slice(0, 1), 1500));
		expect(small!.plusMinusOhm).toBeGreaterThan(2.5 * large!.plusMinusOhm);
		const twice = tested(recorded, [outlets[0]!, outlets[0]!]);
		const [both] = jointsAlong(recorded, circuit, twice);
		expect(both!.plusMinusOhm).toBeCloseTo(large!.plusMinusOhm / Math.SQRT2, 6);
	});

	it('needs no breaker on record as on, and says nothing of an outlet that is dead by the record', () => {
		const off = withBreakers(
			recorded,
			Object.fromEntries(recorded.panels[0]!.breakers.map(({ id }) => [id, false]))
		);
		expect(jointsAlong(off, circuit, tested(recorded, outlets))).toEqual(
			jointsAlong(recorded, circuit, tested(recorded, outlets))
		);
		const tripped = withBox(recorded, 'greenhouse-pump-post', (box) => ({
			...box,
			device: withTripped(box.device!, true)
		}));
		const test = tested(recorded, ['greenhouse-pump-post']);
		expect(jointsAlong(recorded, 'greenhouse', test)).toHaveLength(1);
		expect(jointsAlong(tripped, 'greenhouse', test)).toEqual([]);
		expect(jointsAlong(recorded, 'nowhere', test)).toEqual([]);
	});

	it('takes each outlet of a ring by itself: its current comes both ways', () => {
		const house = on(tanneryRow());
		const ring = house.circuits.find(({ arrangement }) => arrangement === 'ring')!;
		const boxes = walkChain(house, ring.id).flatMap(({ box }) => (halfOf(box) ? [box.id] : []));
		const found = jointsAlong(house, ring.id, tested(house, boxes.slice(0, 3)));
		expect(found.map(({ after }) => after)).toEqual(['panel', 'panel', 'panel']);
		for (const { telling } of found) expect(telling).toBe(false);
	});
});
