import { describe, expect, it } from 'vitest';
import { energyOf } from '../src/isolation';
import {
	applyToWhole,
	concernsJob,
	decideWhole,
	initialWhole,
	nextAt,
	type Command,
	type JobPlan,
	type JobState,
	type Planner,
	type WholeJob
} from '../src/job';
import { handsOnConductors, provenByEvidence, restoresPower } from './everyState';
import { everyCommand, expectations, named } from './walk';

/**
 * A box as the isolation sees it: one half, a pair of each kind, one landing, one check. What a box's own work is made of is walked box by box (`everyState`); here it
 * is what boxes do to each other.
 */
export const plainBox = (plan: JobPlan): JobPlan => ({
	...plan,
	halves: plan.halves.slice(0, 1),
	newHalves: plan.newHalves.slice(0, 1),
	facePairs: plan.facePairs.slice(0, 1),
	barePairs: plan.barePairs.slice(0, 1),
	baselines: [],
	ends: [],
	// How a box comes to be dead that can’t be shown live is walked there.
	deadFromStart: false,
	witnesses: [],
	asFound: null,
	supplyCables: [],
	takeOff: plan.takeOff.slice(0, 1),
	resistanceChecks: plan.putBack ? [] : ['hotNeutral'],
	metalBox: false,
	hard: {},
	upstream: [],
	downstream: [],
	asked: null
});

/** Left out where there are several boxes, and why. */
const leftOut: Partial<Readonly<Record<Command['kind'], string>>> = {
	readGroundEarth: 'seen by the box it is said at alone, and walked there',
	foundConductor: 'seen by the box it is said at alone, and walked there',
	supplyWay: 'the supply is no question of several boxes',
	touchSupply: 'the supply is no question of several boxes',
	trySupply: 'the supply is no question of several boxes',
	readSupplyOhms: 'the supply is no question of several boxes',
	readSupplyVolts: 'the supply is no question of several boxes',
	readOutlet: 'seen by the box it is said at alone, and walked there',
	checkNeighbour: 'seen by the box it is said at alone, and walked there',
	arranged: 'asked of the breaker, and walked with one box',
	amendVolts: 'finds its reading by an id that one box alone has: walked with one box',
	searchBy: 'no part of a state’s name',
	searched: 'no part of a state’s name',
	autopsy: 'no part of a state’s name',
	note: 'no part of a state’s name'
};
const worthSaying = (command: Command, { controls }: JobPlan): boolean => {
	// A device without a face is never read to a ground of its own.
	if (command.kind === 'proveEarth') return controls !== null && command.lamps.hotGround;
	if (leftOut[command.kind] !== undefined) return false;
	// What a load shows is kept and changes nothing: left is enough.
	if (command.kind === 'readLoaded') return command.read.kind === 'left';
	if (command.kind === 'readLiveGround')
		return command.touchless === 'silent' && 'lit' in command.reading && command.reading.lit;
	if (command.kind === 'hold') return command.way === 'padlock';
	if (command.kind === 'checkPart') return command.answers.grounded;
	if (command.kind === 'readLive') return 'volts' in command.reading && command.reading.volts > 100;
	// A joint that slips, a check or a grip that fails send back into their own box, as a failed test does: that one is said here.
	if (command.kind === 'grip') return command.holds;
	if (command.kind === 'readOhms') return command.value.kind === 'overload';
	if (command.kind === 'lookOver') return command.asRecorded;
	if (command.kind === 'proveTester') return 'volts' in command.reading && command.reading.volts > 100;
	if (command.kind === 'readPair')
		return 'volts' in command.reading && [0.02, 120].includes(command.reading.volts);
	if (command.kind === 'changed') return command.what === 'powerSeen' || command.what === 'otherBoxOpened';
	return true;
};

export interface Walked {
	readonly states: readonly WholeJob[];
	readonly moves: readonly {
		readonly from: number;
		readonly command: Command;
		readonly at: number;
		readonly to: number;
	}[];
}

