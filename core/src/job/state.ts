import type { Half } from '../house';
import { deadBand, energyOf, initialIsolation, isolate, type IsolationEvent, type IsolationState } from '../isolation';
import { defaultSettings, type SearchEvent, type SearchSettings } from '../search';
import type { Condition, JobEvent, StopReason, Tester } from './events';
import { pairsToRead, type Earth } from './pairs';
import type { JobPlan, ResistanceCheck } from './plan';
import { noSupply, supplyOutcome, type CableVerdict, type SupplyState } from './supply';

/** How far a terminal's wires are: on the old device, off, made ready, capped, on the new device, tugged there. */
export type WireState = 'onOld' | 'off' | 'ready' | 'capped' | 'onNew' | 'tugged';
/** Old or new device; seated in the box or out of it; `none` while all wires are off. */
export type DevicePlace = 'oldSeated' | 'oldOut' | 'none' | 'newOut' | 'newSeated';
export type Passed = 'passed' | 'failed';

export interface JobState {
	readonly status: 'underWay' | 'stopped' | 'finished';
	readonly stopReason: StopReason | null;
	readonly isolation: IsolationState;
	readonly cautions: boolean;
	readonly tester: Tester | null;
	readonly part: 'fits' | 'misfit' | null;
	readonly live: Readonly<Partial<Record<Half, Passed>>>;
	/** What “to ground” is read to. */
	readonly earth: Earth;
	/** Things that may not simply go off and have been seen to, by id. */
	readonly arranged: readonly string[];
	readonly search: { readonly settings: SearchSettings; readonly events: readonly SearchEvent[] };
	/** When the last event was, ISO 8601; empty before the first. */
	readonly lastAt: string;
	readonly tagged: boolean;
	readonly told: boolean;
	readonly plate: 'on' | 'off';
	readonly device: DevicePlace;
	readonly lookedOver: boolean;
	readonly inspected: boolean;
	readonly supply: SupplyState;
	/** What was found that leaves only making safe and handing over, by where it was found: a corrected answer lifts its own reason only. */
	readonly stops: {
		readonly ground: StopReason | null;
		readonly lookOver: StopReason | null;
		readonly inspect: StopReason | null;
		readonly supply: StopReason | null;
		readonly found: StopReason | null;
	};
	/** Conditions met that change what is done next but don't end the job. */
	readonly attend: readonly Condition[];
	/** By terminal. */
	readonly wires: Readonly<Record<string, WireState>>;
	readonly closing: { readonly unusedScrews: boolean; readonly tape: boolean; readonly fold: boolean; readonly tugAgain: boolean };
	readonly resistance: Readonly<Partial<Record<ResistanceCheck, Passed>>>;
	readonly final: Readonly<Partial<Record<Half, Passed>>>;
	readonly neighbours: Readonly<Record<string, Passed>>;
	readonly grip: Readonly<Partial<Record<Half, Passed>>>;
	/** Lock, clip, tape, tag and lead are off again, and every breaker that was tried is on. */
	readonly nothingLeft: boolean;
	/** After power was on, something was wrong: the box must be opened again, the same way as before. */
	readonly redo: 'finalTest' | 'neighbour' | 'grip' | 'tripped' | 'ownChoice' | null;
	readonly directory: string | null;
	/** The breaker whose switching made the outlet dead. */
	readonly feeder: string | null;
	/** Folded back and covered on the way to a stop: from here the job only ends. */
	readonly closedUp: boolean;
	/** Ids of conductors that came to light beside the recorded ones. */
	readonly found: readonly string[];
}

const noClosing = { unusedScrews: false, tape: false, fold: false, tugAgain: false };

/** The state before the first event. */
export function initialJob(plan: JobPlan): JobState {
	return {
		status: 'underWay',
		stopReason: null,
		isolation: initialIsolation(plan.facePairs.map(({ id }) => id)),
		cautions: false,
		tester: null,
		part: null,
		live: {},
		earth: plan.grounded ? 'untested' : { source: null },
		arranged: [],
		search: { settings: defaultSettings, events: [] },
		lastAt: '',
		tagged: false,
		told: false,
		plate: 'on',
		device: 'oldSeated',
		lookedOver: false,
		inspected: false,
		stops: { ground: null, lookOver: null, inspect: null, supply: null, found: null },
		attend: [],
		supply: noSupply,
		wires: Object.fromEntries(plan.takeOff.map(({ terminal }) => [terminal, 'onOld' as const])),
		closing: noClosing,
		resistance: {},
		final: {},
		neighbours: {},
		grip: {},
		nothingLeft: false,
		redo: null,
		directory: null,
		feeder: null,
		closedUp: false,
		found: []
	};
}

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
	const state: JobState = { ...before, isolation, supply, lastAt: event.at, search: stayedLive(before.search, notFeeding) };
	switch (body.kind) {
		case 'confirm':
			return confirmed(state, body.step);
		case 'checkTools':
			return { ...state, tester: body.tester };
		case 'checkPart':
			return { ...state, part: event.judged?.passes ? 'fits' : 'misfit' };
		case 'readLive':
			return { ...state, live: { ...state.live, [body.half]: passed(event) } };
		case 'readLiveGround':
			return {
				...state,
				earth: event.judged?.passes ? 'box' : { source: null },
				// Lit and alarming: it is alive. Dark and alarming it may only float; then it is read to a known earth.
				stops: { ...state.stops, ground: body.touchless === 'alarms' && deadBand(body.reading) === 'live' ? 'liveGround' : null }
			};
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
			if (before.isolation.power === 'restored' && state.device === 'none') return { ...state, tagged: false };
			if (before.isolation.power === 'restored') return offAgain({ ...state, tagged: false, feeder: body.breaker });
			return { ...state, tagged: false, feeder: body.breaker };
		case 'lookOver':
			return { ...state, lookedOver: true, stops: { ...state.stops, lookOver: body.asRecorded ? null : 'notAsRecorded' } };
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
			return { ...state, wires, device: Object.values(wires).every((wire) => wire !== 'onOld') ? 'none' : state.device };
		}
		case 'supplyWay':
			return {
				...state,
				supply: body.way === 'skip' ? { ...noSupply, outcome: 'skipped' } : { ...noSupply, way: body.way }
			};
		case 'readSupplyOhms':
		case 'readSupplyVolts':
			return supplyRead(plan, state, body.cable, event);
		case 'cap':
			return { ...state, wires: mapWires(state, (wire) => (isBare(wire) ? 'capped' : wire)) };
		case 'terminate':
			return { ...state, device: 'newOut', wires: { ...state.wires, [body.terminal]: 'onNew' } };
		case 'tug':
			return { ...state, wires: { ...state.wires, [body.terminal]: body.held ? 'tugged' : 'ready' } };
		case 'reopen':
			return reopened(state);
		case 'readOhms':
			return { ...state, resistance: { ...state.resistance, [body.check]: passed(event) } };
		case 'restorePower':
			if (body.held) return { ...state, tagged: false };
			// Tripped with every end capped and apart: the fault is in a cable.
			return state.device === 'none'
				? { ...state, tagged: false, supply: { ...state.supply, outcome: 'none' }, stops: { ...state.stops, supply: 'noArrangement' } }
				: { ...state, tagged: false, redo: 'tripped' };
		case 'readOutlet':
		case 'readPlug':
			return afterPower({ ...state, final: { ...state.final, [body.half]: passed(event) } }, event, 'finalTest');
		case 'checkNeighbour':
			return afterPower({ ...state, neighbours: { ...state.neighbours, [body.box]: passed(event) } }, event, 'neighbour');
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

