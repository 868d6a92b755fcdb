import { z } from 'zod';
import { familyFor, familyOf, partIds, type PartId } from '../devices';
import { pressTester } from '../bench/device';
import {
	allBreakers,
	cablesInBox,
	deviceModel,
	findBox,
	withBreakers,
	type Device,
	type House,
	type Role
} from '../house';
import {
	asRecorded,
	conducting,
	done,
	endId,
	feeds,
	moves,
	netsOf,
	promised,
	verdict,
	wanted,
	wiredAs,
	type End,
	type Move,
	type OrderSchool,
	type Verdict,
	type Wiring,
	type Wish,
	type WishRefusal
} from '../wiring';

/** What somebody wishes to have in a box instead: stored with the job. */
export const wishSchema = z.strictObject({
	part: z.enum(partIds),
	feed: z.enum(feeds),
	switched: z.enum(['keep', 'alwaysOn']).default('keep'),
	connector: z.enum(['lever', 'twistOn']).default('lever'),
	wireEnd: z.enum(['clampPlate', 'hook']).default('clampPlate')
});
export type WishChoice = Readonly<z.infer<typeof wishSchema>>;

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
	/** Cables that could be the supply, where the work depends on which it is; empty where it doesn’t. */
	readonly candidates: readonly string[];
}

export type WorkFailure =
	| { readonly code: 'wish'; readonly refusal: WishRefusal }
	| { readonly code: 'planFails'; readonly verdict: Verdict }
	| { readonly code: 'notSoldHere'; readonly part: PartId };

/** The wish with its part as it comes out of the packet. */
const asWish = (choice: WishChoice, ratingA: number, supply: readonly string[]): Wish => ({
	device: familyOf(choice.part).made(ratingA),
	feed: choice.feed,
	switched: choice.switched,
	supply,
	wireEnd: choice.wireEnd,
	connector: choice.connector
});

/** Plans the work for a wish, and has the model judge it. `ratingA`: of the new part. */
export function planWork(
	house: House,
	boxId: string,
	choice: WishChoice,
	ratingA: number,
	school: OrderSchool
): { ok: true; work: Work } | { ok: false; failure: WorkFailure } {
	const family = familyOf(choice.part);
	if (family.region !== house.region)
		return { ok: false, failure: { code: 'notSoldHere', part: choice.part } };
	const found = asRecorded(house, boxId);
	const feeding = feedingCables(house, boxId, found);
	const recorded = recordedSupply(house, boxId, feeding);
	const depends = choice.feed === 'protected' && feeding.length > 1;
	const first = wayFor(house, boxId, choice, ratingA, recorded, found, school);
	if ('code' in first) return { ok: false, failure: { code: 'wish', refusal: first } };
	const promise = promised(house, boxId, choice);
	const said = verdict(house, boxId, first.wanted, promise);
	if (!said.passes) return { ok: false, failure: { code: 'planFails', verdict: said } };
	const others = depends ? feeding.filter((cable) => !recorded.includes(cable)) : [];
	const ways = others.flatMap((cable) => {
		const way = wayFor(house, boxId, choice, ratingA, [cable], found, school);
		return 'code' in way ? [] : [way];
	});
	return {
		ok: true,
		work: {
			wish: choice,
			found,
			ways: [first, ...ways],
			checks: checksOf(house, boxId, first.wanted, said, promise.switched),
			verdict: said,
			candidates: depends ? feeding : []
		}
	};
}

function wayFor(
	house: House,
	boxId: string,
	choice: WishChoice,
	ratingA: number,
	supply: readonly string[],
	found: Wiring,
	school: OrderSchool
): WorkWay | WishRefusal {
	const made = wanted(house, boxId, asWish(choice, ratingA, supply), found);
	if (!made.ok) return made.refusal;
	const roles = new Map<string, Role>(
		[found, made.wiring].flatMap((wiring) =>
			conducting(house, boxId, wiring).map(({ end, role }) => [endId(end), role] as const)
		)
	);
	const roleOf = (end: End): Role => roles.get(endId(end)) ?? 'hot';
	return { supply, wanted: made.wiring, moves: moves(found, made.wiring, roleOf, school) };
}

