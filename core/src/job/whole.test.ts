import { describe, expect, test } from 'vitest';
import { arrangements, here } from '../arrangements';
import { parseHouse } from '../files';
import { circuitsInBox, findBox, settle, withBreakers, type House } from '../house';
import { readPlugLamps } from '../instruments';
import { energyOf } from '../isolation';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { outcomeWords } from '../../test/outcomeWords';
import { Person } from '../../test/person';
import { reversed } from '../../test/reversed';
import { wishOf } from '../../test/wishes';
import {
	eventsAt,
	houseAfterStop,
	openBox,
	planWhole,
	replayWhole,
	soundLamps,
	toolsForAll,
	wholeVisits,
	type BoxWish,
	type JobPlan
} from '.';

type Part = Parameters<typeof wishOf>[0];
const middle = () => arrangements.find(({ kind }) => kind === 'middleThrough')!.build({ residual: true });
const plansOf = (house: House, boxes: readonly BoxWish[]): readonly JobPlan[] => {
	const planned = planWhole(house, boxes);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return planned.plans;
};
const chain: readonly BoxWish[] = [
	{ boxId: 'after', wish: wishOf('decorator') },
	{ boxId: here, wish: wishOf('gfci', 'protected') },
	{ boxId: 'before', wish: null }
];
const person = (house: House, boxes: readonly BoxWish[] = chain) => {
	const one = new Person(house, house, plansOf(house, boxes), ['b1', 'b1', 'b1']);
	one.earthFrom = 'outlet:before';
	return one;
};
const toTheEnd = (one: Person) => {
	for (let n = 0; n < 600 && one.state.status === 'underWay'; n++) one.go();
	return one;
};
const said = (one: Person, kind: string) => one.events.filter(({ body }) => body.kind === kind);

