import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { twoGang } from '../../test/twoGang';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { withBox, type House } from '../house';
import { planWhole, withBeside, type BoxWish } from '../job';
import {
	asOfNow,
	bill,
	costEntrySchema,
	costsSchema,
	entered,
	isUsedUp,
	needId,
	neededBy,
	needsOfJob,
	noCosts,
	summed,
	takingBack,
	type Costs,
	type Need,
	type Needed
} from '.';

const needed = (house: House, wishes: readonly BoxWish[]): readonly Needed[] => {
	const planned = planWhole(house, wishes);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return needsOfJob(house, planned.plans);
};
/** What is used up, with how many of it. */
const bought = (needs: readonly Needed[]): string[] =>
	needs.filter(({ need }) => isUsedUp(need)).map(({ need, count }) => `${count} ${needId(need)}`);
const built = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();

describe('what a plan needs', () => {
	it('another style on its own screws: the part and its plate, and nothing else', () => {
		const needs = needed(built('middleThrough'), [{ boxId: here, wish: wishOf('decorator') }]);
		expect(bought(needs)).toEqual(['1 part decorator 15 false', '1 plate square']);
		expect(needs.map(({ need }) => needId(need))).toContain('stripper 14AWG');
	});

	it('pigtails made where there were none: a connector of three and a tail for hot and for neutral', () => {
		const needs = needed(built('middleThrough'), [{ boxId: here, wish: wishOf('duplex', 'pigtails') }]);
		expect(bought(needs).toSorted()).toEqual(
			[
				'1 part duplex 15 false',
				'1 plate rounded',
				// Two cables and the tail: three conductors under each.
				'2 connector lever 14AWG 3',
				'1 tail black 14AWG',
				'1 tail white 14AWG'
			].toSorted()
		);
	});

	it('two devices of one box share a plate; the labels of a chain without a ground are counted', () => {
		const two = needed(twoGang(), [
			{ boxId: here, wish: wishOf('gfci', 'protected') },
			{ boxId: 'after', wish: wishOf('decorator') }
		]);
		expect(bought(two).filter((each) => each.includes('gangPlate'))).toEqual(['1 gangPlate 2']);
		const chain = needed(fennelLaneRecorded(), [
			{ boxId: 'reading-alcove', wish: wishOf('gfci', 'protected') },
			{ boxId: 'reading-lamp-table', wish: wishOf('duplex') },
			{ boxId: 'reading-stove-wall', wish: wishOf('duplex') }
		]);
		expect(
			bought(chain)
				.filter((each) => each.includes('label'))
				.toSorted()
		).toEqual(['2 label gfciProtected', '3 label noEquipmentGround']);
	});

	it('what is only put back needs nothing; a uk face is its own plate', () => {
		const desk = fennelLaneRecorded();
		const both = withBeside(desk, [{ boxId: 'living-desk', wish: wishOf('decorator') }]);
		expect(bought(needed(desk, both))).toEqual(['1 part decorator 15 false', '1 gangPlate 2']);
		const uk = needed(tanneryRow(), [{ boxId: 'box-room-desk', wish: wishOf('usbTwin') }]);
		expect(bought(uk)).toEqual(['1 part usbTwin 13 false']);
		expect(uk.map(({ need }) => needId(need))).toContain('tool sleeving');
	});
});

const aNeed: fc.Arbitrary<Need> = fc.oneof(
	fc.record({
		kind: fc.constant('part' as const),
		part: fc.constantFrom('duplex' as const, 'gfci' as const),
		ratingA: fc.constantFrom(15, 20),
		weatherResistant: fc.boolean()
	}),
	fc.record({
		kind: fc.constant('connector' as const),
		how: fc.constantFrom('lever' as const, 'twistOn' as const),
		wires: fc.integer({ min: 2, max: 5 }),
		size: fc.constantFrom('14AWG' as const, '12AWG' as const)
	}),
	fc.record({
		kind: fc.constant('stripper' as const),
		size: fc.constantFrom('14AWG' as const, '12AWG' as const)
	}),
	fc.constantFrom({ kind: 'cap' as const }, { kind: 'tool' as const, tool: 'driver' as const })
);
const needs = fc.array(
	fc.record({ need: aNeed, count: fc.integer({ min: 1, max: 9 }), at: fc.constant<string[]>([]) }),
	{ maxLength: 12 }
);

