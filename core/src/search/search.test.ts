import { drawn, seedOf } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { candidatesOf, follow, honest, randomPanel, seeded } from '../../test/searchPanels';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { editHouse, type House } from '../house';
import {
	candidatesFor,
	costOfOrder,
	defaultSettings,
	planOrder,
	planSets,
	searchStand,
	type Item,
	type SearchEvent,
	type SearchSettings
} from './index';

const item = fc.record({
	probability: fc.double({ min: 0.001, max: 1, noNaN: true }),
	costS: fc.double({ min: 0, max: 300, noNaN: true })
});
const rest = fc.double({ min: 0, max: 0.5, noNaN: true });
const normal = (items: readonly Item[], restWeight: number) => {
	const total = items.reduce((sum, { probability }) => sum + probability, restWeight);
	return {
		items: items.map((each) => ({ ...each, probability: each.probability / total })),
		rest: restWeight / total
	};
};
const permutations = (n: number): number[][] =>
	n === 0
		? [[]]
		: permutations(n - 1).flatMap((p) =>
				Array.from({ length: n }, (_, k) => [...p.slice(0, k), n - 1, ...p.slice(k)])
			);

/** Every plan there is, written down anew without tables: which set to test, and what follows either answer. */
function cheapest(
	items: readonly Item[],
	left: readonly number[],
	restWeight: number,
	lookS: number
): number {
	if (left.length === 0) return 0;
	const weight = (ks: readonly number[]) => ks.reduce((sum, k) => sum + items[k]!.probability, 0);
	const total = weight(left) + restWeight;
	let best = Infinity;
	for (let mask = 1; mask < 1 << left.length; mask++) {
		const test = left.filter((_, k) => mask & (1 << k));
		const other = left.filter((_, k) => !(mask & (1 << k)));
		if (other.length === 0 && restWeight === 0 && left.length > 1) continue;
		const dark =
			test.length === 1
				? 0
				: test.length === left.length && restWeight === 0
					? Infinity
					: cheapest(items, test, 0, lookS);
		const share = weight(test) / total;
		const on = cheapest(items, other, restWeight, lookS);
		best = Math.min(
			best,
			lookS + test.reduce((sum, k) => sum + items[k]!.costS, 0) + share * dark + (1 - share) * on
		);
	}
	return best;
}

describe('plans', () => {
	it('one by one: no order of up to 6 is cheaper', () => {
		fc.assert(
			fc.property(
				fc.array(item, { minLength: 1, maxLength: 6 }),
				rest,
				fc.constantFrom(0, 5, 60),
				(raw, restWeight, lookS) => {
					const { items, rest: left } = normal(raw, restWeight);
					const planned = planOrder(items, left, lookS).expectedS;
					for (const order of permutations(items.length))
						expect(planned).toBeLessThanOrEqual(costOfOrder(items, order, left, lookS).expectedS + 1e-9);
				}
			),
			drawn(20261124, 60)
		);
	});

	it('in sets: as cheap as the best of all plans there are, up to 5', () => {
		fc.assert(
			fc.property(
				fc.array(item, { minLength: 1, maxLength: 5 }),
				fc.oneof(fc.constant(0), fc.constant(0.1)),
				fc.constantFrom(5, 60),
				(raw, restWeight, lookS) => {
					const { items, rest: left } = normal(raw, restWeight);
					const planned = planSets(items, left, lookS);
					expect(planned.expectedS).toBeCloseTo(
						cheapest(
							items,
							items.map((_, k) => k),
							left,
							lookS
						),
						6
					);
					expect(planned.method).toBe('exactSets');
				}
			),
			drawn(20261124, 60)
		);
	});

	it('of equal chances and free switches it halves: 8 breakers to 2 in two looks, and the last two in one and a half', () => {
		const items = Array.from({ length: 8 }, () => ({ probability: 1 / 8, costS: 0 }));
		const planned = planSets(items, 0, 60);
		expect(planned).toMatchObject({ expectedTests: 3.5, expectedS: 210 });
	});

	it('is never dearer in expectation than from top to bottom, however many there are', () => {
		fc.assert(
			fc.property(
				fc.array(item, { minLength: 1, maxLength: 40 }),
				rest,
				fc.constantFrom(5, 60),
				(raw, restWeight, lookS) => {
					const { items, rest: left } = normal(raw, restWeight);
					const down = costOfOrder(
						items,
						items.map((_, k) => k),
						left,
						lookS
					).expectedS;
					const best = planOrder(items, left, lookS).expectedS;
					expect(best).toBeLessThanOrEqual(down + 1e-9);
					expect(planSets(items, left, lookS).expectedS).toBeLessThanOrEqual(best + 1e-9);
				}
			),
			drawn(20261124, 200)
		);
	});

	it('beyond 12 the runs stay near the exact plan, where both can be had', () => {
		const random = seeded(seedOf(5));
		let worst = 1;
		for (let k = 0; k < 20; k++) {
			const { items } = normal(
				Array.from({ length: 12 }, () => ({ probability: random() ** 3, costS: 4 })),
				0.03
			);
			const exact = planSets(items, 0.03, 60).expectedS;
			// A thirteenth without weight or cost makes it take the runs.
			const runs = planSets([...items, { probability: 0, costS: 0 }], 0.03, 60);
			expect(runs.method).toBe('runsInOrder');
			worst = Math.max(worst, runs.expectedS / exact);
		}
		expect(worst).toBeLessThan(1.1);
	});
});

