import { beforeAll, describe, expect, test } from 'vitest';
import { Person } from '../../test/person';
import { fennelLaneRecorded } from '../demo';
import { circuitsInBox } from '../house';
import { energyOf } from '../isolation';
import { commandSchema, foundAsRecorded, otherTerminals, planWhole, type JobState } from '.';
import type { Decision } from './decision';
import { barePairIds } from './progress';
import { step as landAt } from './steps/landAt';
import type { Deciding } from './steps/module';
import { step as planAnew } from './steps/planAnew';

const house = fennelLaneRecorded();
const boxId = 'sewing-closet';
const begin = () => {
	const planned = planWhole(house, [{ boxId, wish: null }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const { breaker } = circuitsInBox(house, boxId)[0]!;
	return new Person(house, house, planned.plans, [breaker, breaker]);
};
const move = 'land hotUpper';
const terminal = 'hotLower';
const asLanded = { kind: 'landAt', move, terminal } as const;
const asFound = { kind: 'planAnew', found: foundAsRecorded(house, boxId) } as const;

let one: Person;
let state: JobState;
const nobody = 'nothing can plan here now';
/** What the planner comes to, whatever it is asked. */
const context = (comesTo: unknown) => {
	const asked: unknown[][] = [];
	const answer = (...what: unknown[]) => {
		asked.push(what);
		return comesTo;
	};
	const deciding = {
		plan: one.plan,
		next: () => one.step,
		landAt: comesTo === nobody ? null : answer,
		planAnew: comesTo === nobody ? null : answer
	} as unknown as Deciding;
	return { deciding, asked };
};
const planned = () => ({ ok: true, plan: one.plan });
const failed = { ok: false, failure: { code: 'noWay' } };
const landed = (at: JobState, comesTo: unknown = planned(), said = asLanded): Decision | null =>
	landAt.beside!(context(comesTo).deciding, at, said);
const foundIn = (at: JobState, comesTo: unknown = planned()): Decision | null =>
	planAnew.beside!(context(comesTo).deciding, at, asFound);
const isolation = (at: JobState, change: Partial<JobState['isolation']>): JobState => ({
	...at,
	isolation: { ...at.isolation, ...change }
});
const stopped = (at: JobState, why: 'lookOver' | 'inspect'): JobState => ({
	...at,
	stops: { ...at.stops, [why]: 'ownChoice' }
});
const unproven = () => isolation(state, { power: 'assumedLive' } as never);

beforeAll(() => {
	one = begin();
	while (!(one.step?.kind === 'move' && one.step.move === move)) one.go();
	({ state } = one);
});

test('both are of a box, stand with the work in the record, and are done there; only one lays hands on conductors', () => {
	const facts = { concerns: 'box', record: 'work', at: 'work' };
	expect(landAt).toMatchObject({ kind: 'landAt', touches: true, ...facts });
	expect(planAnew).toMatchObject({ kind: 'planAnew', ...facts });
	expect(planAnew.touches).toBeUndefined();
});

describe('a landing on another terminal', () => {
	test('is a command with a move and a terminal', () => {
		expect(commandSchema.parse(asLanded)).toEqual(asLanded);
		for (const said of [
			{ kind: 'landAt', move },
			{ ...asLanded, more: 1 },
			{ ...asLanded, kind: '' }
		])
			expect(commandSchema.safeParse(said).success).toBe(false);
	});

	test('is taken where the terminal serves as well and the model agrees, with the old device out or the new one in hand', () => {
		expect([state.device, energyOf(state.isolation), otherTerminals(one.plan, state, move)]).toEqual([
			'newOut',
			'provenDead',
			[terminal]
		]);
		for (const device of ['none', 'newOut'] as const)
			expect(landed({ ...state, device })).toMatchObject({ ok: true, body: asLanded });
		const { deciding, asked } = context(planned());
		landAt.beside!(deciding, state, asLanded);
		expect(asked).toEqual([[move, terminal]]);
	});

	test('is not for now with the device in place, in a job that must stop, to a terminal that doesn’t serve, or where nothing can plan', () => {
		for (const device of ['oldSeated', 'oldOut', 'newSeated'] as const)
			expect([device, landed({ ...state, device })]).toEqual([device, null]);
		expect(landed(stopped(state, 'inspect'))).toBeNull();
		expect(landed(state, planned(), { ...asLanded, terminal: 'neutralUpper' as never })).toBeNull();
		expect(landed(state, nobody)).toBeNull();
		expect(landed(state, null)).toBeNull();
	});

	test('is refused while nothing is proven dead, with what comes next, before anything is planned', () => {
		const { deciding, asked } = context(planned());
		expect(landAt.beside!(deciding, unproven(), asLanded)).toEqual({
			ok: false,
			refusal: { code: 'notProvenDead', energy: energyOf(unproven().isolation), next: one.step }
		});
		expect(asked).toEqual([]);
	});

	test('is refused where the model doesn’t agree, with why', () => {
		expect(landed(state, failed)).toEqual({
			ok: false,
			refusal: { code: 'cannotPlanAnew', failure: failed.failure }
		});
	});

	test('has what stood on that terminal made anew, and what was tugged tugged again', () => {
		const applied = landAt.applied!({
			plan: one.plan,
			before: state,
			state: {
				...state,
				moved: { [move]: 'done', 'land hotLower': 'done', gone: 'done' },
				wires: { hotUpper: 'tugged', neutralUpper: 'off' }
			},
			said: { kind: 'landAt', move: 'land hotLower', terminal: 'hotUpper' },
			event: one.events[0]!,
			passed: true
		});
		expect(applied.moved).toEqual({});
		expect(applied.wires).toEqual({ hotUpper: 'ready', neutralUpper: 'off' });
	});
});

describe('a plan made anew from what is found', () => {
	test('is a command with every end, joint and tail, and no more than a box holds', () => {
		expect(commandSchema.parse(asFound)).toEqual(asFound);
		const end = { cable: 'c', conductor: 'hot', at: 'terminal:hotUpper', how: 'hook' };
		const joint = { id: 'j', how: 'twistOn' };
		const tail = {
			id: 't',
			role: 'ground',
			colour: 'bare',
			from: 'joint:j',
			to: 'terminal:ground',
			how: 'hook'
		};
		const full = {
			joints: [joint],
			terminations: [end],
			pigtails: [tail],
			tabs: { hot: true, neutral: false }
		};
		const found = (more: object) => ({ kind: 'planAnew', found: { ...full, ...more } });
		expect(commandSchema.parse(found({}))).toEqual(found({}));
		const times = <One>(count: number, each: One) => Array.from({ length: count }, () => each);
		for (const most of [
			{ joints: times(12, joint) },
			{ terminations: times(64, end) },
			{ pigtails: times(12, tail) }
		])
			expect(commandSchema.safeParse(found(most)).success).toBe(true);
		for (const wrong of [
			{ joints: times(13, joint) },
			{ terminations: times(65, end) },
			{ terminations: [] },
			{ pigtails: times(13, tail) },
			{ joints: [{ id: 'j' }] },
			{ terminations: [{ cable: 'c' }] },
			{ pigtails: [{ id: 't' }] },
			{ tabs: { hot: true } },
			{ more: 1 }
		])
			expect([wrong, commandSchema.safeParse(found(wrong)).success]).toEqual([wrong, false]);
	});

	test('is taken in an open box, whichever device is in hand, and although what was looked over ends the plan in force', () => {
		for (const device of ['oldOut', 'none', 'newOut'] as const)
			expect([device, foundIn({ ...state, device })]).toEqual([
				device,
				expect.objectContaining({ ok: true })
			]);
		expect(foundIn(stopped(state, 'lookOver'))).toMatchObject({ ok: true, body: asFound });
		const { deciding, asked } = context(planned());
		planAnew.beside!(deciding, state, asFound);
		expect(asked).toEqual([[asFound.found]]);
	});

	test('is not for now in a box that is shut, in a job that must stop for another reason, or where nothing can plan', () => {
		for (const device of ['oldSeated', 'newSeated'] as const)
			expect([device, foundIn({ ...state, device })]).toEqual([device, null]);
		expect(foundIn(stopped(state, 'inspect'))).toBeNull();
		expect(foundIn(stopped(stopped(state, 'lookOver'), 'inspect'))).toBeNull();
		expect(foundIn(state, nobody)).toBeNull();
	});

	test('is refused while nothing is proven dead, where nothing can be planned, and where what was made would be lost', () => {
		expect(foundIn(unproven())).toEqual({
			ok: false,
			refusal: { code: 'notProvenDead', energy: energyOf(unproven().isolation), next: one.step }
		});
		expect(foundIn(state, failed)).toEqual({
			ok: false,
			refusal: { code: 'cannotPlanAnew', failure: failed.failure }
		});
		const [first, ...others] = Object.keys(state.wires);
		const wires = Object.fromEntries([
			[first!, 'onOld' as const],
			...others.map((each) => [each, 'off' as const] as const)
		]);
		expect(foundIn({ ...state, wires })).toEqual({ ok: false, refusal: { code: 'wiresHalfOff' } });
	});

	test('asks for every pair of the bare conductors again, and for a look over them', () => {
		const applying = { plan: one.plan, state, said: asFound, event: one.events[0]! };
		expect(planAnew.isolates!(applying)).toEqual({
			kind: 'conductors',
			pairs: barePairIds(one.plan, state)
		});
		const lookedOver = { ...stopped(state, 'lookOver'), lookedOver: true };
		const applied = planAnew.applied!({ ...applying, before: state, state: lookedOver, passed: true });
		expect([applied.lookedOver, applied.stops.lookOver]).toEqual([false, null]);
	});
});