/** Why the job may only be made safe and handed over; `null` while it may go on. */
export const mustStop = ({ stops, closedUp }: JobState): StopReason | null =>
	stops.ground ?? stops.inspect ?? stops.lookOver ?? stops.supply ?? stops.found ?? (closedUp ? 'ownChoice' : null);

/** A search for the supply cable that a lapsed proof interrupts begins again: nobody remembers half of it. What was found stays found. */
function supplyAfter({ supply, isolation: before }: JobState, after: IsolationState): SupplyState {
	if (supply.outcome === 'found' || supply.outcome === 'skipped' || supply.outcome === 'none') return supply;
	const lapsed = energyOf(before) === 'provenDead' && energyOf(after) !== 'provenDead' && after.power !== 'restored';
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

/** Whether the supply cable has still to be found, or left. */
export const supplyPending = (plan: JobPlan, { supply }: JobState): boolean =>
	plan.supplyCables.length > 1 &&
	(supply.outcome === null || supply.outcome === 'silent' || (supply.outcome === 'found' && !supply.marked));

/** Ends that could touch something. */
export const isBare = (wire: WireState): boolean => wire === 'off' || wire === 'ready';

const passed = (event: JobEvent): Passed => (event.judged?.passes ? 'passed' : 'failed');
const mapWires = (state: JobState, change: (wire: WireState) => WireState): Record<string, WireState> =>
	Object.fromEntries(Object.entries(state.wires).map(([terminal, wire]) => [terminal, change(wire)]));

/** A breaker with which the outlet was read live is out for the search too. */
const stayedLive = (search: JobState['search'], breakers: readonly string[]): JobState['search'] =>
	breakers.length === 0
		? search
		: {
				...search,
				events: [
					...search.events,
					...breakers.map((id) => ({ kind: 'answer' as const, off: [id], answer: 'on' as const, by: 'lamp' as const }))
				]
			};

/** Minutes without an entry after which one is taken to have been away from a breaker that others can switch on. */
export const awayAfterMin = 15;

/** The state at a later time: a proof that rests on a breaker without a padlock doesn't outlast a long absence. Times as ISO 8601. */
export function asOf(state: JobState, at: string): JobState {
	const goneMin = (Date.parse(at) - Date.parse(state.lastAt)) / 60_000;
	if (!(goneMin > awayAfterMin) || state.status !== 'underWay' || state.isolation.hold === null) return state;
	return { ...state, isolation: isolate(state.isolation, { kind: 'changed', what: 'wasAway' }) };
}

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

export const foundPair = (conductorId: string): string => `found/${conductorId}~ground`;
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
			return { ...state, wires: mapWires(state, (wire) => (wire === 'off' || wire === 'capped' ? 'ready' : wire)) };
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

/** Conditions that end the job, as against those that only change the next steps. */
export const stopping: readonly Condition[] = ['scorchIntoWall', 'crumblingInsulation', 'aluminium', 'tooShort', 'liveGround'];

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
		device: swapped ? 'oldOut' : 'newOut',
		part: swapped ? null : state.part,
		plate: 'off',
		wires: mapWires(state, () => (swapped ? 'onOld' : 'onNew')),
		closing: noClosing,
		resistance: {},
		final: {},
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
	neighbours: {},
	grip: {},
	nothingLeft: false,
	directory: null
});

function afterPower(state: JobState, event: JobEvent, reason: NonNullable<JobState['redo']>): JobState {
	return event.judged?.passes ? state : { ...state, redo: state.redo ?? reason };
}

/** How much a condition weighs: it ends the job; it is put right on the way; it is put right and watched. */
export const severityOf = (condition: Condition): 'stop' | 'mend' | 'watch' =>
	stopping.includes(condition)
		? 'stop'
		: (['scorchLocal', 'nearlyCut', 'corrosion', 'recessedBox', 'looseBox'] as Condition[]).includes(condition)
			? 'watch'
			: 'mend';