describe('candidates', () => {
	it('a label that names the room comes first, and is not trusted again once contradicted', () => {
		const house = fennelLaneRecorded();
		expect(candidatesFor(house, 'sewing-east-wall')[0]).toMatchObject({
			id: 'b11',
			reasons: [{ code: 'labelNamesRoom' }, { code: 'recorded' }]
		});
		const contradicted = editHouse(house, [
			{
				do: 'addFinding',
				breaker: 'b11',
				box: 'sewing-east-wall',
				finding: 'doesNotFeed',
				on: '2026-11-24',
				how: 'stayed live'
			}
		]);
		if (!contradicted.ok) throw new Error();
		for (const box of ['sewing-east-wall', 'sewing-closet']) {
			const eleven = candidatesFor(contradicted.house, box).find(({ id }) => id === 'b11')!;
			expect(eleven.reasons.map(({ code }) => code)).toContain('labelContradicted');
			expect(eleven.reasons.map(({ code }) => code)).not.toContain('labelNamesRoom');
		}
	});

	it('what cannot feed a socket by its rating or its name is set far back', () => {
		const uk = candidatesFor(tanneryRow(), 'box-room-desk');
		expect(uk[0]!.id).toBe('b5');
		const rank = (id: string) => uk.findIndex((each) => each.id === id);
		for (const id of ['b3', 'b4', 'b6']) expect(uk[rank(id)]!.probability).toBeLessThan(0.01);
		expect(rank('b1')).toBeGreaterThan(rank('b2'));
		const total = uk.reduce((sum, { probability }) => sum + probability, 0);
		expect(total).toBeCloseTo(0.97, 6);
	});

	it('what may not go off is not switched until it is released', () => {
		const withMedical = editHouse(fennelLaneRecorded(), [
			{ do: 'addLoad', box: 'sewing-closet', name: 'breathing aid', matters: 'medical' }
		]);
		if (!withMedical.ok) throw new Error();
		expect(
			candidatesFor(withMedical.house, 'sewing-east-wall').find(({ id }) => id === 'b11')!.forbidden
		).toBe(true);
		expect(
			candidatesFor(withMedical.house, 'sewing-east-wall', ['b11']).find(({ id }) => id === 'b11')!.forbidden
		).toBe(false);
	});
});