describe('a job at several boxes under one isolation', () => {
	test('goes to its end: off once, each box proven by itself, power back once, and a sound record', () => {
		const house = middle();
		const one = toTheEnd(person(house));
		expect(one.state.status).toBe('finished');
		expect(one.whole.plans.map(({ boxId }) => boxId)).toEqual(['before', here, 'after']);
		for (const once of ['switchBreaker', 'hold', 'restorePower', 'checkTools', 'tidyDirectory', 'finish'])
			expect([once, said(one, once).length]).toEqual([once, 1]);
		for (const { boxId } of one.whole.plans) {
			const proofs = said(one, 'proveTester').filter(({ box }) => box === boxId);
			// Two at the face, two at the conductors; one more each time hots and then neutrals of two cables come apart.
			expect([boxId, proofs.length]).toEqual([boxId, boxId === 'after' ? 4 : 6]);
		}
		const after = one.recordAfter();
		expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
		expect(findBox(after, here)!.device?.kind).toBe('gfci');
		expect(findBox(after, 'after')!.device).toMatchObject({ style: 'decorator' });
		for (const box of ['before', here, 'after'])
			expect(findBox(after, box)!.history.map(({ what }) => what)).toEqual(['replaced']);
		const on = withBreakers(after, { b1: true });
		for (const box of ['before', here, 'after']) expect(readPlugLamps(on, box, 'upper')).toEqual(soundLamps);
		expect(settle(on).trips).toEqual([]);
	});

	test('every box is read live before the one walk to the panel, and is shut before power comes back', () => {
		const one = toTheEnd(person(middle()));
		const kinds = one.events.map(({ body }) => body.kind);
		expect(kinds.lastIndexOf('readLive')).toBeLessThan(kinds.indexOf('switchBreaker'));
		const seats = one.events.flatMap(({ body }, k) =>
			body.kind === 'confirm' && body.step === 'seat' ? [k] : []
		);
		expect(seats.length).toBe(3);
		expect(Math.max(...seats)).toBeLessThan(kinds.indexOf('restorePower'));
		// One box after the other: nothing of the second is opened before the first is shut.
		const eased = one.events.flatMap(({ body }, k) =>
			body.kind === 'confirm' && body.step === 'easeOut' ? [k] : []
		);
		expect(eased[1]).toBeGreaterThan(seats[0]!);
		expect(eased[2]).toBeGreaterThan(seats[1]!);
	});

	test('the proof of one box is none for the next', () => {
		const one = person(middle());
		while (openBox(one.whole) !== 0) one.go();
		while (one.step?.kind !== 'takeOff') one.go();
		expect(one.whole.boxes.map(({ isolation }) => energyOf(isolation))).toEqual([
			'provenDead',
			'expectedDead',
			'expectedDead'
		]);
		const refused = one.say({ kind: 'confirm', step: 'easeOut' }, { box: here });
		expect(refused).toMatchObject({ ok: false, refusal: { code: 'notProvenDead' } });
		expect(one.say({ kind: 'takeOff', terminal: 'upperHot' }, { box: 'after' })).toMatchObject({
			ok: false,
			refusal: { code: 'notProvenDead' }
		});
	});

	test('a proven box beside an open one stays shut: one at a time', () => {
		const one = person(middle());
		while (openBox(one.whole) !== 1) one.go();
		// Back at the first, which is shut again and done.
		expect(one.say({ kind: 'reopen' }, { box: 'before' }).ok).toBe(false);
		expect(one.state.device).toBe('oldOut');
	});

	test('what makes one box live sends everybody to the panel, and undoes every proof', () => {
		const one = person(middle());
		while (openBox(one.whole) !== 0) one.go();
		one.until('proveTester');
		one.go();
		const pair = one.step?.kind === 'readPair' ? one.step.pair : '';
		expect(one.say({ kind: 'readPair', pair, reading: live }).ok).toBe(true);
		for (const { isolation } of one.whole.boxes) {
			expect(isolation.doubt?.until).toBe('panel');
			expect(energyOf(isolation)).toBe('assumedLive');
		}
		expect(one.step?.kind).toBe('switchOff');
	});

	test('power may not be put on while any box is open', () => {
		const one = person(middle());
		while (openBox(one.whole) !== 0) one.go();
		expect(one.say({ kind: 'switchBreaker', breaker: 'b1', on: true })).toMatchObject({
			ok: false,
			refusal: { code: 'boxOpen' }
		});
		expect(one.say({ kind: 'switchBreaker', breaker: 'b1', on: true }, { box: 'after' }).ok).toBe(false);
	});

	test('a box that fails its test is opened again alone; the others are tested again and stay shut', () => {
		const one = person(middle());
		one.until('restorePower');
		one.go();
		while (!(one.step?.kind === 'readPlug' && one.plan.boxId === 'after')) one.go();
		const dark = { hotNeutral: false, hotGround: false, neutralGround: false };
		const half = one.step.half;
		expect(one.say({ kind: 'readPlug', half, lamps: dark }).ok).toBe(true);
		expect(one.whole.boxes.map(({ redo }) => redo)).toEqual([null, null, 'finalTest']);
		// Its other half is seen lit before it is made dead again.
		expect([one.step.kind, one.plan.boxId]).toEqual(['readPlug', 'after']);
		one.go();
		expect(one.step.kind).toBe('switchOff');
		toTheEnd(one);
		expect(one.state.status).toBe('finished');
		expect(said(one, 'reopen').map(({ box }) => box)).toEqual(['after']);
		const again = one.events.slice(one.events.findIndex(({ body }) => body.kind === 'reopen'));
		expect(new Set(again.flatMap(({ body, box }) => (body.kind === 'readPlug' ? [box] : [])))).toEqual(
			new Set(['before', here, 'after'])
		);
	});

	test('a reason to stop at one box makes all of them safe', () => {
		const one = person(middle());
		while (openBox(one.whole) !== 1) one.go();
		one.until('inspect');
		const found = one.answer();
		if (found.kind !== 'inspect') throw new Error(found.kind);
		one.say({ ...found, answers: { ...found.answers, aluminium: 'yes' } });
		toTheEnd(one);
		expect(one.whole.boxes.map(({ status }) => status)).toEqual(['stopped', 'stopped', 'stopped']);
		expect(said(one, 'restorePower')).toEqual([]);
		expect(one.whole.boxes.map(({ isolation }) => isolation.power)).toEqual(['off', 'off', 'off']);
		// The third was never opened, and nobody goes back to the panel: neither is a visit any more.
		expect(wholeVisits(one.whole.plans, one.whole.boxes).map(({ id, at }) => [id, at])).toEqual([
			['start', null],
			['liveFirst', 0],
			['liveFirst', 1],
			['liveFirst', 2],
			['panelOff', null],
			['work', 0],
			['work', 1]
		]);
	});

	test('what is in by then is on record as it sits, untested; what was only begun is as it was', () => {
		const house = middle();
		const one = person(house);
		while (openBox(one.whole) !== 2) one.go();
		one.until('inspect');
		const found = one.answer();
		if (found.kind !== 'inspect') throw new Error(found.kind);
		one.say({ ...found, answers: { ...found.answers, crumblingInsulation: 'yes' } });
		toTheEnd(one);
		const after = one.whole.plans.reduce(
			(record, plan, k) =>
				houseAfterStop(
					record,
					plan,
					one.whole.boxes[k]!,
					eventsAt(one.whole.plans, one.events, k),
					'2026-11-26',
					outcomeWords
				),
			house
		);
		expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
		const box = findBox(after, here)!;
		expect(box.device).toMatchObject({ kind: 'gfci', tripped: true, fitted: '2026-11-26' });
		expect(box.worries.map(({ note }) => note)).toEqual(['untested']);
		// Its load side is wired, as the work left it.
		expect(box.terminations.filter(({ at }) => at.startsWith('terminal:load')).length).toBe(2);
		expect(findBox(after, 'before')!.worries.map(({ note }) => note)).toEqual(['untested']);
		expect(findBox(after, 'after')!.device).toEqual(findBox(house, 'after')!.device);
		expect(findBox(after, 'after')!.worries).toEqual([]);
	});

	test('another supply than is on record ends the job, made safe: the boxes after it were judged on that one', () => {
		const house = middle();
		const walls = reversed(house);
		const one = new Person(house, walls, plansOf(house, chain.slice(0, 2)), ['b1']);
		one.earthFrom = 'outlet:before';
		toTheEnd(one);
		expect(one.whole.boxes.map(({ status }) => status)).toEqual(['stopped', 'stopped']);
		expect(one.whole.boxes[0]!.stops.supply).toBe('noArrangement');
		expect(said(one, 'move')).toEqual([]);
		expect(said(one, 'restorePower')).toEqual([]);
	});

	test('replays to the same from what is stored', () => {
		const one = toTheEnd(person(middle()));
		const stored = JSON.parse(JSON.stringify(one.events)) as typeof one.events;
		expect(replayWhole(one.whole.plans, stored)).toEqual({ ...one.whole, planner: null });
	});
});

