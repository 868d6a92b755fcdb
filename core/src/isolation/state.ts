import { own } from '../house';
import { deadBand, provesTester, type DeadBand, type VoltReading } from './bands';

/** How the breaker is kept off. A padlock's key is in the worker's pocket; the others are weaker. */
export type Hold = 'padlock' | 'clip' | 'tape' | 'watch';
/** What each way of holding is worth, strongest first. `survivesAbsence`: whether a proof still stands when one comes back from being away. */
export const holds: Readonly<
	Record<Hold, { readonly strength: 1 | 2 | 3; readonly survivesAbsence: boolean }>
> = {
	// The only key is in the worker's pocket: nobody else can switch on.
	padlock: { strength: 3, survivesAbsence: true },
	// A clip stops a hand that slips, not one that means it.
	clip: { strength: 2, survivesAbsence: false },
	// Somebody who watches can be asked; whether they watched all the time one can't know.
	watch: { strength: 2, survivesAbsence: false },
	tape: { strength: 1, survivesAbsence: false }
};
/** Contacts in the face, or the bare conductors behind it. */
export type Scope = 'face' | 'bare';

/** What bears on whether the wiring is dead. `id` names the event, so that a reading can be put right later. */
export type IsolationEvent =
	| { readonly kind: 'switchBreaker'; readonly breaker: string; readonly on: boolean }
	| { readonly kind: 'hold'; readonly way: Hold }
	| {
			readonly kind: 'proveTester';
			readonly id: string;
			readonly when: 'before' | 'after';
			readonly reading: VoltReading;
	  }
	| ({
			readonly kind: 'readPair';
			readonly id: string;
			readonly pair: string;
			readonly reading: VoltReading;
	  } & Meaning)
	| ({ readonly kind: 'amendVolts'; readonly of: string; readonly reading: VoltReading } & Meaning)
	/** The device is out: these pairs of bare conductors are in reach. */
	| { readonly kind: 'exposed'; readonly pairs: readonly string[] }
	/** Other pairs of bare conductors are to be read than was thought: those that were read stay read. */
	| { readonly kind: 'conductors'; readonly pairs: readonly string[] }
	/** These conductors have come apart: what read dead while they were joined is read again. */
	| { readonly kind: 'freed'; readonly pairs: readonly string[] }
	/** The device is back in its box: only the contacts of its face are in reach. */
	| { readonly kind: 'closed' }
	/** Read in this order: the first lifts the doubt, the proof waits for all. */
	| { readonly kind: 'foundConductor'; readonly pairs: readonly [string, ...string[]] }
	/** Something that hangs on the same breaker, and is watched in the outlet’s place, is still lit. */
	| ({ readonly kind: 'stayedLive'; readonly at: string } & Meaning)
	/** Other points are to be read from now on: the box's own ground turned out not to be good. */
	| { readonly kind: 'reference'; readonly facePairs: readonly string[] }
	| { readonly kind: 'changed'; readonly what: Change }
	| { readonly kind: 'clearArea' }
	| { readonly kind: 'restorePower'; readonly held: boolean }
	/** The job is over: whoever comes next proves anew. */
	| { readonly kind: 'over' };

/** What the job knows of a reading besides. */
interface Meaning {
	/** Under 3 V, and yet a current flows there: another circuit returns through this neutral. */
	readonly borrowed?: boolean;
	/** Breakers with which these conductors were proven dead before: what is alive now isn’t fed by what they feed. */
	readonly cleared?: readonly string[];
}

/** Things that happen beside the procedure and may undo a proof. */
export type Change = 'powerSeen' | 'ohmmeterLive' | 'foundUnlocked' | 'wasAway' | 'otherBoxOpened';

/** Why a proof no longer stands, and what lifts the doubt: a visit to the panel, a proof begun anew, or one reading. */
export type Doubt =
	| { readonly reason: 'liveReading' | 'borrowedNeutral'; readonly pair: string; readonly until: 'panel' }
	| { readonly reason: Change; readonly until: 'panel' | 'proof' }
	| { readonly reason: 'testerFailed'; readonly until: 'proof' }
	| { readonly reason: 'tripped'; readonly until: 'panel' }
	| { readonly reason: 'foundConductor'; readonly pair: string; readonly until: 'pair' };

export interface Taken {
	readonly id: string;
	readonly reading: VoltReading;
	readonly band: DeadBand;
}

export interface Proof {
	readonly scope: Scope;
	/** Pairs that must be read, in order. */
	readonly required: readonly string[];
	readonly before: Taken | null;
	readonly pairs: Readonly<Record<string, Taken>>;
	readonly after: Taken | null;
	/** Those that are read again since conductors came apart last. */
	readonly parted: readonly string[];
}

