import {
	isTripped,
	once,
	wornOut,
	isWallSwitch,
	resetsUnsupplied,
	switchedOn,
	wallSwitchesOff,
	withTripped,
	hasSides,
	cablesInBox,
	circuitsInBox,
	deviceModel,
	findBox,
	isSupplied,
	points,
	settle,
	withBox,
	withBreakers,
	type Box,
	type Half,
	type House,
	type Trip,
	tabsOf
} from '../house';
import { guardsAt, plugLampLitShare, plugLampOhm, voltageBetweenV } from '../instruments';
import type { Branch } from '../network';
import { regions } from '../rules';
import { partOf } from './partOf';
import { misplaced, type Misplaced } from './misplaced';
import { endsAt, wiredAs, type End, type Wiring } from './value';
import type { Wish } from './wish';

/** What a plan would do wrong, and the ends that are the cause of it as far as the wiring in this box shows one. */
export type Fault =
	| Misplaced
	| { readonly code: 'trips'; readonly device: string; readonly cause: Trip['cause'] }
	| { readonly code: 'dead'; readonly box: string; readonly half: Half }
	| { readonly code: 'polarity'; readonly box: string; readonly half: Half }
	| { readonly code: 'groundOpen'; readonly box: string; readonly half: Half }
	/** Fed whichever way the wall switch stands, though it hung on it; or the other way round. */
	| { readonly code: 'switching'; readonly half: Half }
	| { readonly code: 'unprotected'; readonly box: string; readonly promised: boolean }
	/** A place for a ground, no ground, and nothing that guards it. */
	| { readonly code: 'unguardedWithoutGround'; readonly box: string }
	/** The part has no supply on its supply side: it can't be reset. */
	| { readonly code: 'wontReset'; readonly ends: readonly End[] };

export interface Verdict {
	readonly passes: boolean;
	readonly faults: readonly Fault[];
	/** Outlets that the part in this box protects, itself first. */
	readonly protects: readonly string[];
	/** The residual device that guards this box, by its id: that of a box, a breaker, or one in the panel. */
	readonly guardedBy: string | null;
	/** The part has a place for a ground, and the box has none. */
	readonly withoutGround: boolean;
}

/** What a plan is held to beside what was there before. */
export interface Promise {
	/** Everything after this box hangs on its protection. */
	readonly protects: boolean;
	/** Halves that hang on a wall switch. */
	readonly switched: readonly Half[];
}

/** Which of the lamps of a plug-in tester are lit in a half. */
type Lamps = Readonly<Record<'hotNeutral' | 'hotGround' | 'neutralGround', boolean>>;

interface Solved {
	readonly house: House;
	readonly lamps: ReadonlyMap<string, Lamps>;
	readonly trips: readonly Trip[];
}

const key = (box: string, half: Half): string => `${box} ${half}`;

/**
 * The model's verdict on a plan: the part of the house that this box can have to do with, solved as it will be, with a tester in every half, breakers on, wall switches both
 * ways and every residual device reset as far as it lets itself be reset; set beside the same of what is there now.
 */
export function verdict(house: House, boxId: string, plan: Wiring, promise: Promise): Verdict {
	const here = readied(partOf(house, boxId));
	const planned = readied(wiredAs(here, boxId, plan));
	const now = solved(here);
	const then = solved(planned);
	const groundless = lacksGround(planned, boxId, then);
	const faults: Fault[] = [
		...misplaced(planned, boxId, plan),
		...then.trips.map(({ device, cause }): Fault => ({ code: 'trips', device, cause })),
		...ofThisBox(planned, boxId, then, promise, !groundless),
		...ofOthers(boxId, now, then)
	];
	const guards = guardsOf(planned, here);
	if (isResidual(plan) && isOut(findBox(planned, boxId)!))
		faults.push({ code: 'wontReset', ends: onLoad(plan) });
	const guardedBy = guards.find(({ box }) => box.id === boxId)?.after ?? null;
	if (groundless && guardedBy === null) faults.push({ code: 'unguardedWithoutGround', box: boxId });
	const hangs = promise.protects ? hangingOn(planned, boxId) : () => false;
	for (const { box, before, after } of guards) {
		if (after !== boxId && box.id !== boxId && hangs(box.id))
			faults.push({ code: 'unprotected', box: box.id, promised: true });
		else if (before !== null && after === null)
			faults.push({ code: 'unprotected', box: box.id, promised: false });
	}
	const protects = guards.filter(({ after }) => after === boxId).map(({ box }) => box.id);
	return {
		passes: faults.length === 0,
		faults,
		protects: protects.sort((a, b) => Number(b === boxId) - Number(a === boxId)),
		guardedBy,
		withoutGround: groundless
	};
}

