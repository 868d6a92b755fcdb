import { deadBand, energyOf, isolate, type IsolationEvent, type IsolationState } from '../isolation';
import { stopping } from './conditions';
import type { Condition, JobEvent } from './events';
import { pairsToRead } from './pairs';
import type { JobPlan } from './plan';
import { contrastOutcome } from './contrast';
import { moved, openedForWork, withoutWay } from './applyWork';
import { noSupply, supplyOutcome, type CableVerdict, type SupplyState } from './supply';
import {
	asOf,
	foundPair,
	initialJob,
	isBare,
	mapWires,
	noClosing,
	type JobState,
	type Passed
} from './state';

export const replay = (plan: JobPlan, events: readonly JobEvent[]): JobState =>
	events.reduce((state, event) => applyEvent(plan, state, event), initialJob(plan));

/** The state after one more accepted event. Pure. */
export function applyEvent(plan: JobPlan, earlier: JobState, event: JobEvent): JobState {
	const { body } = event;
	const before = asOf(earlier, event.at);
	const isolationEvent = forIsolation(plan, before, event);
	const changedIsolation = isolationEvent ? isolate(before.isolation, isolationEvent) : before.isolation;
	const supply = supplyAfter(before, changedIsolation);
	// What was cleared for one purpose isn’t clear for the next.
	const isolation = supply === before.supply ? changedIsolation : { ...changedIsolation, areaClear: false };
	const notFeeding = isolation.notFeeding.slice(before.isolation.notFeeding.length);
	const state: JobState = {
		...before,
		isolation,
		supply,
		lastAt: event.at,
		search: stayedLive(before.search, notFeeding)
	};
	switch (body.kind) {
		case 'confirm':
			return confirmed(state, body.step);
		case 'checkTools':
			return { ...state, tester: body.tester };
		case 'checkPart':
			return {
				...state,
				part: event.judged?.passes ? 'fits' : 'misfit',
				partRatingA: body.answers.ratingA
			};
		case 'decideProtection':
			return { ...state, decided: body.decision };
		case 'readLive':
			return { ...state, live: { ...state.live, [body.half]: passed(event) } };
		case 'readLiveGround': {
			// Lit and alarming it may be alive: behind swapped conductors a live ground lights the same lamps. Dark and alarming it may only float.
			const alarmed = body.touchless === 'alarms' && deadBand(body.reading) === 'live';
			const known = { ...state, earth: event.judged?.passes ? ('box' as const) : { source: null } };
			return plan.procedure >= 2
				? {
						...known,
						groundAlarm: alarmed ? { half: body.half, settled: false, lowImpedance: false } : null,
						stops: { ...state.stops, ground: null }
					}
				: { ...known, stops: { ...state.stops, ground: alarmed ? 'liveGround' : null } };
		}
		case 'readGroundEarth': {
			const band = deadBand(body.reading);
			return {
				...state,
				groundAlarm: { half: body.half, settled: band === 'dead', lowImpedance: band === 'unresolved' },
				stops: { ...state.stops, ground: band === 'live' ? 'liveGround' : null }
			};
		}
		case 'proveEarth':
			return { ...state, earth: { source: event.judged?.passes ? body.source : null } };
		case 'arranged':
			return { ...state, arranged: [...state.arranged, body.thing] };
		case 'searchBy':
			return { ...state, search: { ...state.search, settings: body.settings } };
		case 'searched':
			return { ...state, search: { ...state.search, events: [...state.search.events, body.event] } };
		case 'switchBreaker':
			// Tag and telling belong to the breaker they were done for.
			if (body.on) return { ...state, tagged: false };
			if (before.isolation.power === 'restored' && state.device === 'none')
				return { ...state, tagged: false };
			if (before.isolation.power === 'restored')
				return offAgain({ ...state, tagged: false, feeder: body.breaker });
			return { ...state, tagged: false, feeder: body.breaker };
		case 'lookOver':
			return {
				...state,
				lookedOver: true,
				metalBox: body.material === undefined ? state.metalBox : body.material === 'metal',
				stops: { ...state.stops, lookOver: body.asRecorded ? null : 'notAsRecorded' }
			};
		case 'foundConductor':
			return {
				...state,
				found: [...state.found, body.id],
				stops: { ...state.stops, found: body.where === 'onDevice' ? 'foundOnDevice' : state.stops.found }
			};
		case 'inspect':
			return inspected(state, body.answers);
		case 'takeOff': {
			const wires = { ...state.wires, [body.terminal]: 'off' as const };
			return {
				...state,
				wires,
				device: Object.values(wires).every((wire) => wire !== 'onOld') ? 'none' : state.device
			};
		}
		case 'supplyWay':
			return {
				...state,
				supply: body.way === 'skip' ? { ...noSupply, outcome: 'skipped' } : { ...noSupply, way: body.way }
			};
		case 'readSupplyOhms':
		case 'readSupplyVolts':
		case 'touchSupply':
			return plan.procedure >= 2
				? supplySeen(plan, state, event)
				: supplyRead(plan, state, body.cable, event);
		case 'readBaseline':
			return { ...state, baseline: { ...state.baseline, [body.group]: body.value } };
		case 'cap':
			return { ...state, wires: mapWires(state, (wire) => (isBare(wire) ? 'capped' : wire)) };
		case 'terminate':
			return {
				...state,
				device: 'newOut',
				wires: { ...state.wires, [body.from]: 'onNew' },
				landed: { ...state.landed, [body.from]: body.terminal }
			};
		case 'tug':
			return { ...state, wires: { ...state.wires, [body.terminal]: body.held ? 'tugged' : 'ready' } };
		case 'move':
			return moved(plan, state, body);
		case 'checkWork':
			return afterPower(
				{ ...state, checks: { ...state.checks, [body.check]: passed(event) } },
				event,
				'finalTest'
			);
		case 'reopen':
			return plan.work ? openedForWork(plan, state, reopened(state)) : reopened(state);
		case 'readOhms':
			return { ...state, resistance: { ...state.resistance, [body.check]: passed(event) } };
		case 'restorePower':
			if (body.held) return { ...state, tagged: false };
			// Tripped with every end capped and apart: the fault is in a cable.
			return state.device === 'none'
				? {
						...state,
						tagged: false,
						supply: { ...state.supply, outcome: 'none' },
						stops: { ...state.stops, supply: 'noArrangement' }
					}
				: { ...state, tagged: false, redo: 'tripped' };
		case 'readOutlet':
		case 'readPlug':
			return afterPower(
				{ ...state, final: { ...state.final, [body.half]: passed(event) } },
				event,
				'finalTest'
			);
		case 'checkNeighbour': {
			const checked = { ...state, neighbours: { ...state.neighbours, [body.box]: passed(event) } };
			// One before this box hangs on nothing that was done here; on a ring nothing comes before.
			const before = plan.procedure >= 2 && !plan.onRing && plan.upstream.includes(body.box);
			return before ? checked : afterPower(checked, event, 'neighbour');
		}
		case 'grip':
			return afterPower({ ...state, grip: { ...state.grip, [body.half]: passed(event) } }, event, 'grip');
		case 'tidyDirectory':
			return { ...state, directory: body.label };
		case 'stop':
			return { ...state, status: 'stopped', stopReason: body.reason };
		case 'finish':
			return { ...state, status: 'finished' };
		case 'hold':
		case 'proveTester':
		case 'readPair':
		case 'amendVolts':
		case 'changed':
		case 'autopsy':
		case 'note':
			return state;
	}
}