/** Cables whose hot and neutral both lead to the device, straight or through a joint, and that have a ground to read against. */
function feedingCables(house: House, boxId: string, found: Wiring): string[] {
	const nets = netsOf(house, boxId, found).filter(({ terminals }) => terminals.length > 0);
	const of = (role: Role) =>
		new Set(nets.filter((net) => net.role === role).flatMap(({ ends }) => ends.map(({ cable }) => cable)));
	const [hot, neutral] = [of('hot'), of('neutral')];
	return cablesInBox(house, boxId)
		.map(({ cable }) => cable)
		.filter(({ id }) => hot.has(id) && neutral.has(id))
		.map(({ id }) => id);
}

/** Which of them feed the box by the record: found by a test, or as the cables run. */
function recordedSupply(house: House, boxId: string, feeding: readonly string[]): string[] {
	const tested = findBox(house, boxId)?.supply?.cables.filter((cable) => feeding.includes(cable)) ?? [];
	if (tested.length > 0) return tested;
	return cablesInBox(house, boxId).flatMap(({ cable, end }) =>
		end === 'to' && feeding.includes(cable.id) ? [cable.id] : []
	);
}

function checksOf(
	house: House,
	boxId: string,
	wiring: Wiring,
	{ protects }: Verdict,
	switched: readonly string[]
): ProtectionCheck[] {
	const { device } = wiring;
	const residual = device?.kind === 'gfci' || device?.kind === 'socketRcd';
	const halves = device && device.kind === 'duplex' && !device.tabs.hot ? ['upper', 'lower'] : [];
	const after = protects.filter((box) => box !== boxId);
	const besides = residual ? nextOutlets(house, boxId).filter((box) => !after.includes(box)) : [];
	return [
		...(residual
			? ([
					{ check: 'button' },
					...after.map((box) => ({ check: 'dark' as const, box })),
					...besides.map((box) => ({ check: 'stays' as const, box })),
					{ check: 'resetAgain' },
					...(testerOpens(house, boxId, wiring)
						? ([{ check: 'tester' }, { check: 'resetLast' }] as const)
						: [])
				] as const)
			: []),
		...(switched.length > 0
			? halves.map((half) => ({
					check: switched.includes(half) ? ('switchDark' as const) : ('switchStays' as const),
					half
				}))
			: [])
	];
}

/** Whether a plug-in tester’s button sends enough to open it: it needs a ground, and on 30 mA its 15 mA do nothing. */
function testerOpens(house: House, boxId: string, wiring: Wiring): boolean {
	const { device } = wiring;
	if (!device || !('tripped' in device)) return false;
	const set = wiredAs(house, boxId, { ...wiring, device: { ...device, tripped: false } });
	const on = withBreakers(set, Object.fromEntries(allBreakers(set).map(({ id }) => [id, true])));
	const half = deviceModel(device).halves[0]!;
	return pressTester(on, boxId, half).trips.some((trip) => trip.device === boxId);
}

/** Outlets at the other ends of this box’s cables, away from the panel. */
const nextOutlets = (house: House, boxId: string): string[] =>
	cablesInBox(house, boxId).flatMap(({ cable, end }) => {
		const next = end === 'from' ? findBox(house, cable.to.box) : undefined;
		return next?.device && next.use === 'outlet' ? [next.id] : [];
	});

/** The way that what was found of the supply asks for; the recorded one until then. */
export function wayNow({ ways }: Work, found: readonly string[]): WorkWay {
	return (
		ways.find(({ supply }) => found.length > 0 && found.every((cable) => supply.includes(cable))) ?? ways[0]!
	);
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

/** The wiring with these moves done, whatever it was before: ends are where the moves say. */
export const withMoves = (wiring: Wiring, way: WorkWay, made: (move: Move) => boolean): Wiring =>
	handMoves(way).filter(made).reduce(done, wiring);