/** A state’s name, worked out once for each: what is said at one box leaves the others as they were. */
const names = new WeakMap<JobState, string>();
function nameOf(state: JobState, plan: JobPlan): string {
	const known = names.get(state) ?? named(plan, state).key;
	names.set(state, known);
	return known;
}

const planNames = new WeakMap<JobPlan, string>();
/** What a plan may come to differ by: what was found, and what lands where. */
function planName(plan: JobPlan): string {
	const { foundAs, work } = plan;
	const name =
		planNames.get(plan) ??
		JSON.stringify([foundAs, work?.ways.map(({ moves }) => moves.map(({ id }) => id))]);
	planNames.set(plan, name);
	return name;
}

/** What may be planned anew: who plans, and the plans that can come of it, each with what is then said to be found. */
export interface Beside {
	readonly planner?: Planner;
	readonly others?: readonly JobPlan[];
	/** So many of the boxes are there from the beginning; the rest is taken in on the way. Left out: all. */
	readonly begun?: number;
	/** What else may be said at the first box. */
	readonly more?: readonly Command[];
}

/** Every command of any of these plans, once; and that what each was made from is found. */
function said(plans: readonly JobPlan[]): Command[] {
	const all = plans.flatMap((plan): Command[] => [
		...everyCommand(plan),
		...(plan.foundAs ? [{ kind: 'planAnew', found: plan.foundAs } as const] : [])
	]);
	return [...new Map(all.map((command) => [JSON.stringify(command), command])).values()];
}

/** Every state that any sequence of commands, said at any box, can reach. */
function walkWhole(
	plans: readonly JobPlan[],
	{ planner, others = [], begun = plans.length, more = [] }: Beside = {}
): Walked {
	const commands = plans.flatMap((plan, at) =>
		said([plan, ...others])
			// What is the job’s own is the same said anywhere, but for whom a switching off sends back into his box.
			.filter(
				(command) =>
					worthSaying(command, plan) &&
					// Which breaker it is tells the same story in each box, and is walked there.
					(command.kind !== 'switchBreaker' ||
						command.breaker === plan.recordedBreaker ||
						(command.breaker === plan.mainSwitch && plans.some(({ controls }) => controls !== null))) &&
					(at === 0 || !concernsJob(command) || command.kind === 'switchBreaker')
			)
			.map((command) => ({ at, command }))
	);
	const onTheWay = plans.slice(begun).flatMap(({ boxId: box }): Command[] => [
		{ kind: 'addBox', box, wish: null },
		{ kind: 'dropBox', box }
	]);
	commands.push(...[...onTheWay, ...more].map((command) => ({ at: 0, command })));
	const numbers = new Map<string, number>();
	const states: WholeJob[] = [];
	const moves: Walked['moves'][number][] = [];
	const numberOf = (whole: WholeJob): number => {
		const key = `${whole.boxes.map((state, k) => nameOf(state, whole.plans[k]!)).join('#')} ${whole.plans.map(planName).join('#')}`;
		const known = numbers.get(key);
		if (known !== undefined) return known;
		numbers.set(key, states.length);
		return states.push(whole) - 1;
	};
	numberOf(initialWhole(plans.slice(0, begun), planner));
	const context = { expect: () => expectations, find: () => undefined };
	for (let from = 0; from < states.length; from++)
		for (const { at, command } of commands) {
			const box = plans[at]!.boxId;
			// Nobody stands at an outlet that isn’t in the job.
			if (at >= states[from]!.boxes.length) continue;
			const decision = decideWhole(context, states[from]!, command, box);
			if (!decision.ok) continue;
			const { ok: _ok, ...said } = decision;
			const event = { id: 'e', at: '', box, ...said };
			moves.push({ from, command, at, to: numberOf(applyToWhole(states[from]!, event)) });
		}
	return { states, moves };
}

const isShut = ({ device }: JobState): boolean => device === 'oldSeated' || device === 'newSeated';