/** What a wish promises at a box: halves that hang on a wall switch now go on doing so unless they are wished to be always on. */
export function promised(house: House, boxId: string, wish: Pick<Wish, 'feed' | 'switched'>): Promise {
	const here = readied(partOf(house, boxId));
	const protects = wish.feed === 'protected';
	if (wish.switched === 'alwaysOn' || !hasSwitch(here)) return { protects, switched: [] };
	const [on, off] = [solved(here), solved(wallSwitchesOff(here))];
	const switched = halvesOf(findBox(here, boxId)!).filter((half) => {
		const lit = ({ lamps }: Solved) => lamps.get(key(boxId, half))!.hotNeutral;
		return lit(on) && !lit(off);
	});
	return { protects, switched };
}

const isResidual = ({ device }: Wiring): boolean =>
	device !== undefined && deviceModel(device).protection?.kind === 'residual';

/** What hangs on the load side, where the supply may have got to. */
const onLoad = (plan: Wiring): End[] =>
	deviceModel(plan.device!).terminals.flatMap(({ name, side }) =>
		side === 'load' ? endsAt(plan, `terminal:${name}`) : []
	);

/** Breakers and wall switches on, faces on, residual devices reset: those that can't be stay out. */
export function readied(house: House): House {
	const on = withBreakers(
		house,
		Object.fromEntries(house.panels.flatMap(({ breakers }) => breakers.map(({ id }) => [id, true])))
	);
	// Each stands out until there is supply on its supply side: with its contacts shut, a load side would feed it backwards.
	let reset: House = { ...on, boxes: on.boxes.map((box) => withDevice(box, true)) };
	for (let left = true; left;) {
		const { solution } = settle(reset);
		if (solution.outcome === 'singular') return reset;
		const before: House = reset;
		const ready = before.boxes.filter(
			(box) => isOut(box) && (resetsUnsupplied(box.device) || isSupplied(before, box, solution.voltageV))
		);
		left = ready.length > 0;
		reset = {
			...before,
			boxes: before.boxes.map((box) => (ready.includes(box) ? withDevice(box, false) : box))
		};
	}
	return reset;
}

const isOut = ({ device }: Box): boolean => isTripped(device);

/** Its switches on, and its own protection out or in. */
const withDevice = (box: Box, out: boolean): Box =>
	box.device ? { ...box, device: switchedOn(withTripped(box.device, out)) } : box;

const halvesOf = (box: Box): readonly Half[] =>
	box.use === 'outlet' && box.device ? deviceModel(box.device).halves : [];

/** All halves read at once: testers draw a milliampere each. */
function solved(house: House): Solved {
	const pairs = [
		['hotNeutral', 'hot', 'neutral'],
		['hotGround', 'hot', 'ground'],
		['neutralGround', 'neutral', 'ground']
	] as const;
	const testers: Branch[] = house.boxes.flatMap((box) =>
		halvesOf(box).flatMap((half) =>
			pairs.map(([name, from, to]): Branch => ({
				kind: 'resistor',
				id: `tester ${key(box.id, half)} ${name}`,
				from: points.contact(box.id, half, from),
				to: points.contact(box.id, half, to),
				resistanceOhm: plugLampOhm
			}))
		)
	);
	// One tester's three lamps leak little enough; all of a circuit's together could trip what one wouldn't, so they are read after what trips by itself is known.
	const { trips, house: still } = settle(house);
	const { solution } = settle(still, testers, 0);
	const litAboveV = regions[house.region].supply.nominalV * plugLampLitShare;
	const lit = (box: string, half: Half, from: 'hot' | 'neutral', to: 'neutral' | 'ground') =>
		voltageBetweenV(solution, points.contact(box, half, from), points.contact(box, half, to)) > litAboveV;
	return {
		house,
		trips,
		lamps: new Map(
			house.boxes.flatMap((box) =>
				halvesOf(box).map((half) => [
					key(box.id, half),
					{
						hotNeutral: lit(box.id, half, 'hot', 'neutral'),
						hotGround: lit(box.id, half, 'hot', 'ground'),
						neutralGround: lit(box.id, half, 'neutral', 'ground')
					}
				])
			)
		)
	};
}

