import { describe, expect, it, test } from 'vitest';
import { arrangements, here } from '../arrangements';
import { borrowing } from '../../test/hiddenFaults';
import { meter, Person, planOf } from '../../test/person';
import { energyOf } from '../isolation';
import { farOff } from './judge';
import * as amendVolts from './steps/amendVolts';
import { twoGang } from '../../test/twoGang';
import { countsOn, lapsesInMin, mustStop, nextStep, planWhole, soundLamps, type Command } from '.';

const built = (kind: string) => arrangements.find((each) => each.kind === kind)!.build();
const at = (kind: string, actual = built(kind)) => {
	const one = new Person(built(kind), actual, planOf(built(kind), here), ['b1', 'b1']);
	one.earthFrom = 'outlet:before';
	return one;
};
const pairsAsked = (one: Person, from: number) =>
	one.events.slice(from).flatMap(({ body }) => (body.kind === 'readPair' ? [body.pair] : []));

describe('as wires come apart', () => {
	it('hots, neutrals and grounds of two cables are read again each time, and no hand goes in before', () => {
		const one = at('middleThrough');
		one.until('takeOff');
		const from = one.events.length;
		one.go();
		expect(energyOf(one.state.isolation)).toBe('expectedDead');
		expect(one.say({ kind: 'takeOff', terminal: one.plan.takeOff[1]!.terminal })).toMatchObject({
			refusal: { code: 'notProvenDead' }
		});
		one.until('takeOff');
		expect(pairsAsked(one, from)).toEqual(['c2/hot~ground', 'c3/hot~ground']);
		one.until('readBaseline');
		expect(pairsAsked(one, from)).toEqual([
			'c2/hot~ground',
			'c3/hot~ground',
			'c2/neutral~ground',
			'c3/neutral~ground'
		]);
	});

	it('one cable has nothing to come apart from', () => {
		const one = at('endOfRun');
		one.until('takeOff');
		const from = one.events.length;
		one.until('readBaseline');
		expect(pairsAsked(one, from)).toEqual([]);
	});

	it('a borrowed neutral shows some tenths of a volt to a meter, and everything goes off; it is no wrong breaker', () => {
		const one = at('middleThrough', borrowing(built('middleThrough'))!);
		one.until('readPair');
		for (let count = 0; count < 20 && one.step?.kind !== 'switchOff'; count++) one.go();
		expect(one.state.isolation.doubt).toMatchObject({ reason: 'borrowedNeutral' });
		expect(one.step).toEqual({ kind: 'switchOff', also: one.plan.mainSwitch });
		expect([one.state.isolation.notFeeding, one.state.feeder]).toEqual([[], 'b1']);
	});
});

test('an ohmmeter that shows volts ends the proof until the panel was visited', () => {
	const one = at('middleThrough');
	one.until('readBaseline');
	one.say({ kind: 'changed', what: 'ohmmeterLive' });
	expect(energyOf(one.state.isolation)).toBe('assumedLive');
	expect(one.step).toEqual({ kind: 'switchOff', also: null });
});

test('what nobody counted is in nobody’s proof: nothing is read behind the face before cables and ends are as recorded', () => {
	const one = at('middleThrough');
	one.until('lookOver');
	expect([one.state.device, energyOf(one.state.isolation)]).toEqual(['oldOut', 'expectedDead']);
	const look = one.answer() as Extract<Command, { kind: 'lookOver' }>;
	const { counts, ...uncounted } = look;
	expect(counts).toEqual({ cables: 2, ends: 5 });
	expect(one.say(uncounted)).toMatchObject({ refusal: { code: 'countFirst' } });
	expect(one.say({ ...look, counts: { cables: 3, ends: 5 } })).toMatchObject({
		refusal: { code: 'countsDiffer', cables: 2, ends: 5 }
	});
	expect(one.say({ ...look, counts: { cables: 2, ends: 6 } }).ok).toBe(false);
	// One that comes to light has pairs of its own, and then the cables may be more.
	one.say({ kind: 'foundConductor', id: 'extra', colour: 'red', where: 'passing' });
	expect(one.say({ ...look, counts: { cables: 3, ends: 5 } }).ok).toBe(true);
	expect(one.state.isolation.proof.required).toContain('found/extra~ground');
});

test('two devices in one box: its cables are counted once for both, what leads from one to the other is none', () => {
	const house = twoGang();
	const planned = planWhole(
		house,
		[
			{ boxId: here, wish: null },
			{ boxId: 'after', wish: null }
		],
		'groundFirst'
	);
	if (!planned.ok) throw new Error(planned.failure.code);
	// One cable comes in from outside, to the first of them.
	expect(planned.plans.map((plan) => [plan.boxId, countsOn(plan).cables])).toEqual([
		[here, 1],
		['after', 1]
	]);
	const one = new Person(house, house, planned.plans, ['b1', 'b1', 'own']);
	one.earthFrom = 'outlet:before';
	one.until('takeOff');
	expect(one.events.filter(({ body }) => body.kind === 'lookOver')).toHaveLength(2);
});

