import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cableEnd } from '../../test/cableEnd';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import {
	circuitsInBox,
	deviceModel,
	editHouse,
	findBox,
	hasOutlet,
	walkChain,
	withBox,
	type House
} from '../house';
import { planJob, planWhole, type JobPlan } from '../job';
import { feeds } from '../wiring';
import { choose, factsIn, factsOf, ruledOut } from '.';

const kinds = arrangements.filter(({ kind }) => kind !== 'fusedSpur' && kind !== 'passingThrough');

/** A box as it is met, at a place that somebody has described. */
const boxes = fc.record({
	arrangement: fc.constantFrom(...kinds),
	material: fc.constantFrom('metal' as const, 'plastic' as const),
	depthMm: fc.constantFrom(16, 35, 60, 90),
	place: fc.record({
		kind: fc.constantFrom('other', 'bathroom', 'bedroom', 'garage', 'kitchen'),
		nearWater: fc.boolean(),
		damp: fc.constantFrom('dry', 'damp'),
		reachable: fc.boolean()
	}),
	metres: fc.array(fc.double({ min: 1, max: 30, noNaN: true }), { minLength: 3, maxLength: 4 })
});

/** Why a part can’t be had fed in any way; `null`: it can, or its terminals don’t take what is there, which no rule speaks of. */
function whyNone(house: House, boxId: string, part: Parameters<typeof wishOf>[0]): string | null {
	const failures: string[] = [];
	for (const feed of feeds) {
		const made = planWhole(house, [{ boxId, wish: wishOf(part, feed) }]);
		if (made.ok) return null;
		failures.push(made.failure.code);
	}
	return failures.every((code) => code === 'wish') ? null : failures.join();
}

describe('what the rules allow, and what the model makes of it', () => {
	it('everything that is right or allowed can be planned, and the model passes it', () => {
		let allowed = 0;
		fc.assert(
			fc.property(boxes, ({ arrangement, material, depthMm, place, metres }) => {
				const built = arrangement.build({ boxMaterial: material, lengthsM: metres });
				const house = withBox(built, here, (box) => ({ ...box, depthMm, place, volumeIn3: 40 }));
				const known = factsOf(house, here);
				// Where the same again is refused (a shared neutral of two handles, say) nothing is to be had.
				if (!known || !planJob(house, here).ok) return;
				for (const { part, level } of choose(known.facts).parts) {
					if (level !== 'right' && level !== 'allowed') continue;
					allowed++;
					const failure = whyNone(house, here, part);
					// What protects isn't taken away, though the rules ask for nothing here: the model says so where the plan is made.
					if (deviceModel(findBox(house, here)!.device!).protection) {
						expect([null, 'planFails']).toContain(failure && failure.split(',')[0]);
						continue;
					}
					expect(failure && [arrangement.kind, material, part, failure]).toBe(null);
				}
			}),
			drawn(1306, 100, 1000)
		);
		expect(allowed).toBeGreaterThan(90);
	});

	it('a chain whose head gets a GFCI is told to be guarded, box by box', () => {
		const house = fennelLaneRecorded();
		const plans = planned(house, [
			['reading-alcove', 'gfci', 'protected'],
			['reading-lamp-table', 'duplex', 'asFound']
		]);
		expect(factsOf(house, 'reading-lamp-table')!.facts.guardedBefore).toBe(false);
		expect(factsIn(house, plans, 'reading-lamp-table')!.facts.guardedBefore).toBe(true);
		expect(ruledOut(house, plans)).toBe(null);
	});
});

function planned(
	house: House,
	wishes: readonly (readonly [
		box: string,
		part: Parameters<typeof wishOf>[0],
		feed: (typeof feeds)[number]
	])[]
): readonly JobPlan[] {
	const made = planWhole(
		house,
		wishes.map(([boxId, part, feed]) => ({ boxId, wish: wishOf(part, feed) }))
	);
	if (!made.ok) throw new Error(JSON.stringify(made.failure));
	return made.plans;
}