function ofThisBox(house: House, boxId: string, then: Solved, promise: Promise, hasGround: boolean): Fault[] {
	const box = findBox(house, boxId)!;
	const grounded = hasGround && hasPlaceForGround(box);
	const off = promise.switched.length > 0 || hasSwitch(house) ? solved(wallSwitchesOff(house)) : null;
	return halvesOf(box).flatMap((half): Fault[] => {
		const lamps = then.lamps.get(key(boxId, half))!;
		const wrong = soundness(lamps, grounded);
		if (wrong) return [{ code: wrong, box: boxId, half }];
		const stays = off?.lamps.get(key(boxId, half))?.hotNeutral ?? true;
		return stays === promise.switched.includes(half) ? [{ code: 'switching', half }] : [];
	});
}

const hasPlaceForGround = ({ device }: Wiring): boolean =>
	device !== undefined && deviceModel(device).terminals.some(({ role }) => role === 'ground');

/** Whether no ground conductor comes to a box whose part has a place for one, nor the metal round its cables. */
function lacksGround(house: House, boxId: string, { lamps }: Solved): boolean {
	const box = findBox(house, boxId)!;
	const comes = cablesInBox(house, boxId).some(({ cable }) =>
		cable.conductors.some(({ role }) => role === 'ground')
	);
	const byMetal = halvesOf(box).every((half) => lamps.get(key(boxId, half))?.hotGround);
	return hasPlaceForGround(box) && !comes && !byMetal;
}

function soundness(
	{ hotNeutral, hotGround, neutralGround }: Lamps,
	grounded: boolean
): 'dead' | 'polarity' | 'groundOpen' | null {
	if (neutralGround) return 'polarity';
	if (!hotNeutral) return 'dead';
	return grounded && !hotGround ? 'groundOpen' : null;
}

const hasSwitch = ({ boxes }: House): boolean => boxes.some(({ device }) => isWallSwitch(device));

/** What other outlets lose: what was wrong there before isn't this plan's doing. */
function ofOthers(boxId: string, now: Solved, then: Solved): Fault[] {
	return now.house.boxes
		.filter(({ id }) => id !== boxId)
		.flatMap((box) =>
			halvesOf(box).flatMap((half): Fault[] => {
				const before = now.lamps.get(key(box.id, half))!;
				const after = then.lamps.get(key(box.id, half))!;
				if (before.hotNeutral && !after.hotNeutral)
					return [{ code: after.neutralGround ? 'polarity' : 'dead', box: box.id, half }];
				if (!before.neutralGround && after.neutralGround) return [{ code: 'polarity', box: box.id, half }];
				return before.hotGround && !after.hotGround ? [{ code: 'groundOpen', box: box.id, half }] : [];
			})
		);
}

/** The residual device that guards an outlet as it is wired now, by its id: of a box, a breaker, or one in the panel. */
export const guardOfOutlet = (house: House, boxId: string): string | null =>
	guardKnown(house, boxId, guarding(house), guardsIn);

/** What guards an outlet whatever sits in it: the device that would if its own didn’t. */
export function guardBefore(house: House, boxId: string): string | null {
	const box = findBox(house, boxId);
	if (!box?.device || !isResidual(box)) return guardOfOutlet(house, boxId);
	return guardKnown(house, boxId, guardingBefore(house), guardsBefore);
}