/** A search for the supply cable that a lapsed proof interrupts begins again: nobody remembers half of it. What was found stays found. */
function supplyAfter({ supply, isolation: before }: JobState, after: IsolationState): SupplyState {
	if (supply.outcome === 'found' || supply.outcome === 'skipped' || supply.outcome === 'none') return supply;
	const lapsed =
		energyOf(before) === 'provenDead' && energyOf(after) !== 'provenDead' && after.power !== 'restored';
	const offAgain = before.power === 'restored' && after.power !== 'restored';
	return lapsed || offAgain ? noSupply : supply;
}

/** One cable read: what that leaves. Nothing that fits is a reason to stop; a dead way that tells nothing is not. */
function supplyRead(plan: JobPlan, state: JobState, cable: string, event: JobEvent): JobState {
	const way = state.supply.way!;
	const verdicts = { ...state.supply.verdicts, [cable]: event.judged?.cable ?? ('odd' as CableVerdict) };
	const { outcome, found } = supplyOutcome(plan, way, verdicts);
	return {
		...state,
		supply: { ...state.supply, verdicts, outcome, found, by: outcome === 'found' ? way : null },
		stops: { ...state.stops, supply: outcome === 'none' ? 'noArrangement' : null }
	};
}

/** One more thing seen of a cable, and what all of it comes to. */
function supplySeen(plan: JobPlan, state: JobState, { body, judged }: JobEvent): JobState {
	const { supply } = state;
	const seen: SupplyState =
		body.kind === 'touchSupply'
			? { ...supply, touched: { ...supply.touched, [body.cable]: body.alarms } }
			: body.kind === 'readSupplyOhms'
				? { ...supply, ohms: { ...supply.ohms, [body.cable]: body.value } }
				: body.kind === 'readSupplyVolts'
					? { ...supply, verdicts: { ...supply.verdicts, [body.cable]: judged?.cable ?? 'odd' } }
					: supply;
	const { found, verdicts, ...told } = contrastOutcome(plan, seen);
	const outcome = withoutWay(plan, told.outcome, found) ? 'none' : told.outcome;
	return {
		...state,
		supply: { ...seen, verdicts, outcome, found, by: outcome === 'found' ? seen.way : null },
		stops: { ...state.stops, supply: outcome === 'none' ? 'noArrangement' : null }
	};
}