describe('a list of several', () => {
	it('loses nothing and makes nothing up, in whatever order it is written', () => {
		fc.assert(
			fc.property(needs, (all) => {
				const once = summed(all);
				expect(new Set(once.map(({ need }) => needId(need))).size).toBe(once.length);
				const total = (of: readonly Needed[], id: string) =>
					of.reduce((sum, each) => sum + (needId(each.need) === id ? each.count : 0), 0);
				for (const { need, count } of once) expect(count).toBe(isUsedUp(need) ? total(all, needId(need)) : 1);
				const names = (of: readonly Needed[]) =>
					of.map(({ need, count }) => `${count} ${needId(need)}`).sort();
				expect(names(summed([...all].reverse()))).toEqual(names(once));
				expect(summed(once)).toEqual(once);
			}),
			drawn(20261127, 300)
		);
	});

	it('names two things alike only where they are the same', () => {
		fc.assert(
			fc.property(aNeed, aNeed, (a, b) => {
				const same = JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort());
				expect(needId(a) === needId(b)).toBe(same);
			}),
			drawn(20261127, 500)
		);
	});
});

describe('for which outlet, and with which marks', () => {
	it('each line names the boxes that it is for; a part for a damp place has “WR” on it, and that at the dry one hasn’t', () => {
		const house = built('middleThrough');
		const damp: House = {
			...house,
			boxes: house.boxes.map((box) =>
				box.id === 'after' ? { ...box, place: { kind: 'outdoors', damp: 'wet' } } : box
			)
		};
		const boxes = [
			{ boxId: here, wish: wishOf('gfci', 'protected') },
			{ boxId: 'after', wish: wishOf('duplex') }
		];
		const kept = asOfNow(damp, { id: 'k', keptAt: '2026-11-27T10:00:00Z', plan: { boxes } });
		if (!kept.ok) throw new Error(JSON.stringify(kept.failure));
		const line = (id: string) => kept.needs.find(({ need }) => needId(need) === id);
		expect(line('part gfci 15 false')).toMatchObject({ count: 1, at: [here] });
		expect(line('part duplex 15 true')).toMatchObject({ count: 1, at: ['after'] });
		expect(line('plate rounded')).toMatchObject({ at: ['after'] });
		expect(line('tool driver')).toMatchObject({ count: 1, at: [here, 'after'] });
	});
});

