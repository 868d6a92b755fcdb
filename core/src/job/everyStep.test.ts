import { beforeAll, describe, expect, it } from 'vitest';
import { answers, tools } from '../../test/person';
import { outletBesideSwitch, twoGang, twoGangTwoCircuits } from '../../test/twoGang';
import { cableEnd } from '../../test/cableEnd';
import { threeCables } from '../../test/threeCables';
import { wishOf } from '../../test/wishes';
import { everyCommand, expectations } from '../../test/walk';
import { arrangements, here } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import type { House } from '../house';
import { energyOf, type Change, type VoltReading } from '../isolation';
import {
	applyToWhole,
	commandSchema,
	decideWhole,
	initialWhole,
	nextAt,
	planWhole,
	visitOf,
	type BoxWish,
	type Command,
	type Decision,
	type JobEvent,
	type JobPlan,
	type JobState,
	type Step,
	type WholeJob
} from './index';
import { touches } from './decide';
import { safeStopStep } from './order';
import { concernsJob, moduleFor } from './steps';
import { confirmable } from './steps/confirmable';

const stepName = (step: Step | null): string =>
	step === null
		? 'over'
		: Object.values(step)
				.filter((value) => value !== null)
				.join(' ');

/** Whether what a command names (a pair, a half, a terminal) is what the step names. */
const isOf = (command: Command, step: Step): boolean =>
	Object.entries(step).every(
		([key, value]) => key === 'kind' || !(key in command) || command[key as keyof Command] === value
	);

/** A command, and after it what is odd of its kind: a resistance that no meter shows, an end that sat elsewhere before it was put right. */
const withOdd = (command: Command): Command[] => {
	if ('value' in command && command.value.kind === 'ohms')
		return [command, { ...command, value: { kind: 'ohms', resistanceOhm: -1 } }];
	if (command.kind !== 'move' || !command.held) return [command];
	return [command, ...['bare', 'hotLower', 'nowhere'].map((sat) => ({ ...command, sat }))];
};

/** How things stand in a box: where its device is, its plate, and how many of its landings are in which state. */
function standing({ device, plate, part, wires, moved, closing }: JobState): string {
	const tally = new Map<string, number>();
	for (const each of [...Object.values(wires), ...Object.values(moved).map((how) => `move ${how}`)])
		tally.set(each, (tally.get(each) ?? 0) + 1);
	const counted = [...tally]
		.toSorted(([a], [b]) => a.localeCompare(b))
		.map(([how, count]) => `${count} ${how}`);
	const closed = Object.entries(closing).flatMap(([step, done]) => (done ? [step] : []));
	return [device, `plate ${plate}`, `part ${part}`, ...counted, ...closed].join(', ');
}

