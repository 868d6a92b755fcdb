import { describe, expect, it } from 'vitest';
import { Person } from '../../test/person';
import { outletBesideSwitch, switchElsewhere, twoGang, twoGangTwoCircuits } from '../../test/twoGang';
import { wishOf } from '../../test/wishes';
import { here } from '../arrangements';
import { checkHouse } from '../house/check';
import { findBox, points, withBox, withBreakers, type House } from '../house';
import { readOhms, readPlugLamps } from '../instruments';

import { energyOf } from '../isolation';
import { mustStop, openBox, planWhole, soundLamps, withBeside, type BoxWish, type JobPlan } from './index';

const gfciBesideDecorator: readonly BoxWish[] = [
	{ boxId: here, wish: wishOf('gfci', 'protected') },
	{ boxId: 'after', wish: wishOf('decorator') }
];
const plansOf = (house: House, wishes: readonly BoxWish[]): readonly JobPlan[] => {
	const planned = planWhole(house, wishes);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return planned.plans;
};
const person = (house = twoGang(), wishes = gfciBesideDecorator, actual = house, breakers = ['b1']) =>
	Object.assign(new Person(house, actual, plansOf(house, wishes), [...breakers, ...breakers, ...breakers]), {
		earthFrom: 'outlet:before'
	});
const said = ({ events }: Person): string[] =>
	events.map(({ box, body }) => `${box} ${body.kind === 'confirm' ? body.step : body.kind}`);
const goWhile = (one: Person, holds: () => boolean): void => {
	for (let n = 0; holds(); n++) {
		if (n > 300) throw new Error(`stuck at ${JSON.stringify(one.step)} of ${one.plan.boxId}`);
		one.go();
	}
};
const toTheEnd = (one: Person) => {
	for (let n = 0; n < 500 && one.state.status === 'underWay'; n++) one.go();
	return one;
};

