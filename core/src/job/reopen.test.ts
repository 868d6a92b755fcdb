import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import { circuitsInBox } from '../house';
import { energyOf } from '../isolation';
import { Person } from '../../test/person';
import { wishOf } from '../../test/wishes';
import { planWhole, type WishChoice } from '.';

const here = 'living-bookcase';
const recorded = fennelLaneRecorded();
const { breaker } = circuitsInBox(recorded, here)[0]!;
const wish = wishOf('gfci', 'protected');
const person = (choice: WishChoice | null, breakers: string[] = []) => {
	const planned = planWhole(recorded, [{ boxId: here, wish: choice }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const one = new Person(recorded, recorded, planned.plans, [
		breaker,
		...breakers,
		breaker,
		breaker,
		breaker
	]);
	one.differs = () => false;
	return one;
};
const dark = { hotNeutral: false, hotGround: false, neutralGround: false };
/** The GFCI’s own button was pressed, it is open, and the next outlet but one stays lit. */
const tripped = (breakers: string[] = []) => {
	const one = person(wish, breakers);
	while (!(one.step?.kind === 'checkWork' && one.step.check.startsWith('dark'))) one.go();
	one.say({ kind: 'checkWork', check: one.step.check, passes: false });
	return one;
};

describe('a box that failed its test, before it is opened again', () => {
	test('a GFCI that its button has opened is dark in front of live wires: it is reset and seen lit first', () => {
		const one = tripped();
		expect(one.step).toMatchObject({ kind: 'readPlug' });
		one.go();
		expect(one.state.face).toMatchObject({ upper: 'live' });
		expect(one.step).toEqual({ kind: 'switchOff', also: null });
	});

	test('with another breaker off than the one it was proven dead with, nothing goes on, however dark it is', () => {
		const one = tripped(['b10']);
		one.until('switchOff');
		one.go();
		expect(one.state.isolation.off).toEqual(['b10']);
		// Not a reading, not a lock: the one that these conductors were dead with goes off as well.
		expect(one.step).toEqual({ kind: 'switchOff', also: breaker });
		one.go();
		one.until('reopen');
		expect(one.state.isolation.off).toContain(breaker);
		expect(energyOf(one.state.isolation)).toBe('provenDead');
	});

	test('a new part that stays dark in both halves shows nothing: a neighbour has to go dark, and does', () => {
		const one = person(null);
		one.until('readPlug');
		for (const half of ['upper', 'lower'] as const)
			expect(one.say({ kind: 'readPlug', half, lamps: dark }).ok).toBe(true);
		expect(one.step).toEqual({ kind: 'deadFromStart', half: 'upper' });
		one.go();
		const { witness } = one.state;
		expect(one.plan.witnesses).toContain(witness!.box);
		one.until('readWitness');
		expect(one.state.isolation.off).toEqual([breaker]);
		one.until('reopen');
		expect(one.state.witness).toEqual({ box: witness!.box, dark: true });
	});

	test('nobody to watch: the main switch', () => {
		const one = person(null);
		one.until('readPlug');
		for (const half of ['upper', 'lower'] as const) one.say({ kind: 'readPlug', half, lamps: dark });
		one.litWitness = () => null;
		one.go();
		one.until('switchOff');
		one.go();
		expect(one.step).toEqual({ kind: 'switchOff', also: one.plan.mainSwitch });
	});

	test('one half lit stands for the other', () => {
		const one = person(null);
		one.until('readPlug');
		one.say({ kind: 'readPlug', half: 'upper', lamps: dark });
		expect(one.step).toEqual({ kind: 'readPlug', half: 'lower' });
		one.go();
		expect(one.step).toEqual({ kind: 'switchOff', also: null });
	});

	test('power seen before it was ever on again: the proof has lapsed, a GFCI from the packet is dark anyway, so all of it goes off', () => {
		const one = person(wish, ['b10']);
		one.until('readOhms');
		expect(one.state.device).toBe('newSeated');
		one.say({ kind: 'changed', what: 'powerSeen' });
		// Somebody takes the wrong one, and a check fails: nothing dark at this face says anything.
		one.until('switchOff');
		one.go();
		expect(one.state.isolation.off).toContain('b10');
		one.until('readOhms');
		one.say({ kind: 'readOhms', check: 'hotNeutral', value: { kind: 'ohms', resistanceOhm: 0.2 } });
		const asked: (string | null)[] = [];
		while (one.step?.kind === 'switchOff') {
			asked.push(one.step.also);
			for (const { id } of one.plan.hard[one.step.also!] ?? [])
				one.say({ kind: 'arranged', thing: id, how: 'its own battery' });
			expect(one.say({ kind: 'switchBreaker', breaker: one.step.also!, on: false }).ok).toBe(true);
		}
		expect(asked).toContain(one.plan.mainSwitch);
		one.until('reopen');
		expect(one.state.isolation.off).toContain(breaker);
	});
});

describe('an end that sat where it doesn’t belong', () => {
	/** A final test that shows hot and neutral exchanged, and the box opened again. */
	const opened = () => {
		const one = person(null);
		one.until('readPlug');
		one.say({
			kind: 'readPlug',
			half: 'upper',
			lamps: { hotNeutral: true, hotGround: false, neutralGround: true }
		});
		one.until('move');
		return one;
	};
	const sat = (one: Person, where: string, held = true) => {
		const step = one.step as Extract<NonNullable<Person['step']>, { kind: 'move' }>;
		return one.say({ kind: 'move', move: step.move, held, sat: where });
	};

	test('is put right as it is found, on record, and the job goes on to its end', () => {
		const one = opened();
		while (!(one.step?.kind === 'move' && one.step.move === 'land hotUpper')) one.go();
		expect(one.step).toMatchObject({ again: true });
		expect(sat(one, 'neutralUpper').ok).toBe(true);
		expect(one.state.moved['land hotUpper']).toBe('done');
		one.until('finish');
		expect(one.events.some(({ body }) => body.kind === 'move' && body.sat === 'neutralUpper')).toBe(true);
	});

	test('one that comes out of its tug after that is made again', () => {
		const one = opened();
		const { step } = one;
		expect(sat(one, 'bare', false).ok).toBe(true);
		expect(one.step).toEqual({ ...step, again: false });
	});

	test('nowhere, at its own place, or where nothing was made yet: refused', () => {
		const one = opened();
		const step = one.step as Extract<NonNullable<Person['step']>, { kind: 'move' }>;
		expect(sat(one, step.move.replace('land ', ''))).toMatchObject({ refusal: { code: 'notNow' } });
		expect(sat(one, 'window')).toMatchObject({ refusal: { code: 'notNow' } });
		const fresh = person(null);
		fresh.until('move');
		expect(sat(fresh, 'bare')).toMatchObject({ refusal: { code: 'notNow' } });
	});
});