export interface IsolationState {
	readonly power: 'asFound' | 'off' | 'unknown' | 'tripped' | 'restored';
	/** Breakers switched off for this job, the last one last. */
	readonly off: readonly string[];
	/** Breakers with which the outlet stayed live. */
	readonly notFeeding: readonly string[];
	readonly hold: Hold | null;
	/** People, pets and hands are clear: asked for before power goes on. */
	readonly areaClear: boolean;
	readonly doubt: Doubt | null;
	/** Whether a device sits in the box, so that only its face can be read. */
	readonly closed: boolean;
	/** Whether every device beside this one in the same box is out and read dead as well: what is proven of one of them alone is no proof. */
	readonly besideProven: boolean;
	readonly facePairs: readonly string[];
	readonly proof: Proof;
}

export const initialIsolation = (facePairs: readonly string[]): IsolationState => ({
	power: 'asFound',
	off: [],
	notFeeding: [],
	hold: null,
	areaClear: false,
	doubt: null,
	closed: true,
	besideProven: true,
	facePairs,
	proof: freshProof('face', facePairs)
});

const freshProof = (scope: Scope, required: readonly string[]): Proof => ({
	scope,
	required,
	before: null,
	pairs: {},
	after: null,
	parted: []
});
/** A proof begun anew, on what is in reach now. */
const again = ({ closed, facePairs, proof }: IsolationState): Proof =>
	closed ? freshProof('face', facePairs) : freshProof('bare', proof.required);

/**
 * What one box of a job means for another: breakers, lock and what was cleared are the same ones; a doubt that sends to the panel undoes every proof. Proofs and the
 * doubts that a reading settles stay each box's own.
 */
export function withShared(mine: IsolationState, theirs: IsolationState): IsolationState {
	const { power, off, notFeeding, hold, areaClear, doubt } = theirs;
	const doubted = doubt?.until === 'panel' && mine.doubt?.until !== 'panel';
	const same =
		mine.power === power &&
		mine.off === off &&
		mine.notFeeding === notFeeding &&
		mine.hold === hold &&
		mine.areaClear === areaClear;
	if (same && !doubted) return mine;
	return {
		...mine,
		power,
		off,
		notFeeding,
		hold,
		areaClear,
		...(doubted ? { doubt, proof: again(mine) } : {})
	};
}

/** The isolation state after one more event. Pure; events are taken as accepted. */
export function isolate(state: IsolationState, event: IsolationEvent): IsolationState {
	switch (event.kind) {
		case 'switchBreaker':
			return switched(state, event.breaker, event.on);
		case 'hold':
			return { ...state, hold: event.way };
		case 'proveTester':
			return proveTester(state, event.when, taken(event.id, event.reading));
		case 'readPair':
			return readPair(state, event.pair, taken(event.id, event.reading), event);
		case 'amendVolts':
			return amend(state, event.of, event.reading, event);
		case 'exposed':
			// A proof of the bare conductors, made before the device went back, still covers them if nothing undid it.
			return {
				...state,
				closed: false,
				proof: state.proof.scope === 'bare' ? state.proof : freshProof('bare', event.pairs)
			};
		case 'conductors':
			return withConductors(state, event.pairs);
		case 'freed':
			return freed(state, event.pairs);
		case 'closed':
			return { ...state, closed: true };
		case 'foundConductor':
			return {
				...state,
				doubt: state.doubt ?? { reason: 'foundConductor', pair: event.pairs[0], until: 'pair' },
				proof: { ...state.proof, required: [...state.proof.required, ...event.pairs], after: null }
			};
		case 'stayedLive':
			return stayedLive(state, event.at, event);
		case 'reference':
			return { ...state, facePairs: event.facePairs, proof: again({ ...state, facePairs: event.facePairs }) };
		case 'changed':
			return changed(state, event.what);
		case 'clearArea':
			return { ...state, areaClear: true };
		case 'over':
			return { ...state, areaClear: false, proof: again(state) };
		case 'restorePower':
			return restored(state, event.held);
	}
}

function switched(state: IsolationState, breaker: string, on: boolean): IsolationState {
	const others = state.off.filter((id) => id !== breaker);
	return on
		? {
				...state,
				off: others,
				hold: null,
				power: state.off.length > 1 ? state.power : 'asFound',
				proof: again(state)
			}
		: {
				...state,
				off: [...others, breaker],
				hold: null,
				power: 'off',
				areaClear: false,
				doubt: liftAt(state.doubt, 'panel'),
				proof: again(state)
			};
}

const restored = (state: IsolationState, held: boolean): IsolationState =>
	held
		? { ...state, power: 'restored', off: [], hold: null, proof: again(state), doubt: null }
		: {
				...state,
				power: 'tripped',
				hold: null,
				areaClear: false,
				proof: again(state),
				doubt: { reason: 'tripped', until: 'panel' }
			};

const taken = (id: string, reading: VoltReading): Taken => ({ id, reading, band: deadBand(reading) });
const liftAt = (doubt: Doubt | null, where: Doubt['until']): Doubt | null =>
	doubt?.until === where ? null : doubt;

