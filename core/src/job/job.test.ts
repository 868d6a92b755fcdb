import { describe, expect, it } from 'vitest';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '../demo';
import { mainPanel, withBox, type House } from '../house';
import { answers, meter, Person, planOf } from '../../test/person';
import { energyOf } from '../isolation';
import {
	autopsyFaults,
	expectationsOf,
	handMoves,
	houseAfterJob,
	initialJob,
	judgeLive,
	judgeOhms,
	nextStep,
	planJob,
	recordOf,
	replay,
	type Command
} from './index';
import { outcomeWords } from '../../test/outcomeWords';

const east = 'sewing-east-wall';
const fennel = (...breakers: string[]) =>
	new Person(fennelLaneRecorded(), fennelLaneActual(), planOf(fennelLaneRecorded(), east), breakers);

describe('the plan', () => {
	it('hot comes off first; ground goes on first, or as the school says', () => {
		const plan = planOf(fennelLaneRecorded(), east);
		expect(plan.takeOff.map(({ role }) => role)).toEqual(['hot', 'hot', 'neutral', 'neutral', 'ground']);
		const landed = (school?: 'hotFirst') =>
			planOf(fennelLaneRecorded(), east, school).work!.ways[0]!.moves.flatMap((move) =>
				move.kind === 'land' ? [move.role] : []
			);
		expect(landed()).toEqual(['ground', 'neutral', 'neutral', 'hot', 'hot']);
		expect(landed('hotFirst')[0]).toBe('hot');
	});

	it('asks for every pair on both halves and every conductor in the box', () => {
		const uk = planOf(tanneryRow(), 'box-room-desk');
		expect(uk.facePairs).toHaveLength(6);
		expect(uk.barePairs.map(({ kind }) => kind).sort()).toEqual([
			'hotGround',
			'hotGround',
			'hotNeutral',
			'hotNeutral',
			'neutralGround',
			'neutralGround',
			'toGround',
			'toGround',
			'toGround'
		]);
		expect(uk.takeOff.map(({ wires }) => wires.length)).toEqual([2, 2, 2, 1]);
	});

	it('an unused screw is named: at the end of a run only one pair is used', () => {
		expect(planOf(fennelLaneRecorded(), 'sewing-closet').work!.ways[0]!.moves.at(-1)).toMatchObject({
			kind: 'driveIn',
			terminals: ['hotLower', 'neutralLower']
		});
	});

	it('the old device by itself should read open across and next to nothing through its contacts; what it does read tells', () => {
		for (const [house, box] of [
			[fennelLaneRecorded(), 'sewing-east-wall'],
			[tanneryRow(), 'box-room-desk']
		] as const) {
			const plan = planOf(house, box);
			const { hotNeutralOhm, hotGroundOhm, throughOhm } = expectationsOf(
				house,
				plan,
				initialJob(plan)
			).autopsy();
			expect([hotNeutralOhm, hotGroundOhm]).toEqual([null, null]);
			// The meter's own leads, and two good joints of a milliohm.
			expect(throughOhm).toBeCloseTo(0.2, 1);
		}
		const open = { kind: 'overload' } as const;
		const ohms = (resistanceOhm: number) => ({ kind: 'ohms', resistanceOhm }) as const;
		const sound = {
			looks: 'sound',
			grip: 'firm',
			hotNeutral: open,
			hotGround: open,
			through: ohms(0.2)
		} as const;
		expect(autopsyFaults(sound)).toEqual([]);
		expect(
			autopsyFaults({ ...sound, looks: 'scorched', grip: 'weak', hotNeutral: ohms(4e4), through: ohms(3) })
		).toEqual(['heat', 'weakGrip', 'leaksAcross', 'poorContact']);
		expect(autopsyFaults({ ...sound, hotGround: ohms(900) })).toEqual(['leaksToGround']);
	});

	it('is refused where like-for-like does not cover it', () => {
		const failure = (house: House, box: string) => {
			const planned = planJob(house, box);
			return planned.ok ? null : planned.failure.code;
		};
		expect(failure(fennelLaneRecorded(), 'nowhere')).toBe('unknownBox');
		expect(failure(fennelLaneRecorded(), 'attic-attic-light')).toBe('notAnOutlet');
		const ungrounded = withBox(fennelLaneRecorded(), east, (box) => ({ ...box, pigtails: [] }));
		const planned = planJob(ungrounded, east);
		expect(
			!planned.ok &&
				planned.failure.code === 'planFails' &&
				planned.failure.verdict.faults.map(({ code }) => code)
		).toEqual(['groundOpen', 'groundOpen']);
	});
});