const live = { instrument: 'multimeter', volts: 120, mode: 'highImpedance' } as const;

test('tools are those of every box: a lead where one has no ground, a plug-in tester where another has', () => {
	const house = fennelLaneRecorded();
	const plans = plansOf(house, [
		{ boxId: 'reading-shelf', wish: null },
		{ boxId: 'reading-stove-wall', wish: null }
	]);
	const needed = toolsForAll(plans, 'multimeter');
	expect(needed).toEqual(expect.arrayContaining(['lead', 'plugTester']));
	expect(new Set(needed).size).toBe(needed.length);
	const one = new Person(house, house, plans, ['b9']);
	one.until('checkTools');
	const less = needed.filter((tool) => tool !== 'lead');
	expect(one.say({ kind: 'checkTools', tester: 'multimeter', has: less })).toMatchObject({
		ok: false,
		refusal: { code: 'toolsMissing', missing: ['lead'] }
	});
	expect(one.say({ kind: 'checkTools', tester: 'multimeter', has: needed }).ok).toBe(true);
});

describe('planning several boxes', () => {
	test('the one behind a new GFCI is judged as guarded by it', () => {
		const [first, second] = plansOf(middle(), chain.slice(0, 2));
		expect([first!.boxId, second!.boxId]).toEqual([here, 'after']);
		expect(first!.work!.verdict.protects).toContain('after');
		expect(second!.work!.verdict.passes).toBe(true);
		// Neither is tested as the other’s neighbour.
		expect([first!.downstream, second!.upstream]).toEqual([[], []]);
	});
	test('a box named twice, and one on another breaker, are refused by name', () => {
		const house = fennelLaneRecorded();
		const both = (one: string, other: string) =>
			planWhole(house, [
				{ boxId: one, wish: null },
				{ boxId: other, wish: null }
			]);
		expect(both('sewing-closet', 'sewing-closet')).toEqual({
			ok: false,
			failure: { code: 'boxTwice', box: 'sewing-closet' }
		});
		expect(both('sewing-closet', 'bedroom-window')).toMatchObject({
			ok: false,
			failure: { code: 'otherBreaker' }
		});
	});
});

