import { drawn, everything } from '../../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '../../demo';
import { parseHouse } from '../../files';
import { chainOfCircuit, editHouse, points, settle, type House } from '../index';
import { magnitude } from '../../network';

const chain = (house: House, circuit: string) => chainOfCircuit(house, circuit).map(({ box }) => box.id);
it('whatever outlets are moved about, in whatever order, the house stays right and everything placed is live', () => {
	const base = fennelLaneRecorded();
	const boxes = base.boxes
		.filter(({ room }) => ['sewing', 'music', 'nursery', 'porch', 'hall'].includes(room))
		.map(({ id }) => id);
	const circuits = ['sewing', 'music', 'nursery', 'porch'];
	const move = fc.record({
		box: fc.constantFrom(...boxes),
		circuit: fc.constantFrom(...circuits),
		after: fc.oneof(
			fc.constant('panel' as const),
			fc.constantFrom(...boxes).map((box) => ({ box }))
		),
		branch: fc.boolean(),
		off: fc.boolean()
	});
	let made = 0;
	fc.assert(
		fc.property(fc.array(move, { minLength: 1, maxLength: 12 }), (moves) => {
			let house = base;
			for (const { box, off, ...spot } of moves) {
				const edited = editHouse(house, [off ? { do: 'unplaceBox', box } : { do: 'placeBox', box, spot }]);
				if (!edited.ok) {
					expect(['notOnThisCircuit', 'afterItself', 'wiredByHand']).toContain(edited.refusal.code);
					continue;
				}
				made++;
				house = edited.house;
			}
			expect(parseHouse(structuredClone(house))).toMatchObject({ ok: true });
			const placed = house.boxes.filter(
				(box) => boxes.includes(box.id) && box.use === 'outlet' && box.terminations.length > 0
			);
			const { solution } = settle({ ...house, loads: [] });
			if (solution.outcome === 'singular') throw new Error('singular');
			for (const { id } of placed)
				expect(
					magnitude(solution.voltageV.get(points.contact(id, 'upper', 'hot')) ?? { re: 0, im: 0 })
				).toBeGreaterThan(119);
			const chained = new Set(house.circuits.flatMap(({ id }) => chain(house, id)));
			expect(placed.filter(({ id }) => !chained.has(id))).toEqual([]);
		}),
		drawn(20261124, 20, 300)
	);
	expect(made).toBeGreaterThan(80);
});

/** The house with its supply cables found by test, everywhere. */
const withSupplies = (home: House): House => ({
	...home,
	name: `${home.name}, supplies found`,
	boxes: home.boxes.map((box) => {
		const into = home.cables.find(({ to }) => to.box === box.id);
		return into
			? { ...box, supply: { cables: [into.id], by: 'resistance', on: '2026-11-25', readings: [] } }
			: box;
	})
});

const byDayOneOf = 8;
describe('moving any outlet anywhere', () => {
	it.each([
		fennelLaneRecorded(),
		tanneryRow(),
		withSupplies(fennelLaneRecorded()),
		withSupplies(tanneryRow())
	])('$name: is done, or refused for a reason that names what to do; never a house that is wrong', (home) => {
		// By day one of eight outlets, others in each home; in the long run all.
		const first = home.name.length % byDayOneOf;
		const outlets = home.boxes
			.filter(({ use }) => use === 'outlet')
			.map(({ id }) => id)
			.filter((_, k) => everything || k % byDayOneOf === first);
		let done = 0;
		for (const box of outlets)
			for (const circuit of home.circuits) {
				const there = chain(home, circuit.id).filter((id) => id !== box);
				for (const spot of ['panel' as const, ...there.map((id) => ({ box: id }))]) {
					const edited = editHouse(home, [
						{ do: 'placeBox', box, spot: { circuit: circuit.id, after: spot } }
					]);
					if (edited.ok) {
						done++;
						expect(chain(edited.house, circuit.id)).toContain(box);
					} else expect([box, circuit.id, spot, edited.refusal.code]).not.toContain('wouldBeWrong');
				}
			}
		expect(done).toBeGreaterThan(everything ? 50 : 5);
	});
});