/** What holds of every state of a job at several boxes. */
export const everyWhole = (
	name: string,
	plans: readonly JobPlan[],
	beside?: Beside,
	also?: (walked: Walked) => void
) =>
	describe(`every reachable state of several boxes: ${name}`, () => {
		const started = performance.now();
		const walked = walkWhole(plans, beside);
		const { states, moves } = walked;
		also?.(walked);
		console.log(
			`${name}: walked ${states.length} states by ${moves.length} accepted commands in ${((performance.now() - started) / 1000).toFixed(0)} s`
		);
		const wrong = (check: (before: WholeJob, move: Walked['moves'][number]) => string | null): string[] =>
			moves
				.flatMap((move) => {
					const complaint = check(states[move.from]!, move);
					return complaint === null ? [] : [complaint];
				})
				.slice(0, 5);

		it('both ends and every box open are in it', () => {
			expect(new Set(states.map(({ boxes }) => boxes[0]!.status))).toEqual(
				new Set(['underWay', 'stopped', 'finished'])
			);
			for (const at of plans.keys())
				expect(states.some(({ boxes }) => boxes[at] && !isShut(boxes[at]))).toBe(true);
		});

		it('lays hands on a box only when that box itself is proven dead, on its own readings', () => {
			expect(
				wrong(({ boxes }, { command, at }) =>
					handsOnConductors(command) &&
					(energyOf(boxes[at]!.isolation) !== 'provenDead' || !provenByEvidence(boxes[at]!, 1))
						? `${command.kind} at ${at} in ${energyOf(boxes[at]!.isolation)}`
						: null
				)
			).toEqual([]);
		});

		it('opens a box only when it was read live with the power on, and its ground or another was shown to be one', () => {
			expect(
				wrong(({ boxes }, { command, at }) => {
					const opens = command.kind === 'confirm' && ['plateOff', 'easeOut'].includes(command.step);
					if (!opens || plans[at]!.controls !== null) return null;
					const { live, earth, late } = boxes[at]!;
					const read = plans[at]!.halves.every((half) => live[half] === 'passed');
					return read && earth !== 'untested' && !late ? null : `${command.step} at ${at}`;
				})
			).toEqual([]);
		});

		it('eases forward what has no face only with the power off, held and tagged, what it works gone dark or all of it off, and the faces beside it read dead', () => {
			expect(
				wrong(({ boxes }, { command, at }) => {
					if (command.kind !== 'confirm' || command.step !== 'easeForward') return null;
					const { isolation, tagged, controlled } = boxes[at]!;
					const near = plans.flatMap(({ boxId, controls }, k) =>
						plans[at]!.beside.includes(boxId) && controls === null ? [boxes[k]!] : []
					);
					const dark = controlled.lit === true && controlled.dark === true;
					const sound =
						isolation.power === 'off' &&
						isolation.hold !== null &&
						isolation.doubt === null &&
						tagged &&
						(dark || isolation.off.includes(plans[at]!.mainSwitch)) &&
						// One that hangs out came out on its own proof, and is read again with this one.
						near.every((state) => !isShut(state) || provenByEvidence(state, 1));
					return sound ? null : JSON.stringify([isolation.power, isolation.hold, tagged, controlled]);
				})
			).toEqual([]);
			expect(moves.some(({ command }) => command.kind === 'confirm' && command.step === 'easeForward')).toBe(
				plans.some(({ controls }) => controls !== null)
			);
		});

		it('what is read at one box is no evidence at another', () => {
			expect(
				wrong(({ boxes }, { command, at, to }) => {
					if (!['readPair', 'proveTester'].includes(command.kind)) return null;
					const after = states[to]!.boxes;
					const gained = boxes.findIndex(
						(state, k) =>
							k !== at &&
							energyOf(state.isolation) !== 'provenDead' &&
							energyOf(after[k]!.isolation) === 'provenDead' &&
							// Beside each other in one box, each on its own readings: the last of them completes the proof.
							!(plans[k]!.beside.includes(plans[at]!.boxId) && provenByEvidence(after[k]!, 1))
					);
					return gained < 0 ? null : `${command.kind} at ${at} proves ${gained}`;
				})
			).toEqual([]);
		});

		it('opens one box at a time', () => {
			const open = ({ boxes }: WholeJob) =>
				plans
					.filter((_, k) => boxes[k] && !isShut(boxes[k]))
					.map(({ boxId, beside }) => [boxId, ...beside].sort().join());
			expect(states.filter((whole) => new Set(open(whole)).size > 1)).toEqual([]);
		});

		it('of several devices in one box, lays hands on one only when all of them are out and read dead', () => {
			if (plans.every(({ beside }) => beside.length === 0)) return;
			const opening = ['easeOut', 'plateOff'];
			expect(
				wrong(({ boxes }, { command, at }) => {
					const out =
						command.kind === 'reopen' || (command.kind === 'confirm' && opening.includes(command.step));
					if (!handsOnConductors(command)) return null;
					// Of one that comes out only what has no face has to be out and read before.
					const near = plans.flatMap(({ boxId, controls }, k) =>
						plans[at]!.beside.includes(boxId) && (!out || controls !== null) ? [k] : []
					);
					const bad = near.find(
						(k) =>
							boxes[k]!.device === 'oldSeated' ||
							boxes[k]!.isolation.proof.scope !== 'bare' ||
							!provenByEvidence(boxes[k]!, 1)
					);
					return bad === undefined ? null : `${command.kind} at ${at} with ${bad} ${boxes[bad]!.device}`;
				})
			).toEqual([]);
			expect(states.some(({ boxes }) => boxes.every((state) => !isShut(state)))).toBe(true);
		});

		it('restores power only with every box shut, and every end in those that were opened tugged', () => {
			expect(
				wrong(({ boxes }, { command }) =>
					restoresPower(command) &&
					boxes.some(
						(state) =>
							!isShut(state) ||
							(state.device === 'newSeated' && Object.values(state.wires).some((wire) => wire !== 'tugged'))
					)
						? command.kind
						: null
				)
			).toEqual([]);
		});

		it('all boxes agree on what is the job’s: breakers, lock, tag, and whether it is over', () => {
			const differ = states.filter(({ boxes }) =>
				boxes.some(
					({ status, tagged, isolation }) =>
						status !== boxes[0]!.status ||
						tagged !== boxes[0]!.tagged ||
						isolation.power !== boxes[0]!.isolation.power ||
						isolation.hold !== boxes[0]!.isolation.hold ||
						isolation.off.join() !== boxes[0]!.isolation.off.join()
				)
			);
			expect(differ).toEqual([]);
		});

		it('finishes only with every box tested and shut, stops only where each is off and held or untouched', () => {
			for (const { boxes } of states)
				for (const [at, state] of boxes.entries()) {
					if (state.status === 'finished') {
						const { newHalves, putBack } = plans[at]!;
						for (const half of newHalves)
							expect([state.final[half], state.grip[half], state.redo]).toEqual([
								'passed',
								putBack ? undefined : 'passed',
								null
							]);
						if (state.controlled.was) expect(state.controlled.works).toBe('passed');
						expect([state.device, state.isolation.power]).toEqual(['newSeated', 'restored']);
					}
					if (state.status === 'stopped' && state.device !== 'oldSeated')
						expect([state.isolation.power, state.isolation.hold !== null, state.tagged]).toEqual([
							'off',
							true,
							true
						]);
				}
		});

		it('always names a next step, and has a way to its end or to a safe stop', () => {
			expect(
				states.filter((whole) => whole.boxes[0]!.status === 'underWay' && nextAt(whole).step === null)
			).toEqual([]);
			const before: number[][] = states.map(() => []);
			for (const { from, to } of moves) before[to]!.push(from);
			const reaches = new Set(states.flatMap(({ boxes }, k) => (boxes[0]!.status === 'stopped' ? [k] : [])));
			for (const k of reaches) for (const earlier of before[k]!) reaches.add(earlier);
			expect(states.filter(({ boxes }, k) => boxes[0]!.status === 'underWay' && !reaches.has(k))).toEqual([]);
		});
	});