/** A job that is told what everybody with everything in order would say; readings stand for their bands, and nothing is solved. */
class Told {
	whole: WholeJob;
	events: JobEvent[] = [];
	readonly #vocabularies = new Map<JobPlan, readonly Command[]>();
	constructor(plans: readonly JobPlan[]) {
		this.whole = initialWhole(plans);
	}
	get at(): number {
		return nextAt(this.whole).at;
	}
	get step(): Step | null {
		return nextAt(this.whole).step;
	}
	get plan(): JobPlan {
		return this.whole.plans[this.at]!;
	}
	get state(): JobState {
		return this.whole.boxes[this.at]!;
	}
	get vocabulary(): readonly Command[] {
		const known = this.#vocabularies.get(this.plan) ?? everyCommand(this.plan).flatMap(withOdd);
		this.#vocabularies.set(this.plan, known);
		return known;
	}
	decide(command: Command): Decision {
		const find = (id: string) => this.events.find((event) => event.id === id);
		const context = { at: '2026-11-24T10:00:00Z', expect: () => expectations, find };
		return decideWhole(context, this.whole, command, this.plan.boxId);
	}
	say(command: Command): void {
		const decision = this.decide(command);
		if (!decision.ok) throw new Error(`${stepName(this.step)}: ${JSON.stringify(decision.refusal)}`);
		const { body, judged } = decision;
		const [id, at, box] = [`e${this.events.length}`, '2026-11-24T10:00:00Z', this.plan.boxId];
		const event: JobEvent = { id, at, box, body, ...(judged ? { judged } : {}) };
		this.events.push(event);
		this.whole = applyToWhole(this.whole, event);
	}
	/** Says the first thing of the vocabulary that the step takes, and that passes. */
	go(): void {
		const { step, plan, state } = this;
		if (step?.kind === 'switchOff') {
			const { off, notFeeding } = state.isolation;
			const breaker =
				step.also ??
				[plan.recordedBreaker, ...plan.breakers, plan.mainSwitch].find(
					(id) => !off.includes(id) && !notFeeding.includes(id)
				)!;
			return this.say({ kind: 'switchBreaker', breaker, on: false });
		}
		const asked = step?.kind === 'needTester' ? 'checkTools' : step?.kind;
		const fitting = this.vocabulary.find((command) => {
			if (command.kind !== asked || !isOf(command, step!)) return false;
			if (command.kind === 'checkTools' && command.tester === 'none') return false;
			const decision = this.decide(command);
			return decision.ok && decision.judged?.passes !== false;
		});
		if (!fitting) throw new Error(`nothing to say at ${stepName(step)}`);
		this.say(fitting);
	}
}

