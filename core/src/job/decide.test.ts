import { describe, expect, it } from 'vitest';
import { decide } from '../../test/oneBox';
import { Person, meter, planOf } from '../../test/person';
import { everyCommand } from '../../test/walk';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '../demo';
import type { House } from '../house';
import { energyOf, type VoltReading } from '../isolation';
import { decideWith, touches } from './decide';
import type { Expectations } from './expect';
import { expectationsOf, nextStep, type Command, type JobPlan, type JobState, type Step } from './index';

/** One state is asked about many commands: what it expects is worked out once. */
const expected = new WeakMap<object, Expectations>();
function expectedOf({ recorded, plan, state }: Person): Expectations {
	const known = expected.get(state) ?? expectationsOf(recorded, plan, state);
	expected.set(state, known);
	return known;
}

/** What becomes of a command here, without doing it: accepted, and whether it passes; or the code of its refusal. */
function verdict(person: Person, command: Command): string {
	const decision = decide(
		{
			at: '2026-11-24T10:00:00Z',
			plan: person.plan,
			expect: expectedOf(person),
			find: (id) => person.events.find((event) => event.id === id)
		},
		person.state,
		command
	);
	if (!decision.ok) return decision.refusal.code;
	return decision.judged ? (decision.judged.passes ? 'passes' : 'fails') : 'taken';
}

const us = () =>
	new Person(fennelLaneRecorded(), fennelLaneActual(), planOf(fennelLaneRecorded(), 'sewing-east-wall'), [
		'b14'
	]);
const uk = (house: House = tanneryRow()) =>
	new Person(house, house, planOf(house, 'box-room-desk'), ['b5', 'b5', 'b5']);

describe('hands on conductors', () => {
	it('only where they are proven dead, at every step and whatever the command', () => {
		for (const person of [us(), uk()]) {
			const touching = everyCommand(person.plan).filter(touches);
			expect(touching.length).toBeGreaterThan(15);
			for (let count = 0; count < 200 && person.state.status === 'underWay'; count++) {
				if (energyOf(person.state.isolation) !== 'provenDead')
					expect(new Set(touching.map((command) => verdict(person, command)))).toEqual(
						new Set(['notProvenDead'])
					);
				person.go();
			}
			expect(new Set(touching.map((command) => verdict(person, command)))).toEqual(new Set(['over']));
		}
	});
});

describe('a reading at its step', () => {
	const indicator = (litV: 0 | 12 | 24 | 50 | 120 | 230): VoltReading => ({ instrument: 'indicator', litV });

	it('final test, outlet by two readings: live to neutral, and neutral dead to earth', () => {
		const person = us();
		person.until('readPlug');
		const lamps = (hotNeutral: boolean, hotGround: boolean, neutralGround: boolean): Command => ({
			kind: 'readPlug',
			half: 'upper',
			lamps: { hotNeutral, hotGround, neutralGround }
		});
		expect(verdict(person, lamps(true, true, false))).toBe('passes');
		for (const wrong of [
			lamps(false, false, false),
			lamps(true, false, false),
			lamps(true, false, true),
			lamps(false, true, true),
			lamps(false, true, false),
			lamps(true, true, true)
		])
			expect(verdict(person, wrong)).toBe('fails');
		expect(verdict(person, { ...lamps(true, true, false), volts: meter(751) } as Command)).toBe('outOfRange');
		expect(verdict(person, { ...lamps(true, true, false), volts: meter(120) } as Command)).toBe('passes');
	});

	it('the dead checks refuse what no meter shows, and fail a short', () => {
		const person = us();
		person.until('readOhms');
		const step = nextStep(person.plan, person.state) as Extract<Step, { kind: 'readOhms' }>;
		const say = (resistanceOhm: number) =>
			verdict(person, { kind: 'readOhms', check: step.check, value: { kind: 'ohms', resistanceOhm } });
		expect(say(-1)).toBe('outOfRange');
		expect(say(41e6)).toBe('outOfRange');
		expect(say(step.check === 'groundBox' ? 5 : 0.3)).toBe('fails');
		expect(say(step.check === 'groundBox' ? 0.3 : 5e6)).toBe('passes');
	});

	it('uk: the supply cable takes two points, within a meter’s range', () => {
		const home = tanneryRow();
		const radial: House = {
			...home,
			circuits: home.circuits.map((circuit) => ({ ...circuit, arrangement: 'radial' as const }))
		};
		const person = uk(radial);
		person.supplyWay = 'live';
		person.until('readSupplyVolts');
		const { cable } = nextStep(person.plan, person.state) as Extract<Step, { kind: 'readSupplyVolts' }>;
		const say = (hotNeutral: VoltReading, hotGround: VoltReading) =>
			verdict(person, { kind: 'readSupplyVolts', cable, hotNeutral, hotGround });
		expect(say({ instrument: 'lamp', lit: true }, meter(230))).toBe('lampProvesNothing');
		expect(say(meter(230), { instrument: 'lamp', lit: true })).toBe('lampProvesNothing');
		expect(say(meter(800), meter(230))).toBe('outOfRange');
		expect(say(meter(230), meter(-1))).toBe('outOfRange');
		expect(say(meter(230), meter(230))).toBe('passes');
		expect(say(indicator(230), indicator(230))).toBe('passes');
		expect(say(meter(230), meter(0))).toBe('fails');
	});
});