test('what is slipped over is put right: the breaker isn’t one in the neutral', () => {
	const one = at('endOfRun');
	one.until('readPair');
	one.say({ kind: 'readPair', pair: 'upper.hotNeutral', reading: meter(0) });
	one.say({ kind: 'readPair', pair: 'upper.hotGround', reading: meter(119) });
	// Events made by hand have no uuid: the same, decided as it stands.
	const { step } = amendVolts;
	const of = one.events.at(-1)!;
	const said = { kind: 'amendVolts', of: of.id, reading: meter(1.19) } as const;
	const event = { id: 'x', at: of.at, body: said, judged: { passes: true, expected: null } };
	const applying = { plan: one.plan, before: one.state, state: one.state, said, event, passed: true };
	expect(mustStop(step.applied!(applying))).toBeNull();
	expect(mustStop(step.applied!({ ...applying, said: { ...said, reading: meter(118) } }))).toBe(
		'breakerInNeutral'
	);
});

test('the last five minutes of what nobody can vouch for are shown, by a clock', () => {
	const one = at('endOfRun');
	one.until('hold');
	one.say({ kind: 'hold', way: 'tape' }, { at: '2026-11-24T10:00:00Z' });
	const at10 = (minutes: number) =>
		lapsesInMin(one.state, new Date(Date.parse('2026-11-24T10:00:00Z') + minutes * 60_000).toISOString());
	expect([0, 9, 10, 12.5, 14.9, 15, 30].map(at10)).toEqual([null, null, 5, 3, 1, null, null]);
	// A padlock with its key in the pocket lapses by no clock.
	const locked = at('endOfRun');
	locked.until('confirm');
	locked.until('hold');
	locked.go();
	expect(lapsesInMin(locked.state, '2026-11-24T10:14:00Z')).toBeNull();
});

test('with the breaker in the neutral the pair is dead and the hot alive: named, and no breaker called wrong', () => {
	const one = at('endOfRun');
	one.until('readPair');
	const read = (pair: string, volts: number) => one.say({ kind: 'readPair', pair, reading: meter(volts) });
	read('upper.hotNeutral', 0);
	read('upper.hotGround', 119);
	expect(mustStop(one.state)).toBe('breakerInNeutral');
	expect(one.state.isolation.notFeeding).toEqual([]);
	// Alive between both it is a wrong breaker, as ever.
	const other = at('endOfRun');
	other.until('readPair');
	other.say({ kind: 'readPair', pair: 'upper.hotNeutral', reading: meter(119) });
	expect([mustStop(other.state), other.state.isolation.notFeeding]).toEqual([null, ['b1']]);
});

test('live and far off what may be supplied is no merely high or low outlet', () => {
	for (const volts of [60, 101, 139, 240]) expect([volts, farOff('us', meter(volts))]).toEqual([volts, true]);
	for (const volts of [103, 114, 137, 20])
		expect([volts, farOff('us', meter(volts))]).toEqual([volts, false]);
	for (const volts of [190, 270, 400]) expect([volts, farOff('uk', meter(volts))]).toEqual([volts, true]);
	const one = at('endOfRun');
	one.until('readLive');
	one.say({ kind: 'readLive', half: 'upper', reading: meter(161) });
	expect([mustStop(one.state), one.step]).toEqual([
		'supplyOff',
		{ kind: 'switchOff', also: one.plan.mainSwitch }
	]);
	// A slip of the pen is put right.
	one.say({ kind: 'readLive', half: 'upper', reading: meter(121) });
	expect([mustStop(one.state), one.step?.kind]).toEqual([null, 'readLive']);
});

describe('what the last test shows', () => {
	const wrong = { ...soundLamps, hotGround: false };
	const tested = (asFound: typeof soundLamps) => {
		const one = at('endOfRun');
		one.until('readAsFound');
		for (let count = 0; one.step?.kind === 'readAsFound'; count++)
			one.say({ kind: 'readAsFound', half: count === 0 ? 'upper' : 'lower', lamps: asFound, holds: true });
		one.until('readPlug');
		one.say({ kind: 'readPlug', half: 'upper', lamps: wrong });
		return one;
	};
	it('just as it was before opens no box: it is told, and the job goes on', () => {
		const one = tested(wrong);
		expect([one.state.final.upper, one.state.redo]).toEqual(['inherited', null]);
		expect(one.step).toEqual({ kind: 'readPlug', half: 'lower' });
	});
	it('made here it sends back; the same again after that is handed over, and off', () => {
		const one = tested(soundLamps);
		expect([one.state.final.upper, one.state.redo]).toEqual(['failed', 'finalTest']);
		one.until('restorePower');
		one.until('readPlug');
		one.say({ kind: 'readPlug', half: 'upper', lamps: wrong });
		expect([mustStop(one.state), nextStep(one.plan, one.state)?.kind]).toEqual(['faultStays', 'switchOff']);
	});
});