const expectedIn = (expected: unknown): string => {
	const said = JSON.stringify(expected).replace(/["{}]/g, '');
	return expected === null || said === '' ? '' : ` where ${said} is expected`;
};

/** At a step: of each kind of command how many are taken, pass, fail, or are refused, and why. */
function countsOf(job: Told): ReadonlyMap<string, string> {
	const counts = new Map<string, Map<string, number>>();
	for (const command of job.vocabulary) {
		const decision = job.decide(command);
		const said = !decision.ok
			? decision.refusal.code
			: !decision.judged
				? 'taken'
				: `${decision.judged.passes ? 'passes' : 'fails'}${expectedIn(decision.judged.expected)}`;
		if (said === 'notNow') continue;
		const of = counts.get(command.kind) ?? new Map<string, number>();
		counts.set(command.kind, of.set(said, (of.get(said) ?? 0) + 1));
	}
	return new Map(
		[...counts]
			.toSorted(([a], [b]) => a.localeCompare(b))
			.map(([kind, of]) => [
				kind,
				[...of]
					.toSorted()
					.map(([said, count]) => `${count} ${said}`)
					.join(', ')
			])
	);
}

/** What happens when a job first comes to a step, in place of what it asks. */
type Meanwhile = Readonly<Record<string, (job: Told) => void>>;

/**
 * A job step by step: what is asked, how things stand, what would be asked on the way to a stop, and what of that which every command comes to has changed since.
 */
function stepByStep(plans: readonly JobPlan[], meanwhile: Meanwhile = {}): string {
	const job = new Told(plans);
	const lines: string[] = [];
	const left = new Map(Object.entries(meanwhile));
	let before: ReadonlyMap<string, string> = new Map();
	let stopBefore = '';
	let standsBefore = '';
	const look = () => {
		const { plan, state, step } = job;
		const at = plans.length > 1 ? `${plan.boxId}: ` : '';
		lines.push(`${at}${stepName(step)} (${visitOf(state, step)}, ${energyOf(state.isolation)})`);
		const stop = state.status === 'underWay' ? stepName(safeStopStep(plan, state)) : 'over';
		if (stop !== stopBefore) lines.push(`\t… to stop: ${stop}`);
		stopBefore = stop;
		const stands = standing(state);
		if (stands !== standsBefore) lines.push(`\t= ${stands}`);
		standsBefore = stands;
		const now = countsOf(job);
		for (const kind of new Set([...before.keys(), ...now.keys()]))
			if (before.get(kind) !== now.get(kind)) lines.push(`\t${kind}: ${now.get(kind) ?? 'not now'}`);
		before = now;
	};
	look();
	for (let count = 0; count < 300 && job.state.status === 'underWay'; count++) {
		const happens = [...left.keys()].find((each) => stepName(job.step).startsWith(each));
		if (happens !== undefined) {
			left.get(happens)!(job);
			left.delete(happens);
		} else job.go();
		look();
	}
	expect([[...left.keys()], job.state.status === 'underWay']).toEqual([[], false]);
	return `${lines.join('\n')}\n`;
}

const built = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();
const plansOf = (house: House, boxes: readonly BoxWish[]): readonly JobPlan[] => {
	const planned = planWhole(house, boxes);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return planned.plans;
};
const likeForLike = (kind: string) => plansOf(built(kind), [{ boxId: here, wish: null }]);
/** Its upper half shows nothing at first, and something on the same breaker is watched in its place, or nothing is. */
const deadFromStart = (witness: string | null): Meanwhile => ({
	readLive: (job) => job.say({ kind: 'readLive', half: 'upper', reading: meter(0) }),
	'readLive upper': (job) => job.say({ kind: 'deadFromStart', half: 'upper', witness })
});

const noTester = (job: Told) => job.say({ kind: 'checkTools', tester: 'none', has: [...tools, 'lamp'] });
const changed = (what: Change) => (job: Told) => job.say({ kind: 'changed', what });
const meter = (volts: number): VoltReading => ({ instrument: 'multimeter', mode: 'highImpedance', volts });
const isSupply = (cable: string) => (job: Told) =>
	job.say({ kind: 'readSupplyOhms', cable, value: { kind: 'ohms', resistanceOhm: 0.5 } });
const skipped = (job: Told) => job.say({ kind: 'supplyWay', way: 'skip' });
const firstPair = ({ state }: Told): string => state.isolation.proof.required[0]!;

const jobs: Readonly<Record<string, () => readonly [readonly JobPlan[], Meanwhile?]>> = {
	// First what meets most: faults are told by the first that differs.
	'two in one box': () => [
		plansOf(twoGang(), [
			{ boxId: here, wish: wishOf('gfci', 'protected') },
			{ boxId: 'after', wish: wishOf('decorator') }
		]),
		{ 'confirm prepare': changed('foundUnlocked') }
	],
	us: () => [likeForLike('middleThrough'), { supplyWay: skipped }],
	uk: () => [plansOf(tanneryRow(), [{ boxId: 'box-room-desk', wish: null }]), { move: changed('powerSeen') }],
	'the breaker does not feed it': () => [
		likeForLike('endOfRun'),
		{ readPair: (job) => job.say({ kind: 'readPair', pair: firstPair(job), reading: meter(119) }) }
	],
	'held by tape, and away': () => [
		likeForLike('middlePigtails'),
		{ hold: (job) => job.say({ kind: 'hold', way: 'tape' }), lookOver: changed('wasAway') }
	],
	'an indicator that dies': () => [
		likeForLike('endOfRun'),
		{
			'proveTester after': (job) =>
				job.say({ kind: 'proveTester', when: 'after', source: 'provingUnit', reading: meter(0) })
		}
	],
	'GFCI in the middle': () => [
		plansOf(built('middleThrough'), [{ boxId: here, wish: wishOf('gfci', 'protected') }]),
		{ 'readSupplyOhms c2': isSupply('c2'), 'confirm seat': changed('otherBoxOpened') }
	],
	'half-switched': () => [plansOf(built('halfSwitched'), [{ boxId: here, wish: wishOf('decorator') }])],
	'a conductor that turns up': () => [
		likeForLike('endOfRun'),
		{ inspect: (job) => job.say({ kind: 'foundConductor', id: 'extra', colour: 'red', where: 'passing' }) }
	],
	'no ground': () => [plansOf(fennelLaneRecorded(), [{ boxId: 'reading-stove-wall', wish: null }])],
	'which is the supply, dead': () => [
		plansOf(threeCables(), [{ boxId: here, wish: null }]),
		{
			'readSupplyOhms c3': isSupply('c3')
		}
	],
	'which is the supply, alive': () => [
		plansOf(threeCables(), [{ boxId: here, wish: null }]),
		{ supplyWay: (job) => job.say({ kind: 'supplyWay', way: 'live' }) }
	],
	'which is the supply, by the new part': () => [
		plansOf(built('middleThrough'), [{ boxId: here, wish: wishOf('gfci', 'protected') }]),
		{ supplyWay: (job) => job.say({ kind: 'supplyWay', way: 'device' }) }
	],
	'new outlet': () => [plansOf(cableEnd(false), [{ boxId: 'after', wish: wishOf('duplex') }])],
	'two circuits in one box': () => [
		plansOf(twoGangTwoCircuits(), [
			{ boxId: here, wish: null },
			{ boxId: 'after', wish: 'putBack' }
		])
	],
	'beside a wall switch': () => [
		plansOf(outletBesideSwitch(), [
			{ boxId: here, wish: null },
			{ boxId: 'after', wish: 'putBack' }
		]),
		{ supplyWay: skipped }
	],
	'chain of three': () => [
		plansOf(built('middleThrough'), [
			{ boxId: 'before', wish: null },
			{ boxId: here, wish: wishOf('gfci', 'protected') },
			{ boxId: 'after', wish: wishOf('decorator') }
		]),
		{ supplyWay: skipped, 'readSupplyOhms c2': isSupply('c2'), restorePower: changed('powerSeen') }
	],
	'fails its test': () => [
		likeForLike('endOfRun'),
		{
			readPlug: (job) =>
				job.say({
					kind: 'readPlug',
					half: 'upper',
					lamps: { hotNeutral: true, hotGround: false, neutralGround: true }
				})
		}
	],
	'grips badly': () => [
		likeForLike('endOfRun'),
		{ grip: (job) => job.say({ kind: 'grip', half: 'upper', holds: false }) }
	],
	trips: () => [
		likeForLike('endOfRun'),
		{ restorePower: (job) => job.say({ kind: 'restorePower', held: false }) }
	],
	'a short before power': () => [
		likeForLike('endOfRun'),
		{
			readOhms: (job) =>
				job.say({
					kind: 'readOhms',
					check: 'hotNeutral',
					value: { kind: 'ohms', resistanceOhm: 0.4 }
				})
		}
	],
	'must stop': () => [
		likeForLike('endOfRun'),
		{
			inspect: (job) => job.say({ kind: 'inspect', answers: answers({ scorchIntoWall: 'yes' }), note: '' })
		}
	],
	'stops itself': () => [
		likeForLike('endOfRun'),
		{ readPair: (job) => job.say({ kind: 'stop', reason: 'ownChoice', note: '' }) }
	],
	'a reading put right': () => [
		likeForLike('endOfRun'),
		{
			'confirm easeOut': (job) => {
				const read = job.events.find(({ body }) => body.kind === 'readPair')!;
				job.say({ kind: 'amendVolts', of: read.id, reading: meter(118) });
			}
		}
	],
	'no tester at hand': () => [likeForLike('endOfRun'), { checkTools: noTester }],
	'no tester at hand, uk': () => [
		plansOf(tanneryRow(), [{ boxId: 'box-room-desk', wish: null }]),
		{ checkTools: noTester }
	],
	'no cable shows itself to be the supply': () => [
		plansOf(threeCables(), [{ boxId: here, wish: null }]),
		{
			supplyWay: (job) => job.say({ kind: 'supplyWay', way: 'dead' }),
			'supplyWay true': (job) => job.say({ kind: 'supplyWay', way: 'live' })
		}
	],
	'power seen before it is switched on': () => [
		likeForLike('endOfRun'),
		{ 'confirm clearArea': changed('powerSeen') }
	],
	'power seen on the way to a stop': () => [
		likeForLike('endOfRun'),
		{
			inspect: (job) => job.say({ kind: 'inspect', answers: answers({ scorchIntoWall: 'yes' }), note: '' }),
			'confirm closeUp': changed('powerSeen')
		}
	],
	'dead from the start': () => [
		likeForLike('endOfRun'),
		{
			...deadFromStart('before'),
			readWitness: (job) => job.say({ kind: 'readWitness', box: 'before', lit: false })
		}
	],
	'dead from the start, and nothing to watch': () => [likeForLike('endOfRun'), deadFromStart(null)]
};

describe('what every command of the vocabulary comes to, at every step', () => {
	it.each(Object.keys(jobs))('%s', async (name) => {
		const [plans, meanwhile] = jobs[name]!();
		await expect(stepByStep(plans, meanwhile)).toMatchFileSnapshot(`../../test/everyStep/${name}.txt`);
	});
});

describe('what is said', () => {
	let vocabulary: readonly Command[];
	beforeAll(() => {
		// What a reading is put right by is an event’s own id, which the walks don’t have.
		vocabulary = Object.values(jobs)
			.flatMap((job) => job()[0])
			.flatMap(everyCommand)
			.filter((each) => each.kind !== 'amendVolts' && !('half' in each && each.half === undefined));
	});
	it('is known by where it belongs: to a box or the job, to which part of the record, and whether hands are on conductors', async () => {
		const lines = vocabulary.map((command) => {
			const { kind, record } = moduleFor(command);
			const which = command.kind === 'confirm' ? ` ${command.step}` : '';
			const concerns = concernsJob(command) ? 'job' : 'box';
			expect(kind).toBe(command.kind);
			return `${kind}${which}: ${concerns}, ${record ?? 'in no part of the record'}${touches(command) ? ', hands on conductors' : ''}`;
		});
		const text = `${[...new Set(lines)].toSorted().join('\n')}\n`;
		await expect(text).toMatchFileSnapshot('../../test/everyStep/vocabulary.txt');
		// What is not the job’s is a box’s: nothing is nobody’s.
		for (const { concerns } of [...Object.values(confirmable), ...vocabulary.map(moduleFor)])
			expect(['job', 'box']).toContain(concerns);
	});

	it('is taken as it is; with something more to it, or with something left out, it is no command', () => {
		const kinds = new Set<string>();
		const optional = new Set(['cable', 'sat', 'note', 'landings', 'counts']);
		for (const command of vocabulary) {
			expect(commandSchema.parse(command)).toEqual(command);
			if (kinds.has(command.kind)) continue;
			kinds.add(command.kind);
			expect([command.kind, commandSchema.safeParse({ ...command, more: 1 }).success]).toEqual([
				command.kind,
				false
			]);
			for (const key of Object.keys(command).filter((each) => !optional.has(each))) {
				const { [key as 'kind']: _left, ...rest } = command;
				expect([command.kind, key, commandSchema.safeParse(rest).success]).toEqual([
					command.kind,
					key,
					false
				]);
			}
		}
		expect(kinds.size).toBeGreaterThan(40);
	});

	it('names places and parts by words that there are', () => {
		for (const odd of [
			{ kind: 'confirm', step: 'anything' },
			{ kind: 'readEnds', role: 'switchedHot', value: { kind: 'overload' } },
			{ kind: 'readEnds', role: 'hot', value: { kind: 'ohms' } },
			{ kind: 'move', move: '', held: true },
			{ kind: 'move', move: 'land', held: 'yes' },
			{ kind: 'takeOff', terminal: 7 },
			{ kind: 'nothing' }
		])
			expect([odd, commandSchema.safeParse(odd).success]).toEqual([odd, false]);
	});
});