describe('a job', () => {
	it('catches the wrong breaker by its reading, finds the right one and finishes', () => {
		const person = fennel('b11', 'b14');
		person.until('readPair');
		person.go();
		expect(energyOf(person.state.isolation)).toBe('assumedLive');
		expect(person.state.isolation.notFeeding).toEqual(['b11']);
		expect(nextStep(person.plan, person.state)?.kind).toBe('switchOff');
		expect(person.say({ kind: 'switchBreaker', breaker: 'b11', on: true }).ok).toBe(true);
		person.until('finish');
		person.go();
		expect(person.state.status).toBe('finished');
		const after = houseAfterJob(
			fennelLaneRecorded(),
			person.plan,
			person.state,
			person.events,
			'2026-11-24',
			outcomeWords
		);
		expect(after.circuits.find(({ id }) => id === 'sewing')?.breaker).toBe('b14');
		const [b11, b14] = ['b11', 'b14'].map((id) =>
			mainPanel(after).breakers.find((breaker) => breaker.id === id)!
		);
		expect([b14!.label, b14!.findings.at(-1)!.finding, b11!.findings[0]!.finding]).toEqual([
			'sewing room',
			'feeds',
			'doesNotFeed'
		]);
		const box = after.boxes.find(({ id }) => id === east)!;
		expect([
			box.worries,
			box.device!.kind === 'duplex' && box.device!.contacts,
			box.terminations[0]!.how
		]).toEqual([[], 'good', 'clampPlate']);
		expect(after.cables.find(({ id }) => id === 'sewing-3')!.conductors.map(({ colour }) => colour)).toEqual([
			'red',
			'bare',
			'white'
		]);
		const record = recordOf(person.plan, person.events, person.state);
		expect(record.proofs.map(({ scope, pairs }) => [scope, pairs.length])).toEqual([
			['face', 6],
			['bare', 7],
			// Hots, then neutrals, once more as they come apart.
			['bare', 7],
			['bare', 7]
		]);
		expect(record.refuted).toHaveLength(1);
		expect(record.worries).toContainEqual({ kind: 'wrongLabel', breaker: 'b11' });
		expect(replay(person.plan, person.events)).toEqual(person.state);
	});

	it('finishes at the uk ring, where the earth tail and both legs are landed', () => {
		const person = new Person(tanneryRow(), tanneryRow(), planOf(tanneryRow(), 'box-room-desk'), ['b5']);
		person.until('finish');
		person.go();
		expect(person.state.status).toBe('finished');
	});

	it('refuses hands on conductors before proof, saying what is missing', () => {
		const person = fennel('b14');
		person.until('proveTester');
		const decision = person.say({ kind: 'takeOff', terminal: 'hotUpper' });
		expect(decision).toEqual({
			ok: false,
			refusal: {
				code: 'notProvenDead',
				energy: 'expectedDead',
				next: { kind: 'proveTester', when: 'before' }
			}
		});
	});

	it('refuses the wrong terminal, the push-in spring, a missing tool and values no meter shows', () => {
		const person = new Person(fennelLaneRecorded(), fennelLaneActual(), planOf(fennelLaneRecorded(), east), [
			'b14'
		]);
		const refusal = (command: Command) => {
			const decision = person.say(command);
			return decision.ok ? null : decision.refusal.code;
		};
		person.until('checkTools');
		expect(refusal({ kind: 'checkTools', tester: 'multimeter', has: ['tester'] })).toBe('toolsMissing');
		person.until('readLive');
		for (const volts of [-1, 751, NaN, Infinity])
			expect(refusal({ kind: 'readLive', half: 'upper', reading: meter(volts) })).toBe('outOfRange');
		person.until('move');
		const [first, second] = handMoves(person.plan.work!.ways[0]!);
		expect(refusal({ kind: 'move', move: second!.id, held: true })).toBe('notNow');
		expect(refusal({ kind: 'move', move: first!.id, held: true, sat: 'bare' })).toBe('notNow');
		expect(refusal({ kind: 'restorePower', held: true })).toBe('notNow');
		expect(refusal({ kind: 'stop', reason: 'ownChoice', note: '' })).toBe('makeSafeFirst');
	});

	it('a scorch into the wall ends it with a reason; a corrected answer lifts it while nothing is off yet', () => {
		const person = fennel('b14');
		person.until('inspect');
		person.say({ kind: 'inspect', answers: answers({ scorchIntoWall: 'yes' }), note: '' });
		expect(nextStep(person.plan, person.state)).toEqual({ kind: 'confirm', step: 'closeUp' });
		expect(person.say({ kind: 'takeOff', terminal: 'hotUpper' }).ok).toBe(false);
		person.say({ kind: 'inspect', answers: answers({ scorchLocal: 'yes' }), note: 'only at the screw' });
		expect(nextStep(person.plan, person.state)).toEqual({ kind: 'takeOff', terminal: 'hotUpper' });
	});

	it('lamps that are wrong send back the same safe way', () => {
		const person = fennel('b14', 'b14');
		person.until('readPlug');
		person.say({
			kind: 'readPlug',
			half: 'upper',
			lamps: { hotNeutral: true, hotGround: false, neutralGround: false }
		});
		expect(nextStep(person.plan, person.state)?.kind).toBe('switchOff');
		person.until('reopen');
		expect(energyOf(person.state.isolation)).toBe('provenDead');
		person.until('finish');
	});
});

describe('judging', () => {
	it.each([
		[109.9, 'low'],
		[114, 'healthy'],
		[126, 'healthy'],
		[126.1, 'high'],
		[2, 'notLive']
	] as const)('us %f V is %s', (volts, verdict) => expect(judgeLive('us', meter(volts))).toBe(verdict));
	it.each([
		[204.9, 'low'],
		[216.2, 'healthy'],
		[253, 'healthy'],
		[253.1, 'high']
	] as const)('uk %f V is %s', (volts, verdict) => expect(judgeLive('uk', meter(volts))).toBe(verdict));

	it('resistances: open, a known load, a short, and what nothing explains', () => {
		const ohms = (resistanceOhm: number) => ({ kind: 'ohms', resistanceOhm }) as const;
		expect(judgeOhms('hotNeutral', { kind: 'overload' }, null)).toEqual({ passes: true, verdict: 'open' });
		expect(judgeOhms('hotNeutral', ohms(5150), 5200)).toEqual({ passes: true, verdict: 'knownLoad' });
		expect(judgeOhms('hotNeutral', ohms(0.4), null)).toEqual({ passes: false, verdict: 'short' });
		expect(judgeOhms('hotGround', ohms(5150), null)).toEqual({ passes: false, verdict: 'tooLow' });
		expect(judgeOhms('groundBox', ohms(0.4), 0.3)).toEqual({ passes: true, verdict: 'continuous' });
		expect(judgeOhms('groundBox', ohms(9), 0.3)).toEqual({ passes: false, verdict: 'notContinuous' });
	});
});
