import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import { parseHouse } from '../files';
import { circuitsInBox, findBox, withBox, type House } from '../house';
import { readPlugLamps } from '../instruments';
import { outcomeWords } from '../../test/outcomeWords';
import { Person } from '../../test/person';
import { wishOf } from '../../test/wishes';
import {
	foundAsRecorded,
	houseAfterJob,
	mustStop,
	plannerOn,
	planWhole,
	replayWhole,
	soundLamps,
	type Found,
	type WishChoice
} from '.';

const wish = wishOf('decorator');
const here = 'living-bookcase';
const recorded = fennelLaneRecorded();
/** Conductors of the box on other terminals, as somebody once wired it. */
const relanded = (house: House, to: (at: string) => string): House =>
	withBox(house, here, (box) => ({
		...box,
		terminations: box.terminations.map((end) => ({ ...end, at: to(end.at) }))
	}));
const swapped = (at: string): string =>
	at.includes(':hot')
		? at.replace(':hot', ':neutral')
		: at.includes(':neutral')
			? at.replace(':neutral', ':hot')
			: at;
const person = (actual: House, choice: WishChoice | null = null) => {
	const planned = planWhole(recorded, [{ boxId: here, wish: choice }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const { breaker } = circuitsInBox(recorded, here)[0]!;
	return new Person(recorded, actual, planned.plans, [breaker, breaker, breaker]);
};
const toTheEnd = (one: Person) => {
	for (let n = 0; n < 400 && one.state.status === 'underWay'; n++) one.go();
	return one;
};
const afterwards = (one: Person): House =>
	houseAfterJob(recorded, one.plan, one.state, one.events, '2026-11-26', outcomeWords);

describe('a box that holds something else than the record', () => {
	test.each([
		['the same again', null],
		['a decorator style', wish]
	] as const)(
		'hot and neutral reversed by whoever wired it: %s, put right and not copied',
		(_what, choice) => {
			const actual = relanded(recorded, swapped);
			const one = toTheEnd(person(actual, choice));
			expect(one.state.status).toBe('finished');
			// As found it was wrong, and what the plug-in tester shows at the end is right.
			expect(one.state.asFound.upper!.lamps).toEqual({
				hotNeutral: true,
				hotGround: false,
				neutralGround: true
			});
			const after = afterwards(one);
			expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
			for (const half of ['upper', 'lower'] as const)
				expect(readPlugLamps(one.wiring, here, half)).toEqual(soundLamps);
			const hots = findBox(after, here)!.terminations.filter(({ at }) => at.startsWith('terminal:hot'));
			expect(hots.map(({ conductor }) => conductor)).toEqual(['hot', 'hot']);
		}
	);

	test('the work goes on where it was: nothing is proven, switched or read twice but what came into question', () => {
		const one = toTheEnd(person(relanded(recorded, swapped)));
		const count = (kind: string) => one.events.filter(({ body }) => body.kind === kind).length;
		expect([count('planAnew'), count('switchBreaker'), count('hold'), count('lookOver')]).toEqual([
			1, 1, 1, 1
		]);
		expect(one.proofScopes().slice(0, 2)).toEqual(['face', 'bare']);
	});

	test('replays to the same, and without a planner stays with what was begun', () => {
		const one = person(recorded);
		one.until('lookOver');
		const found = foundAsRecorded(recorded, here);
		expect(one.say({ kind: 'planAnew', found }).ok).toBe(true);
		expect(one.plan.work!.same).toBe(true);
		expect(one.plan.foundAs).toEqual(found);
		const begun = one.whole.earlier[0]!;
		expect(replayWhole(begun, one.events, plannerOn(recorded)).boxes).toEqual(one.whole.boxes);
		expect(replayWhole(begun, one.events).plans).toBe(begun);
	});

	test('what can’t be is refused at its place, and nothing changes', () => {
		const one = person(recorded);
		one.until('lookOver');
		const before = one.whole;
		const found = foundAsRecorded(recorded, here);
		const wrong = (change: (ends: Found['terminations']) => Found['terminations']) =>
			one.say({ kind: 'planAnew', found: { ...found, terminations: change(found.terminations) } });
		// A terminal that this device hasn't.
		expect(
			wrong((ends) => ends.map((end, k) => (k === 0 ? { ...end, at: 'terminal:load' } : end)))
		).toMatchObject({
			refusal: { code: 'cannotPlanAnew', failure: { code: 'foundImpossible' } }
		});
		// An end that nobody says where it is.
		expect(wrong((ends) => ends.slice(1))).toMatchObject({
			refusal: { code: 'cannotPlanAnew', failure: { code: 'foundImpossible' } }
		});
		// Nothing on the device at all: no plan comes from that.
		expect(wrong((ends) => ends.map((end) => ({ ...end, at: 'bare' })))).toMatchObject({
			refusal: { code: 'cannotPlanAnew' }
		});
		expect(one.whole).toBe(before);
	});

	test('it is said of an open box that is proven dead, with all wires on or all off', () => {
		const one = person(recorded);
		const found = foundAsRecorded(recorded, here);
		expect(one.say({ kind: 'planAnew', found })).toMatchObject({ ok: false });
		one.until('takeOff');
		one.go();
		// What has come apart is read first.
		expect(one.say({ kind: 'planAnew', found })).toMatchObject({ refusal: { code: 'notProvenDead' } });
		one.until('takeOff');
		expect(one.say({ kind: 'planAnew', found })).toMatchObject({ refusal: { code: 'wiresHalfOff' } });
		while (one.state.device !== 'none') one.go();
		expect(one.say({ kind: 'planAnew', found })).toMatchObject({ ok: true });
		toTheEnd(one);
		expect(one.state.status).toBe('finished');
	});

	test('moves that were made stay made, and one that the new plan lacks has to be undone first', () => {
		const one = person(recorded, wish);
		one.until('move');
		const landedHot = () => Object.keys(one.state.moved).some((id) => id.startsWith('land hot'));
		while (!landedHot()) one.go();
		const moved = Object.keys(one.state.moved);
		const same = foundAsRecorded(recorded, here);
		expect(one.say({ kind: 'planAnew', found: same }).ok).toBe(true);
		expect(Object.keys(one.state.moved)).toEqual(moved);
		// The hots were joined all the time: the plan from that has other moves.
		const other = {
			...same,
			joints: [...same.joints, { id: 'hot', how: 'twistOn' as const }],
			terminations: same.terminations.map((end) =>
				end.at.startsWith('terminal:hot') ? { ...end, at: 'joint:hot', how: 'twistOn' as const } : end
			),
			pigtails: [
				...same.pigtails,
				{
					id: 'hotTail',
					role: 'hot' as const,
					colour: 'black' as const,
					from: 'joint:hot',
					to: 'terminal:hotUpper',
					how: 'hook' as const
				}
			]
		};
		expect(one.say({ kind: 'planAnew', found: other })).toMatchObject({ refusal: { code: 'undoFirst' } });
	});

	test('what ends the job for another reason is not lifted by another plan', () => {
		const one = person(recorded);
		one.until('lookOver');
		const found = foundAsRecorded(recorded, here);
		one.say({ kind: 'foundConductor', id: 'extra', colour: 'red', where: 'onDevice' });
		expect(one.state.stops.found).toBe('foundOnDevice');
		expect(one.say({ kind: 'planAnew', found })).toMatchObject({ ok: false });
		expect(one.state.stops.found).toBe('foundOnDevice');
		// A look that said “not as recorded” is: what is there has been said now.
		const other = person(recorded);
		other.until('lookOver');
		const look = { kind: 'lookOver', asRecorded: false, landings: [], note: '' } as const;
		expect(other.say(look).ok).toBe(true);
		expect(mustStop(other.state)).toBe('notAsRecorded');
		expect(other.say({ kind: 'planAnew', found }).ok).toBe(true);
		expect([mustStop(other.state), other.step?.kind]).toEqual([null, 'lookOver']);
	});
});