describe('what it costs', () => {
	const gfci: Need = { kind: 'part', part: 'gfci', ratingA: 15, weatherResistant: false };
	const tail: Need = { kind: 'tail', colour: 'black', size: '14AWG' };
	const driver: Need = { kind: 'tool', tool: 'driver' };
	const list: readonly Needed[] = [
		{ need: driver, count: 1, at: [] },
		{ need: gfci, count: 2, at: [] },
		{ need: tail, count: 3, at: [] }
	];
	const costs: Costs = {
		prices: { [needId(gfci)]: 2150, [needId(tail)]: 25 },
		owned: [needId(driver)],
		minutes: 90,
		hour: 3000,
		callOut: 18_000
	};

	it('by hand: two at 21.50 and three at 0.25, an hour and a half at 30.00, against a call-out of 180.00', () => {
		expect(bill(list, costs)).toMatchObject({
			parts: 4375,
			unpriced: 0,
			time: 4500,
			callOut: 18_000,
			saved: 9125
		});
		// Used up first, tools after; what one has costs nothing.
		expect(bill(list, costs).lines.map(({ sum }) => sum)).toEqual([4300, 75, 0]);
	});

	it('says what isn’t known and compares nothing until it is', () => {
		const unknown = bill(list, { ...costs, prices: {} });
		expect(unknown).toMatchObject({ parts: 0, unpriced: 2, saved: null });
		expect(bill(list, { ...costs, hour: null })).toMatchObject({ time: null, saved: 13_625 });
		expect(bill(list, { ...costs, callOut: 1000 }).saved).toBe(-7875);
		expect(bill([], noCosts)).toMatchObject({ lines: [], parts: 0, saved: null });
	});

	it('a figure is entered, put right and taken away; nothing else moves, whatever its name', () => {
		const entry = fc.oneof(
			fc.record({
				set: fc.constant('price' as const),
				need: fc.constantFrom('a', 'b', 'constructor'),
				minor: fc.option(fc.integer({ min: 0, max: 10_000 }))
			}),
			fc.record({
				set: fc.constant('owned' as const),
				need: fc.constantFrom('a', 'b', 'toString'),
				is: fc.boolean()
			}),
			fc.record({ set: fc.constant('callOut' as const), minor: fc.option(fc.integer({ min: 0, max: 99 })) })
		);
		fc.assert(
			fc.property(fc.array(entry, { maxLength: 20 }), (entries) => {
				const all = entries.reduce(entered, noCosts);
				const stored = costsSchema.parse(JSON.parse(JSON.stringify(all)));
				for (const need of ['a', 'b', 'constructor']) {
					const last = entries.findLast((each) => each.set === 'price' && each.need === need);
					const price = new Map(Object.entries(stored.prices)).get(need);
					expect(price ?? null).toBe(last && last.set === 'price' ? last.minor : null);
				}
				// Taking the last one back leaves what was before it.
				const last = entries.at(-1);
				if (last) {
					const before = entries.slice(0, -1).reduce(entered, noCosts);
					const again = entered(entered(before, last), takingBack(before, last));
					const plain = ({ prices, owned, ...rest }: Costs) => [
						Object.entries(prices).sort(),
						[...owned].sort(),
						rest
					];
					expect(plain(again)).toEqual(plain(before));
				}
				const has = entries.findLast((each) => each.set === 'owned' && each.need === 'a');
				expect(stored.owned.filter((id) => id === 'a').length).toBe(
					has && has.set === 'owned' && has.is ? 1 : 0
				);
			}),
			drawn(20261127, 300)
		);
		for (const need of ['__proto__', '', 'A', 'a\n'])
			expect(costEntrySchema.safeParse({ set: 'owned', need, is: true }).success).toBe(false);
		for (const wrong of [-1, 1.5, 1e12])
			expect(costEntrySchema.safeParse({ set: 'callOut', minor: wrong }).success).toBe(false);
	});
});

describe('a plan kept for another day', () => {
	const kept = (boxes: readonly BoxWish[]) => ({ id: 'k', keptAt: '', plan: { boxes: [...boxes] } });
	it('is planned on the house as it is then, and says where it can’t be done any more', () => {
		const house = fennelLaneRecorded();
		const plan = kept([{ boxId: 'living-bookcase', wish: wishOf('gfci', 'protected') }]);
		const now = asOfNow(house, plan);
		expect(now.ok).toBe(true);
		expect(bought(neededBy([now, now])).find((each) => each.includes('part'))).toBe('2 part gfci 15 false');
		const gone = asOfNow({ ...house, boxes: house.boxes.filter(({ id }) => id !== 'living-bookcase') }, plan);
		expect(gone).toMatchObject({ ok: false, failure: { code: 'unknownBox' } });
		expect(neededBy([gone])).toEqual([]);
	});

	it('a rule that has come to stand in its way takes it off the needs', () => {
		const plan = kept([{ boxId: 'living-bookcase', wish: wishOf('usb') }]);
		expect(asOfNow(fennelLaneRecorded(), plan).ok).toBe(true);
		const bath = withBox(fennelLaneRecorded(), 'living-bookcase', (box) => ({
			...box,
			place: { kind: 'bathroom' as const, damp: 'wet' as const }
		}));
		expect(asOfNow(bath, plan)).toMatchObject({
			ok: false,
			failure: { code: 'ruledOut', box: 'living-bookcase' }
		});
	});
});