describe('what is read off the old part', () => {
	const open = { kind: 'overload' } as const;
	const through = { kind: 'ohms', resistanceOhm: 0.1 } as const;
	const sound = { looks: 'sound', grip: 'firm', hotNeutral: open, hotGround: open, through } as const;
	const atThe = (kind: string) => {
		const one = new Person(
			fennelLaneRecorded(),
			fennelLaneActual(),
			planOf(fennelLaneRecorded(), 'sewing-east-wall'),
			['b14']
		);
		one.until(kind);
		return one;
	};
	it('is asked once it is out of the box and off its wires, and not before', () => {
		for (const kind of ['readLive', 'takeOff'])
			expect(verdict(atThe(kind), { kind: 'autopsy', autopsy: sound })).toBe('notNow');
		expect(verdict(atThe('readBaseline'), { kind: 'autopsy', autopsy: sound })).toBe('passes');
	});
	it('passes where nothing is wrong with it, and else fails', () => {
		const one = atThe('readBaseline');
		for (const change of [
			{ looks: 'scorched' },
			{ grip: 'weak' },
			{ through: open },
			{ hotNeutral: through }
		] as const)
			expect(verdict(one, { kind: 'autopsy', autopsy: { ...sound, ...change } })).toBe('fails');
		expect(
			verdict(one, {
				kind: 'autopsy',
				autopsy: { ...sound, through: { kind: 'ohms', resistanceOhm: -1 } }
			})
		).toBe('outOfRange');
	});
});

describe('what is told beside what is asked', () => {
	const person = us();
	const { plan } = person;
	/** Asked about at a box whose job asks for a look at the tester next, and could be left by `leaving`. */
	const told = (command: Command, more: Partial<JobState> = {}, on: Partial<JobPlan> = {}, leaving: Step) =>
		decideWith(
			{
				plan: { ...plan, ...on },
				expect: expectedOf(person),
				find: () => undefined,
				next: () => asked,
				planAnew: null,
				landAt: null,
				addBox: null,
				mayDrop: () => false,
				towardsStop: () => leaving
			},
			{ ...person.state, ...more },
			command
		);
	const asked: Step = { kind: 'checkTools' };
	const hold: Command = { kind: 'hold', way: 'tape' };
	const tag: Command = { kind: 'confirm', step: 'tag' };
	const toTag: Step = { kind: 'confirm', step: 'tag' };
	const notNow = { ok: false, refusal: { code: 'notNow', next: asked } };

	it('a job that is shut up can be held and tagged and left, whatever is asked', () => {
		const shut = { device: 'newSeated' } as const;
		expect(told(hold, shut, {}, { kind: 'hold' })).toEqual({ ok: true, body: hold });
		expect(told(tag, shut, {}, toTag)).toEqual({ ok: true, body: tag });
		// By what makes it safe, and nothing else.
		expect(told(tag, shut, {}, { kind: 'hold' })).toEqual(notNow);
		expect(told(hold, shut, {}, toTag)).toEqual(notNow);
		expect(told({ kind: 'confirm', step: 'tell' }, shut, {}, toTag)).toEqual(notNow);
		const restore: Command = { kind: 'restorePower', held: true };
		expect(told(restore, shut, {}, { kind: 'restorePower' })).toEqual(notNow);
	});

	it('so can one with more than one device in its box; an open box by itself is closed first', () => {
		for (const device of ['oldSeated', 'oldOut', 'none', 'newOut'] as const) {
			expect([device, told(hold, { device }, {}, { kind: 'hold' })]).toEqual([device, notNow]);
			const beside = ['another'];
			expect([device, told(hold, { device }, { beside }, { kind: 'hold' })]).toEqual([
				device,
				{ ok: true, body: hold }
			]);
		}
	});

	it('a breaker is not switched off before what may not go off with it is seen to: the rest is named', () => {
		const aid = { id: 'aid', name: 'breathing aid' };
		const pump = { id: 'pump', name: 'pump' };
		const hard = { b14: [aid, pump] } as unknown as JobPlan['hard'];
		const off = (breaker: string, arranged: string[] = [], on = false) => {
			const decision = told({ kind: 'switchBreaker', breaker, on }, { arranged }, { hard }, toTag);
			return decision.ok ? 'taken' : decision.refusal;
		};
		expect(off('b14')).toEqual({ code: 'arrangeFirst', breaker: 'b14', things: [aid, pump] });
		expect(off('b14', ['aid'])).toEqual({ code: 'arrangeFirst', breaker: 'b14', things: [pump] });
		for (const other of [off('b14', ['aid', 'pump']), off('b11'), off('b14', [], true)])
			expect(other).not.toMatchObject({ code: 'arrangeFirst' });
	});
});
