import type { Role } from '../house';
import { endId } from '../wiring';
import type { JobPlan } from './jobPlan';
import type { Landing, WireRef } from './landings';
import type { JobState } from './state';
import { wayNow } from './work';

/*
 * Pairs that are read again once wires have come apart: each conductor of several cables that met there, to ground. A neutral that another circuit returns through is quiet
 * while the splice is closed, and alive as it opens; a weak source is drained by a load that hung there too, a leak by the grounds. The grounds come off last: until then they are joined,
 * and then each is read to the first.
 */

const cablesOf = (wires: readonly WireRef[]): Set<string> =>
	new Set(wires.flatMap(({ cable }) => cable ?? []));
const toGround = (wires: readonly WireRef[]): string[] =>
	wires.flatMap(({ id, cable }) => (cable === null ? [] : [`${id}~ground`]));
const wiresOn = (landings: readonly Landing[]): WireRef[] => landings.flatMap(({ wires }) => wires);

/** As one terminal's wires come off: what it parts from each other, and from what of its kind is still on the device. */
export function freedFromDevice(
	{ takeOff, barePairs }: JobPlan,
	{ wires }: JobState,
	terminal: string
): string[] {
	const landing = takeOff.find((each) => each.terminal === terminal);
	if (!landing) return [];
	const kind = kindOf(landing.role);
	const alike = takeOff.filter(
		(each) => kindOf(each.role) === kind && (each === landing || wires[each.terminal] === 'onOld')
	);
	const parted = wiresOn(alike);
	const known = new Set(barePairs.map(({ id }) => id));
	return cablesOf(parted).size > 1 ? toGround(parted).filter((id) => known.has(id)) : [];
}
/** A switched hot parts from the others as a hot does. */
const kindOf = (role: Role): Role => (role === 'switchedHot' ? 'hot' : role);

/** As a connector is undone. */
export function freedFromJoint(plan: JobPlan, state: JobState, moveId: string): string[] {
	const move = wayNow(plan.work!, state).moves.find(({ id }) => id === moveId);
	if (move?.kind !== 'undo' || move.role === 'ground') return [];
	const ends = new Set(move.ends.map(endId));
	const parted = plan.passing.filter(({ id }) => ends.has(id));
	return cablesOf(parted).size > 1 ? toGround(parted) : [];
}