const passed = (event: JobEvent): Passed => (event.judged?.passes ? 'passed' : 'failed');

/** A breaker with which the outlet was read live is out for the search too. */
const stayedLive = (search: JobState['search'], breakers: readonly string[]): JobState['search'] =>
	breakers.length === 0
		? search
		: {
				...search,
				events: [
					...search.events,
					...breakers.map((id) => ({
						kind: 'answer' as const,
						off: [id],
						answer: 'on' as const,
						by: 'lamp' as const
					}))
				]
			};

function forIsolation(plan: JobPlan, state: JobState, { id, body, judged }: JobEvent): IsolationEvent | null {
	switch (body.kind) {
		case 'readLiveGround': {
			const earth = judged?.passes ? 'box' : { source: null };
			return { kind: 'reference', facePairs: pairsToRead(plan, earth).face.map((pair) => pair.id) };
		}
		case 'switchBreaker':
		case 'hold':
		case 'restorePower':
		case 'amendVolts':
		case 'changed':
			return body;
		case 'proveTester':
		case 'readPair':
			return { ...body, id };
		case 'foundConductor':
			return { kind: 'foundConductor', pair: foundPair(body.id) };
		case 'confirm':
			if (body.step === 'easeOut') return { kind: 'exposed', pairs: barePairIds(plan, state) };
			if (body.step === 'seat' || body.step === 'closeUp') return { kind: 'closed' };
			return body.step === 'clearArea' ? { kind: 'clearArea' } : null;
		case 'stop':
		case 'finish':
			return { kind: 'over' };
		case 'reopen':
			return { kind: 'exposed', pairs: barePairIds(plan, state) };
		default:
			return null;
	}
}

const barePairIds = (plan: JobPlan, state: JobState): string[] => [
	...pairsToRead(plan, state.earth).bare.map(({ id }) => id),
	...state.found.map(foundPair)
];

function confirmed(state: JobState, step: Extract<JobEvent['body'], { kind: 'confirm' }>['step']): JobState {
	switch (step) {
		case 'cautions':
			return { ...state, cautions: true };
		case 'tag':
			return { ...state, tagged: true };
		case 'tell':
			return { ...state, told: true };
		case 'plateOff':
			return { ...state, plate: 'off' };
		case 'plateOn':
			return { ...state, plate: 'on' };
		case 'easeOut':
			return { ...state, device: 'oldOut' };
		case 'prepare':
			return {
				...state,
				wires: mapWires(state, (wire) => (wire === 'off' || wire === 'capped' ? 'ready' : wire))
			};
		case 'seat':
			return { ...state, device: 'newSeated', resistance: {} };
		case 'clearArea':
			return state;
		case 'spreadEnds':
			return { ...state, supply: { ...state.supply, spread: true } };
		case 'markSupply':
			return { ...state, supply: { ...state.supply, marked: true } };
		case 'closeUp':
			return { ...state, closedUp: true };
		case 'nothingLeft':
			return { ...state, nothingLeft: true };
		default:
			return { ...state, closing: { ...state.closing, [step]: true } };
	}
}

function inspected(state: JobState, answers: Readonly<Record<Condition, 'no' | 'yes' | 'unsure'>>): JobState {
	const entries = Object.entries(answers) as [Condition, 'no' | 'yes' | 'unsure'][];
	const stop = entries.find(([condition, answer]) => answer === 'yes' && stopping.includes(condition))?.[0];
	const unsure = entries.some(([condition, answer]) => answer === 'unsure' && stopping.includes(condition));
	return {
		...state,
		inspected: true,
		attend: entries.filter(([, answer]) => answer !== 'no').map(([condition]) => condition),
		stops: { ...state.stops, inspect: stop ?? (unsure ? 'unsure' : null) }
	};
}

/** Out of the box again: every joint is to be made or tugged anew, and what was tested no longer counts. */
function reopened(state: JobState): JobState {
	const swapped = state.redo === 'grip';
	return {
		...state,
		landed: swapped ? {} : state.landed,
		device: swapped ? 'oldOut' : 'newOut',
		part: swapped ? null : state.part,
		plate: 'off',
		wires: mapWires(state, () => (swapped ? 'onOld' : 'onNew')),
		closing: noClosing,
		resistance: {},
		final: {},
		checks: {},
		neighbours: {},
		grip: {},
		nothingLeft: false,
		redo: null
	};
}

/** Switched off after power was back: whatever was tested is to be tested again. */
const offAgain = (state: JobState): JobState => ({
	...state,
	redo: state.redo ?? 'ownChoice',
	final: {},
	checks: {},
	neighbours: {},
	grip: {},
	nothingLeft: false,
	directory: null
});

function afterPower(state: JobState, event: JobEvent, reason: NonNullable<JobState['redo']>): JobState {
	return event.judged?.passes ? state : { ...state, redo: state.redo ?? reason };
}