describe('uk, two sockets of one ring', () => {
	test('each proven on its own contacts and conductors, one walk to the consumer unit and one back', () => {
		const house = tanneryRow();
		const sockets = house.boxes.filter(
			({ id, use, device }) =>
				use === 'outlet' && device !== undefined && circuitsInBox(house, id)[0]?.breaker === 'b5'
		);
		const ids = sockets
			.map(({ id }) => id)
			.filter((boxId) => planWhole(house, [{ boxId, wish: null }]).ok)
			.slice(0, 2);
		expect(ids.length).toBe(2);
		const plans = plansOf(
			house,
			ids.map((boxId) => ({ boxId, wish: null }))
		);
		const one = new Person(house, house, plans, ['b5']);
		const elsewhere = house.boxes.find(
			({ id, use }) => use === 'outlet' && circuitsInBox(house, id)[0]?.breaker !== 'b5'
		)!;
		one.earthFrom = `outlet:${elsewhere.id}`;
		toTheEnd(one);
		expect(one.state.status).toBe('finished');
		expect([said(one, 'switchBreaker').length, said(one, 'restorePower').length]).toEqual([1, 1]);
		for (const boxId of ids)
			expect([boxId, said(one, 'proveTester').filter(({ box }) => box === boxId).length]).toEqual([boxId, 7]);
		// What is in the job isn’t anybody’s neighbour in it.
		expect(plans.flatMap(({ upstream, downstream }) => [...upstream, ...downstream])).not.toEqual(
			expect.arrayContaining(ids)
		);
	});
});

describe('a chain of two-slot outlets without a ground', () => {
	const places = ['reading-alcove', 'reading-lamp-table', 'reading-stove-wall'] as const;
	const chainOf = (head: Part, rest: Part = 'duplex'): BoxWish[] => [
		{ boxId: places[2], wish: wishOf(rest) },
		{ boxId: places[0], wish: wishOf(head, head === 'gfci' ? 'protected' : 'asFound') },
		{ boxId: places[1], wish: wishOf(rest) }
	];
	const house = fennelLaneRecorded();

	test('grounding types are had only behind a GFCI: without one the model refuses, by place', () => {
		expect(planWhole(house, chainOf('duplex'))).toMatchObject({
			ok: false,
			failure: { code: 'planFails', box: places[0] }
		});
		const alone = planWhole(house, [{ boxId: places[1], wish: wishOf('decorator') }]);
		expect(alone.ok === false && alone.failure.code === 'planFails' && alone.failure.verdict.faults).toEqual([
			{ code: 'unguardedWithoutGround', box: places[1] }
		]);
	});

	test('each plate says what is lacking, and what guards it (NEC 406.4(D)(2)(b), (c))', () => {
		const plans = plansOf(house, chainOf('gfci'));
		expect(plans.map(({ boxId, labels }) => [boxId, labels])).toEqual([
			[places[0], ['noEquipmentGround']],
			[places[1], ['gfciProtected', 'noEquipmentGround']],
			[places[2], ['gfciProtected', 'noEquipmentGround']]
		]);
		// Nothing is landed on a ground screw, since there is nothing to land.
		for (const { work } of plans)
			expect(
				work!.ways[0]!.moves.filter((move) => 'role' in move && move.role === 'ground').map(({ id }) => id)
			).toEqual([]);
		expect(plans[0]!.work!.checks.map(({ check }) => check)).toEqual([
			'button',
			'dark',
			'dark',
			'resetAgain'
		]);
	});

	test('three boxes in one job to its end: supply found to a known earth, labels fixed and on record, none grounded to another', () => {
		const plans = plansOf(house, chainOf('gfci'));
		const one = new Person(house, house, plans, ['b9']);
		// Another breaker’s outlet lends its ground: one on this breaker would be dead with it.
		one.earthFrom = 'outlet:living-sofa';
		toTheEnd(one);
		expect(one.state.status).toBe('finished');
		expect(said(one, 'switchBreaker').length).toBe(1);
		expect(said(one, 'readSupplyOhms').length).toBe(2);
		expect(one.whole.boxes[0]!.supply.outcome).toBe('found');
		expect(
			one.events.flatMap(({ body, box }) => (body.kind === 'fixLabel' ? [[box, body.label]] : []))
		).toEqual([
			[places[0], 'noEquipmentGround'],
			[places[1], 'gfciProtected'],
			[places[1], 'noEquipmentGround'],
			[places[2], 'gfciProtected'],
			[places[2], 'noEquipmentGround']
		]);
		const after = one.recordAfter();
		expect(parseHouse(JSON.parse(JSON.stringify(after))).ok).toBe(true);
		for (const box of places) {
			expect(findBox(after, box)!.labels?.length).toBeGreaterThan(0);
			expect(readPlugLamps(withBreakers(after, { b9: true }), box, 'upper')).toEqual({
				hotNeutral: true,
				hotGround: false,
				neutralGround: false
			});
		}
		expect(
			after.cables.filter(({ conductors }) => conductors.some(({ role }) => role === 'ground')).length
		).toBe(house.cables.filter(({ conductors }) => conductors.some(({ role }) => role === 'ground')).length);
	});
});