describe('a search', () => {
	const lamp: SearchSettings = defaultSettings;
	const radio: SearchSettings = { ...defaultSettings, means: 'radio', hearing: 0.95 };

	it('finds the breaker in every panel, by every means, whatever the labels say', () => {
		const random = seeded(seedOf(11));
		for (let k = 0; k < 60; k++) {
			const panel = randomPanel(random, (k % 10) / 10);
			const candidates = candidatesOf(panel);
			for (const settings of [
				lamp,
				radio,
				{ ...lamp, means: 'helper' as const },
				{ ...lamp, means: 'signal' as const },
				{ ...lamp, sets: false }
			])
				expect(
					follow(
						candidates,
						settings,
						honest(random, [panel.truth], 0.95),
						(id) => id === panel.truth,
						() => panel.truth
					)
				).toMatchObject({ right: true });
		}
	});

	it('survives one wrong answer anywhere', () => {
		const random = seeded(seedOf(12));
		for (let k = 0; k < 40; k++) {
			const panel = randomPanel(random, 0.5);
			const wrongAt = Math.floor(random() * 4);
			let asked = 0;
			const answer = honest(random, [panel.truth], 1);
			const result = follow(
				candidatesOf(panel),
				lamp,
				(off, by) => (asked++ === wrongAt ? (answer(off, by) === 'dark' ? 'on' : 'dark') : answer(off, by)),
				(id) => id === panel.truth
			);
			// Where a right “on” was contradicted, one too many may end up off. A wrong “dark” as the very last answer cannot be known here: the readings at the outlet find it out.
			expect(result.right || result.among || result.moves === wrongAt + 1).toBe(true);
			expect(result.moves).toBeLessThan(60);
		}
	});

	it('finds two that feed it together, and says when it is none of them', () => {
		const random = seeded(seedOf(13));
		let both = 0;
		for (let k = 0; k < 20; k++) {
			const panel = randomPanel(random, 0.5);
			const candidates = candidatesOf(panel).slice(0, 14);
			const pair = [candidates[1]!.id, candidates[4]!.id];
			const result = follow(candidates, lamp, honest(random, pair, 1), () => false);
			if (result.end === 'several') both++;
			expect(follow(candidates, lamp, honest(random, [], 1), () => false).end).toBe('noneOfThese');
		}
		expect(both).toBe(20);
	});

	it('“not sure” asks for one’s own eyes, then turns to another; nothing is asked for ever', () => {
		const candidates = candidatesFor(fennelLaneRecorded(), 'sewing-east-wall');
		const first = searchStand(candidates, radio, []).next!;
		if (first.kind !== 'switch') throw new Error();
		const events: SearchEvent[] = [{ kind: 'answer', off: first.off, answer: 'unsure', by: 'radio' }];
		expect(searchStand(candidates, radio, events).next).toMatchObject({
			off: first.off,
			by: 'lamp',
			why: 'lookYourself'
		});
		events.push({ kind: 'answer', off: first.off, answer: 'unsure', by: 'lamp' });
		const then = searchStand(candidates, radio, events).next!;
		expect(then.kind === 'switch' && [...then.off].sort().join()).not.toBe([...first.off].sort().join());
	});

	it('answers that contradict each other are noticed and widen the search again', () => {
		const candidates = candidatesFor(fennelLaneRecorded(), 'sewing-east-wall');
		const events: SearchEvent[] = [
			{ kind: 'answer', off: ['b11'], answer: 'dark', by: 'lamp' },
			{ kind: 'answer', off: ['b11'], answer: 'on', by: 'lamp' }
		];
		const before = searchStand(candidates, lamp, events.slice(0, 1));
		const stand = searchStand(candidates, lamp, events);
		expect(before.end).toEqual({ kind: 'found', breaker: 'b11' });
		expect(stand).toMatchObject({ contradicted: true, end: null });
	});

	it('whatever is answered, the same move is not made over and over', () => {
		const candidates = candidatesFor(fennelLaneRecorded(), 'sewing-east-wall');
		fc.assert(
			fc.property(
				fc.array(fc.constantFrom('dark', 'on', 'unsure') as fc.Arbitrary<'dark' | 'on' | 'unsure'>, {
					minLength: 60,
					maxLength: 60
				}),
				(answers) => {
					const events: SearchEvent[] = [];
					const made = new Map<string, number>();
					for (const answer of answers) {
						const { next, end } = searchStand(candidates, lamp, events);
						if (end || next?.kind !== 'switch') break;
						const key = [...next.off].sort().join();
						made.set(key, (made.get(key) ?? 0) + 1);
						expect(made.get(key)).toBeLessThanOrEqual(4);
						events.push({ kind: 'answer', off: next.off, answer, by: next.by });
					}
				}
			),
			drawn(20261124, 100)
		);
	});

	it('what is left to expect is said where a plan says it, the other ways it may turn out included, and nowhere else', () => {
		const candidates = candidatesFor(fennelLaneRecorded(), 'sewing-east-wall');
		const first = searchStand(candidates, lamp, []).next!;
		if (first.kind !== 'switch') throw new Error();
		// One look if it is this one; at least one more in every other case.
		expect(first.off).toEqual(['b11']);
		expect(first.expected!.walks).toBeGreaterThanOrEqual(1 + (1 - first.chance));
		const muddled: SearchEvent[] = [
			{ kind: 'answer', off: ['b11'], answer: 'dark', by: 'lamp' },
			{ kind: 'answer', off: ['b11'], answer: 'on', by: 'lamp' },
			{ kind: 'answer', off: ['b11', 'b10'], answer: 'dark', by: 'lamp' }
		];
		for (let count = 0; count < 8; count++) {
			const { next } = searchStand(candidates, lamp, muddled);
			if (next?.kind !== 'switch') break;
			if (next.method === 'byInformation') expect(next.expected).toBeNull();
			muddled.push({ kind: 'answer', off: next.off, answer: count % 2 ? 'dark' : 'on', by: 'lamp' });
		}
	});

	it('what is to stay on is never switched, and with all of them to stay on it says so', () => {
		const candidates = candidatesFor(fennelLaneRecorded(), 'sewing-east-wall');
		const keepOn = candidates.slice(0, 6).map(({ id }) => id);
		const events: SearchEvent[] = [];
		for (let count = 0; count < 12; count++) {
			const { next, end } = searchStand(candidates, { ...lamp, keepOn }, events);
			if (end) break;
			if (next?.kind !== 'switch') throw new Error('a lamp sweeps nothing');
			for (const id of keepOn) expect(next.off).not.toContain(id);
			events.push({ kind: 'answer', off: next.off, answer: 'on', by: 'lamp' });
		}
		const all = { ...lamp, keepOn: candidates.map(({ id }) => id) };
		expect(searchStand(candidates, all, []).end?.kind).toBe('onlyForbiddenLeft');
	});

	it('what was found to feed another room is set back, what feeds this room comes forward', () => {
		const house = fennelLaneRecorded();
		const found = (breaker: string, box: string) =>
			editHouse(house, [{ do: 'addFinding', breaker, box, finding: 'feeds', on: '2026-11-25', how: 'test' }]);
		const chance = (made: ReturnType<typeof editHouse>, id: string) => {
			if (!made.ok) throw new Error();
			return candidatesFor(made.house, 'sewing-east-wall').find((each) => each.id === id)!.probability;
		};
		const before = candidatesFor(house, 'sewing-east-wall').find(({ id }) => id === 'b10')!.probability;
		expect(chance(found('b10', 'music-piano'), 'b10')).toBeLessThan(before);
		expect(chance(found('b10', 'sewing-closet'), 'b10')).toBeGreaterThan(before);
	});

	it('every candidate excluded, or none there: it says so instead of asking', () => {
		const house: House = fennelLaneRecorded();
		const candidates = candidatesFor(house, 'sewing-east-wall').map((each) => ({ ...each, forbidden: true }));
		expect(searchStand(candidates, lamp, []).end?.kind).toBe('onlyForbiddenLeft');
		expect(searchStand([], lamp, []).end?.kind).toBe('nothingToTry');
	});
});
