import { familyFor, type PartId } from '../devices';
import { residualButtonOhm, type Device, type How } from '../house';
import { regions, residualCurves, type Region } from '../rules';
import { done, type Move, type Verdict, type Wiring, type WishRefusal } from '../wiring';
import type { PartInHand } from './partInHand';
import type { WishChoice } from './wishSchema';

/** What is tried after power is on again, beside the tests of every job. */
export type ProtectionCheck =
	/** Pushed in until it clicks, and it stays. */
	| { readonly check: 'reset' }
	/** Its own button: the face goes dark. */
	| { readonly check: 'button' }
	/** With the button pressed, a lamp there goes dark, or stays lit. */
	| { readonly check: 'dark' | 'stays'; readonly box: string }
	| { readonly check: 'resetAgain' }
	/** The button of the plug-in tester; it needs a ground. */
	| { readonly check: 'tester' }
	| { readonly check: 'resetLast' }
	/** From the hot of one half to the hot of the other: two legs, or one and the same. `volts`: what the model says. */
	| { readonly check: 'betweenHots'; readonly volts: number }
	/** Wall switch off: this half goes dark, or stays lit. */
	| { readonly check: 'switchDark' | 'switchStays'; readonly half: string };

/** The name under which a check is answered and kept. */
export const checkId = (each: ProtectionCheck): string =>
	'box' in each ? `${each.check} ${each.box}` : 'half' in each ? `${each.check} ${each.half}` : each.check;

/** The work at the box if these cables feed it. */
export interface WorkWay {
	readonly supply: readonly string[];
	readonly wanted: Wiring;
	readonly moves: readonly Move[];
}

/** What is done at a box to come from what is found to what is wanted. */
export interface Work {
	readonly wish: WishChoice;
	readonly found: Wiring;
	/** By what feeds it; the recorded one first. One alone where that makes no difference. */
	readonly ways: readonly WorkWay[];
	readonly checks: readonly ProtectionCheck[];
	readonly verdict: Verdict;
	/** What goes in is the same as was there. */
	readonly same: boolean;
	/** Cables that could be the supply, where the work depends on which it is; empty where it doesn’t. */
	readonly candidates: readonly string[];
}

export type WorkFailure =
	| { readonly code: 'wish'; readonly refusal: WishRefusal }
	| { readonly code: 'planFails'; readonly verdict: Verdict }
	| { readonly code: 'notSoldHere'; readonly part: PartId };

/** The wish that what was there says: the same part, fed as it is; `null` for what isn’t an outlet. */
export function sameAgain(device: Device): WishChoice | null {
	const family = familyFor(device);
	return family
		? { part: family.id, feed: 'asFound', switched: 'keep', connector: 'lever', wireEnd: 'clampPlate' }
		: null;
}

/** The way that what was found of the supply asks for; `undefined`: nothing was planned for that. */
export const wayFor = ({ ways }: Work, found: readonly string[]): WorkWay | undefined =>
	ways.find(({ supply }) => found.length > 0 && found.every((cable) => supply.includes(cable)));

/** What the way depends on, of what was found out on the way. */
interface SoFar {
	readonly supply: { readonly found: readonly string[] };
	readonly hand: PartInHand;
}

/**
 * The way that the job takes as it stands: the recorded one until the supply is found (what is found without a way for it ends the job, `apply`), with hooks where the
 * part in hand has plain screws.
 */
export function wayNow(work: Work, { supply, hand }: SoFar): WorkWay {
	const way = wayFor(work, supply.found) ?? work.ways[0]!;
	if (hand.holds !== 'screws') return way;
	const hooks = hooked.get(way) ?? withHooks(way);
	hooked.set(way, hooks);
	return hooks;
}
/** Asked for at every command, and never another: by the way it comes from. */
const hooked = new WeakMap<WorkWay, WorkWay>();

/** The same with a hook round its screw wherever one wire alone was to go straight under a plate. */
function withHooks(way: WorkWay): WorkWay {
	const alone = new Set(
		way.moves.flatMap((move) =>
			move.kind === 'land' && move.how === 'clampPlate' && move.ends.length === 1
				? [`terminal:${move.terminal}`]
				: []
		)
	);
	const held = <T extends { readonly how?: How | undefined }>(end: T, at: string): T =>
		alone.has(at) ? { ...end, how: 'hook' } : end;
	return {
		...way,
		moves: way.moves.map((move) => (move.kind === 'land' ? held(move, `terminal:${move.terminal}`) : move)),
		wanted: {
			...way.wanted,
			terminations: way.wanted.terminations.map((end) => held(end, end.at)),
			pigtails: way.wanted.pigtails.map((tail) => held(tail, tail.to))
		}
	};
}

/** Moves that are steps of their own once the wires are off the old part: taking those off, and taking the new part in hand, are said elsewhere. */
export const handMoves = ({ moves: all }: WorkWay): readonly Move[] =>
	all.filter(({ kind }) => kind !== 'free' && kind !== 'fit');

/** Moves that come before anything is made: connectors off, old tails away. */
export const isApart = ({ kind }: Move): boolean => kind === 'undo' || kind === 'dropTail';
/** Moves that make a joint, and are tugged. */
export const isJoint = ({ kind }: Move): boolean => kind === 'join' || kind === 'land' || kind === 'bond';

/** Whether the new part has to be pushed in before it gives power. */
export const resetFirst = ({ newDevice }: { readonly newDevice: Device }): boolean =>
	familyFor(newDevice)?.arrivesTripped ?? false;

/** A part with what was read off it: some makes print LINE and LOAD the other way up, and light up at other times. */
export function asInHand(device: Device, { indicator, lineAt, chargerW }: PartInHand): Device {
	const family = familyFor(device);
	const seen = family?.usb && chargerW !== undefined ? ({ ...device, chargerW } as Device) : device;
	if (family?.asks.includes('lineAt') !== true || !('indicator' in seen)) return seen;
	return {
		...seen,
		...(indicator === 'showsPower' || indicator === 'showsTrip' ? { indicator } : {}),
		...(lineAt ? { lineAt } : {})
	};
}

/** How soon a residual part has to open at what a plug-in tester’s button sends through it, s (us: (20 / I)^1.43 with I in mA, UL 943). */
export function tripsWithinS(region: Region): number {
	const testerMa = (regions[region].supply.nominalV / residualButtonOhm) * 1000;
	return residualCurves[region].opensAfterS(testerMa, testerMa);
}

/** The wiring with these moves done, whatever it was before: ends are where the moves say. */
export const withMoves = (wiring: Wiring, way: WorkWay, made: (move: Move) => boolean): Wiring =>
	handMoves(way).filter(made).reduce(done, wiring);