/** What a proof begun anew settles never takes the place of what sends to the panel. */
const atLeast = ({ doubt }: IsolationState, reason: 'testerFailed' | 'otherBoxOpened'): Doubt =>
	doubt?.until === 'panel' ? doubt : { reason, until: 'proof' };

function proveTester(state: IsolationState, when: 'before' | 'after', reading: Taken): IsolationState {
	if (!provesTester(reading.reading))
		return { ...state, doubt: atLeast(state, 'testerFailed'), proof: again(state) };
	if (when === 'after') return { ...state, proof: { ...state.proof, after: reading } };
	return { ...state, doubt: liftAt(state.doubt, 'proof'), proof: { ...state.proof, before: reading } };
}

/**
 * A pair read for the first time takes its place in the proof. One that was dead and now shows something has changed under the proof: it begins
 * anew. A live one, or a neutral that carries another circuit's current, sends back to the panel.
 */
function readPair(state: IsolationState, pair: string, reading: Taken, meaning: Meaning): IsolationState {
	if (reading.band === 'live') return stayedLive(state, pair, meaning);
	if (meaning.borrowed)
		return { ...state, doubt: { reason: 'borrowedNeutral', pair, until: 'panel' }, proof: again(state) };
	const wasDead = own(state.proof.pairs, pair)?.band === 'dead';
	if (wasDead && reading.band !== 'dead') return { ...state, proof: again(state) };
	const resolved = state.doubt?.until === 'pair' && state.doubt.pair === pair && reading.band === 'dead';
	return {
		...state,
		doubt: resolved ? null : state.doubt,
		proof: {
			...state.proof,
			pairs: { ...state.proof.pairs, [pair]: reading },
			after: wasDead ? state.proof.after : null
		}
	};
}

function withConductors(state: IsolationState, pairs: readonly string[]): IsolationState {
	const { proof } = state;
	if (proof.scope !== 'bare') return state;
	const read = pairs.filter((pair) => own(proof.pairs, pair) !== undefined);
	return {
		...state,
		proof: {
			...proof,
			required: pairs,
			pairs: Object.fromEntries(read.map((pair) => [pair, proof.pairs[pair]!])),
			after: read.length === pairs.length ? proof.after : null
		}
	};
}

/** The tester that was proved at the end of the last row is the one that reads this row. */
function freed(state: IsolationState, pairs: readonly string[]): IsolationState {
	const { proof } = state;
	if (proof.scope !== 'bare' || pairs.length === 0) return state;
	const kept = Object.entries(proof.pairs).filter(([pair]) => !pairs.includes(pair));
	return {
		...state,
		proof: {
			...proof,
			before: proof.after ?? proof.before,
			pairs: Object.fromEntries(kept),
			after: null,
			parted: pairs
		}
	};
}

function stayedLive(state: IsolationState, pair: string, { cleared = [] }: Meaning): IsolationState {
	// With several newly off it can't be said which of them leaves it alive.
	const suspects = state.off.filter((id) => !state.notFeeding.includes(id) && !cleared.includes(id));
	const notFeeding = suspects.length === 1 ? [...state.notFeeding, ...suspects] : state.notFeeding;
	return {
		...state,
		notFeeding,
		doubt: { reason: 'liveReading', pair, until: 'panel' },
		proof: again(state)
	};
}

/** Puts right a reading of the proof in hand, as if it had been taken with that value; one that no proof rests on any more changes nothing. */
function amend(state: IsolationState, of: string, reading: VoltReading, meaning: Meaning): IsolationState {
	const { before, after, pairs } = state.proof;
	if (before?.id === of)
		return provesTester(reading)
			? { ...state, proof: { ...state.proof, before: taken(of, reading) } }
			: proveTester(state, 'before', taken(of, reading));
	if (after?.id === of) return proveTester(state, 'after', taken(of, reading));
	const pair = Object.keys(pairs).find((key) => pairs[key]!.id === of);
	return pair === undefined ? state : readPair(state, pair, taken(of, reading), meaning);
}

function changed(state: IsolationState, what: Change): IsolationState {
	if (state.power === 'asFound' || state.power === 'restored') return state;
	// Of a device without a face nothing is proven while it sits in its box: there is nothing to undo.
	if (what === 'otherBoxOpened' && state.closed && state.facePairs.length === 0) return state;
	if (what === 'otherBoxOpened') return { ...state, doubt: atLeast(state, what), proof: again(state) };
	// A padlock with its only key in the pocket holds while one is away.
	if (what === 'wasAway' && state.hold !== null && holds[state.hold].survivesAbsence) return state;
	return {
		...state,
		power: 'unknown',
		hold: null,
		doubt: { reason: what, until: 'panel' },
		proof: again(state)
	};
}