/** A house never changes, and is asked outlet by outlet: solved once for every outlet that has to do with this one; not at all where nothing in it opens at a leak. */
function guardKnown(
	house: House,
	boxId: string,
	known: Map<string, string | null>,
	guards: (part: House) => ReadonlyMap<string, string>
): string | null {
	const found = known.get(boxId);
	if (found !== undefined) return found;
	const part = partOf(house, boxId);
	const guarded = mayGuard(part) ? guards(readied(part)) : none;
	for (const { id } of part.boxes) known.set(id, guarded.get(id) ?? null);
	return guarded.get(boxId) ?? null;
}
const none: ReadonlyMap<string, string> = new Map();
const guarding = once((_: House) => new Map<string, string | null>());
const guardingBefore = once((_: House) => new Map<string, string | null>());

interface Guarded {
	readonly box: Box;
	readonly before: string | null;
	readonly after: string | null;
}

/** Who guards each outlet of the part, before and after: asked only where something could. */
function guardsOf(planned: House, here: House): Guarded[] {
	const was = guardsIn(here);
	const is = planned === here ? was : guardsIn(planned);
	return planned.boxes
		.filter((box) => halvesOf(box).length > 0)
		.map((box) => ({ box, before: was.get(box.id) ?? null, after: is.get(box.id) ?? null }));
}

/** What guards the outlets of a part, by box: those that nothing does aren't in it. `ownWornOut`: with what sits in the box itself letting everything through. */
function guardsIn(house: House, own: 'inForce' | 'ownWornOut' = 'inForce'): ReadonlyMap<string, string> {
	const found = new Map<string, string>();
	if (!mayGuard(house)) return found;
	// Halves may be fed apart: it is guarded where each of them is. Where one piece of brass feeds both, one stands for them.
	const asked = house.boxes.flatMap((box) => {
		const halves = halvesOf(box);
		return (tabsOf(box.device)?.hot ? halves.slice(0, 1) : halves).map((half) => ({ box: box.id, half }));
	});
	const guards = guardsAt(
		house,
		asked.map(({ box, half }) => ({
			hot: points.contact(box, half, 'hot'),
			...(own === 'ownWornOut' ? { wornOut: box } : {})
		}))
	);
	const bare = new Set(asked.flatMap(({ box }, k) => (guards[k]!.state === 'guarded' ? [] : [box])));
	asked.forEach(({ box }, k) => {
		const guard = guards[k]!;
		if (guard.state === 'guarded' && !bare.has(box) && !found.has(box)) found.set(box, guard.device);
	});
	return found;
}

/** The same with what sits in each box letting everything through. */
function guardsBefore(house: House): ReadonlyMap<string, string> {
	const found = new Map(guardsIn(house, 'ownWornOut'));
	// One that opens by itself has to be worn out before anything is settled.
	for (const { device, where } of settle(house).trips) {
		if (where !== 'outlet') continue;
		found.delete(device);
		const worn = withBox(house, device, (box) => ({ ...box, device: wornOut(box.device!) }));
		const by = guardsIn(worn).get(device);
		if (by !== undefined) found.set(device, by);
	}
	return found;
}

/** Whether anything at all opens at a leak in a part of a house, at its outlets or before its circuits. */
function mayGuard({ boxes, panels, circuits }: House): boolean {
	const feeding = new Set(circuits.map(({ breaker }) => breaker));
	return (
		boxes.some(({ device }) => device && deviceModel(device).protection?.kind === 'residual') ||
		panels.some(
			({ breakers, residualDevices, fedFrom }) =>
				// What feeds a sub-panel is before all of it.
				fedFrom !== undefined ||
				residualDevices.length > 0 ||
				breakers.some(({ id, type }) => feeding.has(id) && (type === 'residual' || type === 'dualFunction'))
		)
	);
}

/** Whether a box loses power with the device here taken out of the way: it hangs after it. */
function hangingOn(house: House, boxId: string): (other: string) => boolean {
	const { device } = findBox(house, boxId)!;
	if (!device || !hasSides(device) || deviceModel(device).protection?.kind !== 'residual') return () => false;
	const { lamps } = solved(withBox(house, boxId, (box) => withDevice(box, true)));
	return (other) => {
		const [half] = halvesOf(findBox(house, other)!);
		return circuitsInBox(house, other).length > 0 && !lamps.get(key(other, half!))!.hotNeutral;
	};
}
