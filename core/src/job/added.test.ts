import { describe, expect, it, test } from 'vitest';
import { answers, Person } from '../../test/person';
import { outletBesideSwitch } from '../../test/twoGang';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';
import { fennelLaneRecorded } from '../demo';
import { findBox } from '../house';
import { energyOf } from '../isolation';
import { eventsAt, planWhole, plannerOn, recordOf, replayWhole, type Wished } from '.';

const through = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
const begin = (house = through, boxId: string = here, wish: Wished = null): Person => {
	const planned = planWhole(house, [{ boxId, wish }]);
	if (!planned.ok) throw new Error(planned.failure.code);
	const one = new Person(
		house,
		house,
		planned.plans,
		Array.from({ length: 9 }, () => 'b1')
	);
	one.earthFrom = 'outlet:before';
	return one;
};
const add = (one: Person, box: string, wish: Exclude<Wished, 'putBack'> = null) =>
	one.say({ kind: 'addBox', box, wish });
/** What was done from an event on, each with its box. */
const doneFrom = (one: Person, from: number): string[] =>
	one.events.slice(from).map(({ box, body }) => `${box} ${body.kind === 'confirm' ? body.step : body.kind}`);
const toTheEnd = (one: Person) => {
	for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
	expect(one.state.status).toBe('finished');
};

describe('another outlet is taken into a job under way', () => {
	test('with nothing switched off yet it is read live before the one walk to the panel', () => {
		const one = begin();
		one.until('readLive');
		expect(add(one, 'before').ok).toBe(true);
		toTheEnd(one);
		const done = doneFrom(one, 0);
		expect(done.filter((each) => each.endsWith('switchBreaker'))).toHaveLength(1);
		expect(done.indexOf('before readLive')).toBeLessThan(
			done.findIndex((each) => /switchBreaker/.test(each))
		);
	});

	test('with a box open it waits: that one is closed, power comes back, the other is read live, and all of it is proven again', () => {
		const one = begin();
		one.until('takeOff');
		const from = one.events.length;
		expect(add(one, 'before').ok).toBe(true);
		expect(one.whole.boxes[1]).toMatchObject({ late: true, device: 'oldSeated' });
		toTheEnd(one);
		const order = [
			`${here} takeOff`,
			`${here} seat`,
			`${here} restorePower`,
			'before readLive',
			'before readLiveGround',
			'before switchBreaker',
			'before readPair',
			'before easeOut',
			'before seat',
			`${here} readPlug`,
			'before readPlug'
		];
		const places = order.map((each) => doneFrom(one, from).indexOf(each));
		expect(places.every((place) => place >= 0)).toBe(true);
		expect(places).toEqual([...places].sort((a, b) => a - b));
		// Its own proofs, face and conductors, on its own readings.
		const { plans, boxes } = one.whole;
		const { proofs } = recordOf(plans[1]!, eventsAt(plans, one.events, 1), boxes[1]!);
		// And its freed ends once more.
		expect(proofs.map(({ scope }) => scope)).toEqual(['face', 'bare', 'bare', 'bare']);
		// Both are on record afterwards.
		const after = one.recordAfter();
		for (const box of [here, 'before'])
			expect(findBox(after, box)!.history.length).toBeGreaterThan(findBox(through, box)!.history.length);
	});

	test('what sits in one box with it comes too', () => {
		const house = outletBesideSwitch();
		const one = begin(house, 'before');
		one.until('takeOff');
		add(one, here);
		expect(one.whole.plans.map(({ boxId, putBack }) => [boxId, putBack])).toEqual([
			['before', false],
			[here, false],
			['after', true]
		]);
		toTheEnd(one);
		expect(doneFrom(one, 0)).toContain('after easeForward');
	});

	test('planned on the house as this job leaves it: a grounding type without a ground is admitted behind a GFCI that goes in here', () => {
		const house = fennelLaneRecorded();
		const alone = planWhole(house, [{ boxId: 'reading-lamp-table', wish: wishOf('duplex') }]);
		expect(alone.ok).toBe(false);
		const one = begin(house, 'reading-alcove', wishOf('gfci', 'protected'));
		expect(add(one, 'reading-lamp-table', wishOf('duplex')).ok).toBe(true);
		expect([...one.whole.plans[1]!.labels].sort()).toEqual(['gfciProtected', 'noEquipmentGround']);
	});

	test('said on coming back from being away, it doesn’t make up for that: the proof has lapsed', () => {
		const one = begin();
		for (let n = 0; n < 60 && one.step?.kind !== 'takeOff'; n++)
			one.say(one.step?.kind === 'hold' ? { kind: 'hold', way: 'tape' } : one.answer());
		expect(energyOf(one.whole.boxes[0]!.isolation)).toBe('provenDead');
		expect(one.say({ kind: 'addBox', box: 'before', wish: null }, { at: '2026-11-24T10:40:00Z' }).ok).toBe(
			true
		);
		expect(energyOf(one.whole.boxes[0]!.isolation)).toBe('assumedLive');
	});

	test('every state comes again from the events', () => {
		const one = begin();
		one.until('takeOff');
		add(one, 'before');
		toTheEnd(one);
		const again = replayWhole(one.whole.begun, one.events, plannerOn(through));
		expect(again.boxes).toEqual(one.whole.boxes);
		expect(again.plans).toEqual(one.whole.plans);
	});
});

