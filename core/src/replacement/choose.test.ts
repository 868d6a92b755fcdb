import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atFennelLane } from '../../test/atHome';
import { places, replacingRules, type Edition, type FactName, type Facts } from '../rules';
import { familyOf, forRules, soldIn } from '../devices';
import { choose, judgePart, type Level } from './choose';

const tri = fc.constantFrom(true, false, null);
/** Facts as they can be, known or not. */
const anyFacts = (region: 'us' | 'uk'): fc.Arbitrary<Facts> =>
	fc.record({
		region: fc.constant(region),
		edition: fc.constantFrom<Edition>(...(region === 'us' ? (['2017', '2020', '2023'] as const) : (['2018', '2018A2'] as const))), // prettier-ignore
		place: fc.constantFrom(...places, null),
		nearWater: tri,
		counter: tri,
		finished: tri,
		damp: fc.constantFrom('dry', 'damp', 'wet', null),
		high: tri,
		reachable: tri,
		applianceSpace: tri,
		ground: tri,
		metalBox: fc.boolean(),
		roomInBox: tri,
		depthMm: fc.constantFrom(16, 25, 35, 47, 70, null),
		depthNowMm: fc.constantFrom(14, 15, 25, 34),
		outletsNow: fc.constantFrom(1, 2),
		groundedNow: fc.boolean(),
		circuitA: fc.constantFrom(15, 20, 30),
		alone: fc.boolean(),
		sharedNeutral: fc.boolean(),
		aluminium: fc.boolean(),
		halvesApart: fc.constantFrom('no', 'switched', 'circuits'),
		cables: fc.constantFrom(1, 2, 3),
		guardedBefore: tri,
		arcBefore: tri,
		arcFirst: tri,
		outletsAfter: fc.constantFrom(0, 1, 3),
		hardHere: fc.boolean(),
		wantsGround: fc.boolean(),
		spur: fc.constantFrom('no', 'alone', 'withOthers', null),
		groundCanBeBrought: tri,
		arcBreakerSold: tri,
		arcReceptacleSold: tri
	});
const either = fc.oneof(anyFacts('us'), anyFacts('uk'));
const seed = drawn(413, 500);

describe('the choice', () => {
	it('knowing more never makes allowed what was not', () => {
		fc.assert(
			fc.property(either, either, (facts, others) => {
				// The same facts with whatever wasn't known now known.
				const more = Object.fromEntries(
					Object.entries(facts).map(([name, value]) => [name, value ?? others[name as FactName]])
				) as unknown as Facts;
				fc.pre(facts.region === others.region);
				for (const { id } of soldIn(facts.region)) {
					const [was, is] = [judgePart(facts, id), judgePart(more, id)];
					if (was.level === 'notAllowed') expect(is.level).toBe('notAllowed');
					// And what was told for sure stays told.
					for (const { rule, effect, state } of was.reasons)
						if (state === 'holds' && effect !== 'needs')
							expect(is.reasons).toContainEqual(expect.objectContaining({ rule, effect, state }));
				}
			}),
			seed
		);
	});

	it('a stricter edition drops nothing that was asked', () => {
		fc.assert(
			fc.property(anyFacts('us'), (facts) => {
				for (const { id } of soldIn('us')) {
					const asked = (edition: Edition) =>
						judgePart({ ...facts, edition }, id)
							.reasons.filter(({ state }) => state === 'holds')
							.map(({ rule, effect }) => `${rule} ${effect}`);
					const [first, second, third] = [asked('2017'), asked('2020'), asked('2023')];
					expect(second).toEqual(expect.arrayContaining(first));
					expect(third).toEqual(expect.arrayContaining(second));
				}
			}),
			seed
		);
	});

	it('says of everything open what is not known, and of nothing else', () => {
		fc.assert(
			fc.property(either, (facts) => {
				for (const { reasons } of choose(facts).parts)
					for (const { state, unknown } of reasons) {
						expect(unknown.length > 0).toBe(state === 'open');
						for (const fact of unknown) expect(facts[fact]).toBe(null);
					}
			}),
			{ ...seed, numRuns: 600 }
		);
	});

	it('asks only for what would change the answer, and for nothing once all is known', () => {
		fc.assert(
			fc.property(either, (facts) => {
				const { ask } = choose(facts);
				for (const fact of ask) expect(facts[fact]).toBe(null);
				const known = Object.values(facts).every((value) => value !== null);
				if (known) expect(ask).toEqual([]);
			}),
			{ ...seed, numRuns: 300 }
		);
	});

	it('a rule reads nothing but what it says it reads', () => {
		// What is asked of the circuit and the box is always on record; what somebody has to say is listed.
		const said = ['place', 'nearWater', 'counter', 'finished', 'damp', 'high', 'reachable', 'applianceSpace', 'ground', 'roomInBox', 'depthMm', 'guardedBefore', 'arcBefore', 'spur'] as const; // prettier-ignore
		fc.assert(
			fc.property(either, either, fc.constantFrom(...said), (facts, others, fact) => {
				fc.pre(facts.region === others.region);
				const then = { ...facts, [fact]: others[fact] } as Facts;
				for (const { id } of soldIn(facts.region)) {
					const part = forRules(familyOf(id), 15);
					for (const rule of replacingRules[facts.region]) {
						if (rule.reads.includes(fact)) continue;
						expect(rule.applies(then, part), `${rule.id} ${fact}`).toBe(rule.applies(facts, part));
						expect(rule.met?.(then, part)).toBe(rule.met?.(facts, part));
					}
				}
			}),
			{ ...seed, numRuns: 400 }
		);
	});

	const level = (facts: Facts, part: Parameters<typeof judgePart>[1]): Level => judgePart(facts, part).level;

	it('puts the place first where nothing is known of a kitchen outlet but its name', () => {
		const kitchen = {
			...atFennelLane('kitchen-table'),
			counter: null,
			nearWater: false,
			depthMm: 70,
			roomInBox: true
		};
		expect(choose(kitchen).ask[0]).toBe('counter');
		expect(choose({ ...kitchen, counter: true }).ask).not.toContain('counter');
	});

	it('calls right what the wishes ask for, and says what the others lack', () => {
		const sewing = { ...atFennelLane('sewing-east-wall'), arcBefore: true, depthMm: 70, roomInBox: true };
		expect(level(sewing, 'duplex')).toBe('right');
		const { parts } = choose(sewing, { usb: true });
		expect(parts[0]).toMatchObject({ part: 'usb', level: 'right' });
		expect(parts.find(({ part }) => part === 'duplex')).toMatchObject({ level: 'allowed', lacks: ['usb'] });
		const square = choose(sewing, { decorator: true }).parts.filter(({ lacks }) => lacks.length === 0);
		expect(square.map(({ part }) => part).sort()).toEqual([
			'decorator',
			'dualFunction',
			'gfci',
			'gfciUsb',
			'usb'
		]);
	});
});