describe('two devices in one box', () => {
	it('is a sound house, whose metal is one', () => {
		const house = twoGang();
		expect(checkHouse(house)).toEqual([]);
		const steel = [here, 'after'].reduce(
			(now, id) => withBox(now, id, (box) => ({ ...box, material: 'metal' })),
			house
		);
		const metal = readOhms(steel, { red: points.metal(here), black: points.metal('after') });
		expect(metal).toMatchObject({ kind: 'ohms' });
		const elsewhere = withBox(house, 'after', (box) => ({ ...box, room: 'nowhere' }));
		expect(checkHouse(elsewhere).map(({ code }) => code)).toContain('notOneBox');
		const chain = withBox(house, here, (box) => ({ ...box, inBoxWith: 'after' }));
		expect(checkHouse(chain).map(({ code }) => code)).toContain('notOneBox');
	});

	it('brings in the one beside, and is refused without it', () => {
		const one: readonly BoxWish[] = [{ boxId: here, wish: null }];
		expect(withBeside(twoGang(), one)).toEqual([...one, { boxId: 'after', wish: null }]);
		expect(planWhole(twoGang(), one)).toEqual({
			ok: false,
			failure: { code: 'besideLeftOut', box: here, beside: 'after' }
		});
		const plans = plansOf(twoGang(), gfciBesideDecorator);
		// Where the wire to the device beside it leads is seen: nothing to find.
		expect(plans.map(({ supplyCables }) => supplyCables)).toEqual([[], []]);
	});

	it('reads both faces, takes both out, and lays hands on neither before both are read', () => {
		const one = person();
		goWhile(one, () => openBox(one.whole) < 0);
		expect(said(one).filter((each) => each.endsWith('easeOut'))).toEqual([`${here} easeOut`]);
		const proofs = said(one).filter((each) => each.endsWith('proveTester'));
		expect(proofs).toEqual([
			`${here} proveTester`,
			`${here} proveTester`,
			'after proveTester',
			'after proveTester'
		]);
		one.go();
		one.go();
		expect(one.whole.boxes.map(({ device }) => device)).toEqual(['oldOut', 'oldOut']);
		// The first read through, the second not: no proof yet.
		goWhile(one, () => one.plan.boxId === here);
		expect(one.whole.boxes.map(({ isolation }) => energyOf(isolation))).toEqual([
			'expectedDead',
			'expectedDead'
		]);
		expect(one.whole.boxes[0]!.isolation.proof.after).not.toBeNull();
		expect(one.say({ kind: 'cap' }, { box: here })).toMatchObject({ refusal: { code: 'notProvenDead' } });
		goWhile(one, () => one.step?.kind !== 'inspect');
		expect(one.whole.boxes.map(({ isolation }) => energyOf(isolation))).toEqual(['provenDead', 'provenDead']);
	});

	it('is done, goes back into the wall together, and comes out as promised', () => {
		const one = toTheEnd(person());
		expect(one.state.status).toBe('finished');
		const order = said(one);
		const lastMove = order.findLastIndex((each) => each.endsWith(' move'));
		expect(order.findIndex((each) => each.endsWith(' fold'))).toBeGreaterThan(lastMove);
		// One plate covers both.
		for (const once of ['plateOff', 'plateOn', 'switchBreaker', 'hold', 'restorePower'])
			expect(order.filter((each) => each.endsWith(` ${once}`))).toHaveLength(1);
		const after = one.recordAfter();
		expect(checkHouse(after)).toEqual([]);
		expect(findBox(after, here)!.device?.kind).toBe('gfci');
		expect(findBox(after, 'after')!.device).toMatchObject({ style: 'decorator' });
		expect(findBox(after, 'after')!.inBoxWith).toBe(here);
		const on = withBreakers(after, { b1: true });
		for (const box of [here, 'after']) expect(readPlugLamps(on, box, 'upper')).toEqual(soundLamps);
	});

	it('a device that fails its test brings the one beside it out as well', () => {
		const one = person();
		one.until('readPlug');
		goWhile(one, () => one.step?.kind !== 'readPlug' || one.plan.boxId !== here);
		const { half } = one.step as { half: 'upper' };
		one.say({ kind: 'readPlug', half, lamps: { ...soundLamps, hotGround: false } });
		expect(one.whole.boxes.map(({ redo }) => redo !== null)).toEqual([true, true]);
		const from = one.events.length;
		for (let n = 0; n < 200 && one.step?.kind !== 'move'; n++) one.go();
		expect(
			said(one)
				.slice(from)
				.filter((each) => each.endsWith('reopen'))
		).toEqual([`${here} reopen`, 'after reopen']);
		expect(toTheEnd(one).state.status).toBe('finished');
	});

	it('two circuits in one box: both breakers off before either device comes out', () => {
		const house = twoGangTwoCircuits();
		expect(checkHouse(house)).toEqual([]);
		const plans = plansOf(house, withBeside(house, [{ boxId: here, wish: null }]));
		expect(plans.map(({ together }) => together.map(({ breaker }) => breaker))).toEqual([['b1'], ['own']]);
		const one = person(house, withBeside(house, [{ boxId: here, wish: null }]), house, ['b1', 'own']);
		goWhile(one, () => openBox(one.whole) < 0);
		expect([...one.state.isolation.off].sort()).toEqual(['b1', 'own']);
		expect(toTheEnd(one).state.status).toBe('finished');
	});

	it('a neighbour that is fed from elsewhere than the record says is found alive at its face, and nothing comes out', () => {
		const record = twoGang();
		const really = twoGangTwoCircuits();
		const one = person(record, gfciBesideDecorator, really, ['b1']);
		for (let n = 0; n < 60 && one.state.isolation.doubt === null; n++) one.go();
		expect(one.state.isolation.doubt).toMatchObject({ reason: 'liveReading' });
		expect(one.whole.boxes.map(({ device }) => device)).toEqual(['oldSeated', 'oldSeated']);
	});

	it('power seen while both hang out: read again, both of them', () => {
		const one = person();
		goWhile(one, () => one.step?.kind !== 'move');
		one.say({ kind: 'changed', what: 'powerSeen' });
		expect(one.whole.boxes.every(({ isolation }) => energyOf(isolation) !== 'provenDead')).toBe(true);
		const from = one.events.length;
		goWhile(one, () => one.step?.kind !== 'move');
		const read = said(one).slice(from);
		for (const box of [here, 'after'])
			expect(read.filter((each) => each === `${box} proveTester`)).toHaveLength(2);
	});

	it('no power while the other hangs out, not even to find the supply', () => {
		const one = person();
		goWhile(one, () => one.step?.kind !== 'move');
		expect(one.say({ kind: 'restorePower', held: true }).ok).toBe(false);
		const house = twoGangTwoCircuits();
		const plans = plansOf(house, withBeside(house, [{ boxId: here, wish: null }]));
		expect(plans.every(({ beside }) => beside.length === 1)).toBe(true);
	});
});