test('replayed at every entry, a job plans what was taken in once', () => {
	const one = begin();
	one.until('takeOff');
	add(one, 'before');
	const planner = plannerOn(through);
	const [first, again] = [0, 1].map(() => replayWhole(one.whole.begun, one.events, planner));
	expect(again!.plans).toBe(first!.plans);
	// Another wish is another plan.
	const other = planner.add(one.whole.begun, one.whole.boxes, { boxId: 'before', wish: wishOf('decorator') });
	expect(other.ok && other.plans).not.toBe(first!.plans);
});

describe('an outlet that can’t be taken in', () => {
	it.each<[string, string, Exclude<Wished, 'putBack'>, object]>([
		['is of this job', 'sewing-east-wall', null, { code: 'boxTwice' }],
		['hangs on another breaker', 'music-piano', null, { code: 'otherBreaker' }],
		['isn’t on record', 'attic', null, { code: 'unknownBox' }],
		[
			'may not have what is wished for there',
			'sewing-closet',
			wishOf('duplex', 'asFound', { ratingA: 20 }),
			{ code: 'ruledOut', by: { box: 'sewing-closet', rule: 'rating', clause: '210.21(B)(3)' } }
		]
	])('%s', (_, box, wish, failure) => {
		const one = begin(fennelLaneRecorded(), 'sewing-east-wall');
		expect(add(one, box, wish)).toMatchObject({ ok: false, refusal: { code: 'cannotAdd', box, failure } });
		expect(one.whole.plans).toHaveLength(1);
	});

	it('where the job only ends nothing more comes in', () => {
		const one = begin();
		one.until('inspect');
		expect(one.say({ kind: 'inspect', answers: answers({ aluminium: 'yes' }), note: '' }).ok).toBe(true);
		expect(add(one, 'before')).toMatchObject({ ok: false, refusal: { code: 'notNow' } });
	});
});

describe('and left out again', () => {
	test('untouched it can be, and its readings are nobody’s', () => {
		const one = begin();
		one.until('readLive');
		add(one, 'before');
		while (!one.events.some(({ box, body }) => box === 'before' && body.kind === 'readLive')) one.go();
		expect(one.say({ kind: 'dropBox', box: 'before' }).ok).toBe(true);
		expect(one.whole.plans).toHaveLength(1);
		expect(eventsAt(one.whole.plans, one.events, 0).some(({ box }) => box === 'before')).toBe(false);
		toTheEnd(one);
	});

	test('not once it is open, nor what was there from the beginning', () => {
		const one = begin();
		add(one, 'before');
		expect(one.say({ kind: 'dropBox', box: here })).toMatchObject({ refusal: { code: 'cannotDrop' } });
		while (one.whole.boxes[1]!.device === 'oldSeated') one.go();
		expect(one.say({ kind: 'dropBox', box: 'before' })).toMatchObject({ refusal: { code: 'cannotDrop' } });
	});
});