describe('a rule in the way of what is wished for', () => {
	it('is named with its clause: a rating that the circuit doesn’t have', () => {
		const house = fennelLaneRecorded();
		const made = planWhole(house, [
			{ boxId: 'sewing-east-wall', wish: wishOf('duplex', 'asFound', { ratingA: 20 }) }
		]);
		expect(made.ok && ruledOut(house, made.plans)).toEqual({
			box: 'sewing-east-wall',
			rule: 'rating',
			clause: '210.21(B)(3)'
		});
	});

	it('is named: no room for the part', () => {
		const house = tanneryRow();
		const plans = planned(house, [['front-bedroom-bed', 'usbTwin', 'asFound']]);
		expect(ruledOut(house, plans)).toEqual({ box: 'front-bedroom-bed', rule: 'tooDeep', clause: '' });
		const deeper = withBox(house, 'front-bedroom-bed', (box) => ({ ...box, depthMm: 35 }));
		expect(ruledOut(deeper, planned(deeper, [['front-bedroom-bed', 'usbTwin', 'asFound']]))).toBe(null);
	});

	it('isn’t in the way of the same again, nor where nobody has said what it hangs on', () => {
		const house = withBox(fennelLaneRecorded(), 'bath-mirror', (box) => ({
			...box,
			place: { kind: 'bathroom' as const, damp: 'wet' as const }
		}));
		const again = planWhole(house, [{ boxId: 'bath-mirror', wish: null }]);
		expect(again.ok && ruledOut(house, again.plans)).toBe(null);
		expect(ruledOut(house, planned(house, [['bath-mirror', 'usb', 'asFound']]))).toMatchObject({
			rule: 'weather'
		});
		const unsaid = fennelLaneRecorded();
		expect(findBox(unsaid, 'laundry-freezer')!.place).toBe(undefined);
		expect(ruledOut(unsaid, planned(unsaid, [['laundry-freezer', 'gfci', 'asFound']]))).toBe(null);
	});

	it('a rating that was wished for and fits is the one that goes in', () => {
		const house = fennelLaneRecorded();
		const [plan] = planned(house, [['kitchen-table', 'duplex', 'asFound']]);
		const fits = plan!.fittingRatingsA[plan!.recordedBreaker]!;
		expect(fits).toEqual([15, 20]);
		for (const ratingA of fits) {
			const made = planWhole(house, [
				{ boxId: 'kitchen-table', wish: wishOf('duplex', 'asFound', { ratingA }) }
			]);
			expect(made.ok && made.plans[0]!.newDevice).toMatchObject({ ratingA });
		}
	});
});

describe('an outlet where there was none', () => {
	const end = (kind: 'bedroom' | 'other') => ({
		...withBox(cableEnd(false), 'after', (box) => ({
			...box,
			// A place that somebody has described to the last.
			place: {
				kind,
				nearWater: false,
				counter: false,
				finished: true,
				damp: 'dry',
				high: false,
				reachable: true
			} as const,
			volumeIn3: 40
		}))
	});

	it('is asked by the clauses for what is built, and by none for what is replaced', () => {
		const { facts } = factsIn(end('bedroom'), [], 'after')!;
		expect(facts.outletsNow).toBe(0);
		const clauses = choose(facts).parts.flatMap(({ reasons }) => reasons.map(({ clause }) => clause));
		expect(clauses.filter((clause) => clause.includes('406.4(D)'))).toEqual([]);
		expect(clauses).toContain('406.12');
		expect(clauses.some((clause) => clause.startsWith('210.12'))).toBe(true);
	});

	it('needs what the place needs: in a bedroom a circuit that opens at arcs from its beginning, and nothing of the kind elsewhere', () => {
		const bedroom = end('bedroom');
		const extended = { box: 'after', rule: 'arcFaultExtended' };
		expect(ruledOut(bedroom, planned(bedroom, [['after', 'duplex', 'asFound']]))).toMatchObject(extended);
		// At its new end it would protect nothing of the wire before it.
		expect(ruledOut(bedroom, planned(bedroom, [['after', 'dualFunction', 'asFound']]))).toMatchObject(
			extended
		);
		// The circuit's first outlet in the same job, with this one on its load side; or beside it, which guards nothing.
		const first = walkChain(bedroom, circuitsInBox(bedroom, 'after')[0]!.id).find(({ box }) =>
			hasOutlet(box)
		)!;
		const both = (feed: 'protected' | 'pigtails') =>
			ruledOut(
				bedroom,
				planned(bedroom, [
					[first.box.id, 'dualFunction', feed],
					['after', 'duplex', 'asFound']
				])
			);
		expect(both('pigtails')).toMatchObject(extended);
		expect(both('protected')).toBeNull();
		const breaker = circuitsInBox(bedroom, 'after')[0]!.breaker;
		const byBreaker = editHouse(bedroom, [{ do: 'setBreaker', breaker, type: 'arcFault' }]);
		if (!byBreaker.ok) throw new Error(byBreaker.refusal.code);
		expect(ruledOut(byBreaker.house, planned(byBreaker.house, [['after', 'duplex', 'asFound']]))).toBeNull();
		const other = end('other');
		expect(ruledOut(other, planned(other, [['after', 'duplex', 'asFound']]))).toBeNull();
		// Where one is replaced at such a place it is told, and is the person’s to decide.
		const place = findBox(bedroom, 'after')!.place!;
		const replaced = withBox(bedroom, here, (box) => ({ ...box, place, volumeIn3: 40 }));
		expect(factsIn(replaced, [], here)!.facts.outletsNow).toBe(2);
		expect(ruledOut(replaced, planned(replaced, [[here, 'decorator', 'asFound']]))).toBeNull();
	});
});