describe('a wall switch beside an outlet that is replaced', () => {
	const wishes: readonly BoxWish[] = [
		{ boxId: here, wish: wishOf('decorator') },
		{ boxId: 'after', wish: 'putBack' }
	];
	const switched = (actual = outletBesideSwitch(), breakers = ['b1']) =>
		person(outletBesideSwitch(), wishes, actual, breakers);

	it('comes in by itself, to be put back; by itself alone it is no job', () => {
		const house = outletBesideSwitch();
		expect(checkHouse(house)).toEqual([]);
		expect(withBeside(house, [{ boxId: here, wish: null }])).toEqual([
			{ boxId: here, wish: null },
			{ boxId: 'after', wish: 'putBack' }
		]);
		expect(planWhole(house, withBeside(house, [{ boxId: 'after', wish: 'putBack' }]))).toMatchObject({
			ok: true
		});
		expect(
			planWhole(house, [
				{ boxId: here, wish: 'putBack' },
				{ boxId: 'after', wish: 'putBack' }
			])
		).toEqual({ ok: false, failure: { code: 'nothingPutIn', box: here } });
	});

	it('its plan: no face, every conductor to a known earth, and what it works', () => {
		const [, plan] = plansOf(outletBesideSwitch(), wishes);
		expect(plan).toMatchObject({
			putBack: true,
			facePairs: [],
			controls: ['light'],
			work: null,
			supplyCables: []
		});
		// Hot and switched hot to the neutral that passes by; each of them, and both ends of that, to ground.
		expect(plan!.barePairs.map(({ kind }) => kind)).toEqual([
			'hotNeutral',
			'hotNeutral',
			'hotGround',
			'hotGround',
			'neutralGround',
			'neutralGround'
		]);
	});

	it('is eased forward at expected dead when the face beside it is proven, and nothing of it is touched before its terminals are read', () => {
		const one = switched();
		goWhile(one, () => said(one).at(-1) !== 'after easeForward');
		const order = said(one);
		expect(order.indexOf('after seeControlled')).toBeLessThan(
			order.findIndex((each) => each.endsWith('switchBreaker'))
		);
		expect(order.filter((each) => each === 'after seeControlled')).toHaveLength(2);
		expect(order.findLastIndex((each) => each === `${here} proveTester`)).toBeLessThan(
			order.indexOf('after easeForward')
		);
		expect(energyOf(one.whole.boxes[1]!.isolation)).toBe('expectedDead');
		for (const step of ['fold', 'tugAgain', 'seat'] as const)
			expect(one.say({ kind: 'confirm', step }, { box: 'after' })).toMatchObject({
				refusal: { code: 'notProvenDead' }
			});
		goWhile(one, () => one.step?.kind !== 'inspect');
		const read = said(one).slice(order.length);
		expect(read.filter((each) => each === 'after readPair')).toHaveLength(7);
		expect(one.whole.boxes.map(({ isolation }) => energyOf(isolation))).toEqual(['provenDead', 'provenDead']);
	});

	it('goes back as it was: looked at, tugged, tried, and recorded as no more than that', () => {
		const one = toTheEnd(switched());
		expect(one.state.status).toBe('finished');
		const order = said(one);
		expect(order).not.toContain('after takeOff');
		expect(order).not.toContain('after checkPart');
		expect(order.filter((each) => each.startsWith('after ')).slice(-4)).toEqual([
			'after fold',
			'after tugAgain',
			'after seat',
			'after seeControlled'
		]);
		const before = findBox(one.recorded, 'after')!;
		const after = findBox(one.recordAfter(), 'after')!;
		expect({ ...after, history: [] }).toEqual({ ...before, history: [] });
		expect(after.history).toHaveLength(1);
	});

	it('fed from elsewhere than recorded, and lit with its breaker off: the main switch, before it is eased forward', () => {
		const really = switchElsewhere();
		expect(checkHouse(really)).toEqual([]);
		const one = switched(really, ['b1']);
		goWhile(one, () => said(one).filter((each) => each === 'after seeControlled').length < 2);
		expect(one.step).toEqual({ kind: 'switchOff', also: 'main:main' });
		expect(one.whole.boxes.map(({ device }) => device)).toEqual(['oldSeated', 'oldSeated']);
	});

	it('never seen lit: the main switch too', () => {
		const one = switched();
		goWhile(one, () => one.step?.kind !== 'seeControlled');
		one.say({ kind: 'seeControlled', when: 'on', lit: false });
		goWhile(one, () => one.state.isolation.power !== 'off');
		expect(one.step).toEqual({ kind: 'switchOff', also: 'main:main' });
	});

	it('lit with all of it off: something else feeds it, and the job ends', () => {
		const one = switched();
		goWhile(one, () => one.step?.kind !== 'seeControlled' || one.step.when !== 'off');
		one.say({ kind: 'seeControlled', when: 'off', lit: true });
		goWhile(one, () => one.step?.kind !== 'seeControlled');
		expect(one.state.isolation.off).toContain('main:main');
		one.say({ kind: 'seeControlled', when: 'off', lit: true });
		expect(one.whole.boxes.map(mustStop)).toContain('otherSource');
		expect(toTheEnd(one).state.status).toBe('stopped');
	});

	it('does not work what it worked: both come out again', () => {
		const one = switched();
		goWhile(one, () => one.step?.kind !== 'seeControlled' || one.step.when !== 'after');
		one.say({ kind: 'seeControlled', when: 'after', lit: false });
		const from = one.events.length;
		expect(toTheEnd(one).state.status).toBe('finished');
		const again = said(one).slice(from);
		expect(again.filter((each) => each.endsWith('easeForward') || each.endsWith('reopen'))).toEqual([
			'after easeForward',
			`${here} reopen`
		]);
	});

	it('an outlet may be put back too, and its halves are tried', () => {
		const one = toTheEnd(
			person(twoGang(), [
				{ boxId: here, wish: wishOf('gfci', 'protected') },
				{ boxId: 'after', wish: 'putBack' }
			])
		);
		expect(one.state.status).toBe('finished');
		const order = said(one).filter((each) => each.startsWith('after '));
		expect(order).toContain('after readPlug');
		expect(order).not.toContain('after grip');
		expect(findBox(one.recordAfter(), 'after')!.device).toEqual(findBox(twoGang(), 'after')!.device);
	});
});
