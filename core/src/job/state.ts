import type { Half } from '../house';
import type { PlugLamps } from '../instruments';
import type { PlateLabel } from '../rules';
import { holds, initialIsolation, isolate, type DeadBand, type IsolationState } from '../isolation';
import { defaultSettings, type SearchEvent, type SearchSettings } from '../search';
import type { Condition, OhmValue, ProtectionDecision, StopReason, Tester } from './events';
import type { Earth } from './pairs';
import type { PartInHand } from './partInHand';
import type { JobPlan } from './jobPlan';
import type { ResistanceCheck } from './vocabulary';
import { noSupply, type SupplyState } from './supply';

/** How far a terminal's wires are: on the old device, off, made ready, capped, on the new device, tugged there. */
export type WireState = 'onOld' | 'off' | 'ready' | 'capped' | 'onNew' | 'tugged';

/** Old or new device; seated in the box or out of it; `none` while all wires are off. */
export type DevicePlace = 'oldSeated' | 'oldOut' | 'none' | 'newOut' | 'newSeated';

export type Passed = 'passed' | 'failed';
/** `inherited`: wrong, and just as it was before anything was done here. */
export type Final = Passed | 'inherited';

export interface JobState {
	readonly status: 'underWay' | 'stopped' | 'finished';
	readonly stopReason: StopReason | null;
	readonly isolation: IsolationState;
	/** Taken into the job while power was off or back: its turn comes with power on, since it is read live first. */
	readonly late: boolean;
	readonly cautions: boolean;
	/** What was decided where a rule asks for more than the same again. */
	readonly decided: ProtectionDecision | null;
	readonly tester: Tester | null;
	readonly part: 'fits' | 'misfit' | null;
	/** What was read off the part in hand besides. */
	readonly hand: PartInHand;
	/** The rating read off the part in hand, A. */
	readonly partRatingA: number | null;
	/** Power on, to the known ground: what the ground and the neutral here showed. A ground that is lit may be a live one, whatever a contactless tester didn’t say. */
	readonly toKnown: Readonly<Partial<Record<'ground' | 'neutral', DeadBand>>>;
	readonly live: Readonly<Partial<Record<Half, Passed>>>;
	/** Of an outlet of two slots: whether the metal of its box was lit from a slot. `null`: not read. */
	readonly boxLit: boolean | null;
	/** Before anything was switched off: the lamps of a plug-in tester, and whether a plug holds. */
	readonly asFound: Readonly<Partial<Record<Half, { readonly lamps: PlugLamps; readonly holds: boolean }>>>;
	/** Halves that were dead from the start, and the outlet that is watched in their place. */
	readonly notLive: readonly Half[];
	readonly witness: { readonly box: string; readonly dark: boolean } | null;
	/** Of a device without a face: what it switches. `lit`: seen lit since power was last on; `dark`: gone dark since the breakers were switched off; `works`: after the work. `was`: lit as found. */
	readonly controlled: {
		readonly was: boolean;
		readonly lit: boolean | null;
		readonly dark: boolean | null;
		readonly works: Passed | null;
	};
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
	/** New work: the sheath ends in the box, and the conductors are long enough. */
	readonly sheath: boolean;
	readonly supply: SupplyState;
	/** What was found that leaves only making safe and handing over, by where it was found: a corrected answer lifts its own reason only. */
	readonly stops: {
		readonly ground: StopReason | null;
		readonly lookOver: StopReason | null;
		readonly inspect: StopReason | null;
		readonly supply: StopReason | null;
		readonly ends: StopReason | null;
		readonly found: StopReason | null;
	};
	/** Conditions met that change what is done next but don't end the job. */
	readonly attend: readonly Condition[];
	/** What the box was seen to be made of. */
	readonly metalBox: boolean;
	/** By group of the plan: hot to neutral with the wires off. */
	readonly baseline: Readonly<Record<string, OhmValue>>;
	/** By role: from end to end of the two cables, legs apart. */
	readonly ends: Readonly<Partial<Record<'hot' | 'neutral' | 'ground', Passed>>>;
	/** By terminal. */
	readonly wires: Readonly<Record<string, WireState>>;
	/** By move of the work: done; or done, and to be tugged anew since the box was opened again. */
	readonly moved: Readonly<Record<string, 'done' | 'loose'>>;
	/** By check of the work. */
	readonly checks: Readonly<Record<string, Passed>>;
	readonly closing: {
		readonly tape: boolean;
		readonly fold: boolean;
		readonly tugAgain: boolean;
	};
	readonly resistance: Readonly<Partial<Record<ResistanceCheck, Passed>>>;
	readonly final: Readonly<Partial<Record<Half, Final>>>;
	/** What sent back into this box last, as it was seen: the same again opens it no second time. */
	readonly sentBackBy: string | null;
	readonly neighbours: Readonly<Record<string, Passed>>;
	/** The test with a load in it; `left`: with a reason that the record keeps. */
	readonly loaded: 'passed' | 'failed' | 'left' | null;
	readonly grip: Readonly<Partial<Record<Half, Passed>>>;
	/** Lock, clip, tape, tag and lead are off again, and every breaker that was tried is on. */
	/** What was put on its plate. */
	readonly labelled: readonly PlateLabel[];
	readonly nothingLeft: boolean;
	/** What the new face has shown since power came on and it was last opened: lit somewhere, or dark. */
	readonly face: Readonly<Partial<Record<Half, 'live' | 'dark'>>>;
	/** Halves of the new part that stay dark, and for which something else stands. */
	readonly unseen: readonly Half[];
	/** The breakers that were off when the bare conductors were last proven dead. */
	readonly provenWith: readonly string[];
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

export const noClosing = { tape: false, fold: false, tugAgain: false };

/** The state before the first event. */
export function initialJob(plan: JobPlan): JobState {
	return {
		status: 'underWay',
		stopReason: null,
		isolation: initialIsolation(plan.facePairs.map(({ id }) => id)),
		late: false,
		cautions: false,
		decided: null,
		tester: null,
		part: null,
		hand: {},
		partRatingA: null,
		toKnown: {},
		live: {},
		boxLit: null,
		asFound: {},
		notLive: [],
		witness: null,
		controlled: { was: false, lit: null, dark: null, works: null },
		// Behind no face of contacts it can't be shown to be one.
		earth: plan.grounded && plan.controls === null ? 'untested' : { source: null },
		arranged: [],
		search: { settings: defaultSettings, events: [] },
		lastAt: '',
		tagged: false,
		told: false,
		plate: 'on',
		device: 'oldSeated',
		lookedOver: false,
		inspected: false,
		sheath: false,
		stops: {
			ground: null,
			lookOver: null,
			inspect: null,
			supply: null,
			ends: null,
			found: null
		},
		attend: [],
		supply: noSupply,
		metalBox: plan.metalBox,
		baseline: {},
		ends: {},
		wires: Object.fromEntries(plan.takeOff.map(({ terminal }) => [terminal, 'onOld' as const])),
		moved: {},
		checks: {},
		closing: noClosing,
		resistance: {},
		final: {},
		sentBackBy: null,
		neighbours: {},
		loaded: null,
		grip: {},
		labelled: [],
		nothingLeft: false,
		face: {},
		unseen: [],
		provenWith: [],
		redo: null,
		directory: null,
		feeder: null,
		closedUp: false,
		found: []
	};
}

/** Why the job may only be made safe and handed over; `null` while it may go on. */
export const mustStop = ({ stops, closedUp }: JobState): StopReason | null =>
	stops.ground ??
	stops.inspect ??
	stops.lookOver ??
	stops.supply ??
	stops.ends ??
	stops.found ??
	(closedUp ? 'ownChoice' : null);

/** Whether the supply cable has still to be found, or left. */
export const supplyPending = (plan: JobPlan, { supply }: JobState): boolean =>
	plan.supplyCables.length > 1 &&
	(supply.outcome === null || supply.outcome === 'silent' || (supply.outcome === 'found' && !supply.marked));

/** Ends that could touch something. */
export const isBare = (wire: WireState): boolean => wire === 'off' || wire === 'ready';

/** Minutes without an entry after which one is taken to have been away from a breaker that others can switch on. */
export const awayAfterMin = 15;

/** From so many minutes before a proof lapses the time that is left is shown (chosen). */
const shownFromMin = 5;
/** Whole minutes until a proof lapses for want of an entry, at a time (ISO 8601); `null`: it doesn't lapse by itself, or not within five. */
export function lapsesInMin(state: JobState, at: string): number | null {
	const { isolation, status, lastAt } = state;
	if (status !== 'underWay' || isolation.power !== 'off' || isolation.hold === null) return null;
	if (holds[isolation.hold].survivesAbsence) return null;
	const leftMin = awayAfterMin - (Date.parse(at) - Date.parse(lastAt)) / 60_000;
	return leftMin > shownFromMin || leftMin <= 0 ? null : Math.ceil(leftMin);
}

/** The later of two times, ISO 8601; what a device sends late was done before what is known. */
export const later = (one: string, other: string): string =>
	Date.parse(one) > Date.parse(other) ? one : other;

/** The state at a later time: a proof that rests on a breaker without a padlock doesn't outlast a long absence. Times as ISO 8601. */
export function asOf(state: JobState, at: string): JobState {
	const goneMin = (Date.parse(at) - Date.parse(state.lastAt)) / 60_000;
	if (!(goneMin > awayAfterMin) || state.status !== 'underWay' || state.isolation.hold === null) return state;
	return { ...state, isolation: isolate(state.isolation, { kind: 'changed', what: 'wasAway' }) };
}

export const mapWires = (
	state: JobState,
	change: (wire: WireState) => WireState
): Record<string, WireState> =>
	Object.fromEntries(Object.entries(state.wires).map(([terminal, wire]) => [terminal, change(wire)]));
