import { deviceModel, type House, type Role } from '../house';
import { wayFor } from './seat';
import { conducting, meeting, type Conducting } from './nets';
import { endId, jointOf, terminalOf, type End, type Wiring } from './value';
import { regions } from '../rules';

/** What the wiring in the box itself shows to be wrong, with the ends that are so. */
export type Misplaced =
	/** Neither on a terminal, nor joined, nor capped. */
	| { readonly code: 'leftBare'; readonly ends: readonly End[] }
	| { readonly code: 'wrongTerminal'; readonly terminal: string; readonly ends: readonly End[] }
	/** Conductors of different purpose in one connector. */
	| { readonly code: 'mixedJoint'; readonly joint: string; readonly ends: readonly End[] }
	| { readonly code: 'overfull'; readonly terminal: string; readonly ends: readonly End[] }
	/** Hots that are kept apart outside meet here: of two circuits, or one that is switched and one that isn't. */
	| { readonly code: 'hotsJoined'; readonly ends: readonly End[] }
	/** Grounds of several cables that meet only in the device (NEC 250.148). */
	| { readonly code: 'groundThroughDevice'; readonly ends: readonly End[] }
	/** A neutral that serves two circuits goes through the device (NEC 300.13(B)). */
	| { readonly code: 'neutralThroughDevice'; readonly ends: readonly End[] }
	/** Hot of one side with the neutral of the other. */
	| { readonly code: 'sidesCrossed'; readonly ends: readonly End[] };

/** Everything that is out of place in a box, told from its wiring and from what its cables are. */
export function misplaced(house: House, boxId: string, wiring: Wiring): Misplaced[] {
	const all = conducting(house, boxId, wiring);
	const terminals = wiring.device ? deviceModel(wiring.device).terminals : [];
	const faults: Misplaced[] = [];
	const bare = all.filter(({ at }) => at === 'bare').map(({ end }) => end);
	if (bare.length > 0) faults.push({ code: 'leftBare', ends: bare });
	for (const terminal of terminals) {
		const here = all.filter(({ at }) => terminalOf(at) === terminal.name);
		const wrong = here.filter(({ role }) => purpose(role) !== purpose(terminal.role));
		if (wrong.length > 0) faults.push({ code: 'wrongTerminal', terminal: terminal.name, ends: ids(wrong) });
		if (here.length > 0 && wayFor(terminal, here, 'clampPlate') === null)
			faults.push({ code: 'overfull', terminal: terminal.name, ends: ids(here) });
	}
	for (const { id } of wiring.joints) {
		const here = all.filter(({ at }) => jointOf(at) === id);
		if (new Set(here.map(({ role }) => purpose(role))).size > 1)
			faults.push({ code: 'mixedJoint', joint: id, ends: ids(here) });
	}
	return [...faults, ...together(house, all, wiring)];
}

const ids = (ends: readonly Conducting[]): End[] => ends.map(({ end }) => end);
const purpose = (role: Role): Role => (role === 'switchedHot' ? 'hot' : role);

/** What meets in the device that may not, or only there. */
function together(house: House, all: readonly Conducting[], wiring: Wiring): Misplaced[] {
	const faults: Misplaced[] = [];
	const groups = meeting(all, wiring, true).map(({ ends }) => ends);
	for (const group of groups) {
		const hots = group.filter(({ cable, role }) => cable !== null && purpose(role) === 'hot');
		const kinds = new Set(hots.map(({ role, circuit }) => `${role} ${circuit}`));
		if (kinds.size > 1) faults.push({ code: 'hotsJoined', ends: ids(hots) });
	}
	if (!wiring.device) return faults;
	const apart = meeting(all, wiring, false).map(({ ends }) => ends);
	faults.push(...crossed(all, apart, wiring));
	const inOne = (ends: readonly Conducting[]) =>
		apart.some((group) => ends.every(({ end }) => group.some((each) => endId(each.end) === endId(end))));
	for (const group of groups) {
		const own = group.filter(({ cable }) => cable !== null);
		const grounds = own.filter(({ role }) => role === 'ground');
		if (regions[house.region].code.groundApartFromDevice && grounds.length > 1 && !inOne(grounds))
			faults.push({ code: 'groundThroughDevice', ends: ids(grounds) });
		const neutrals = own.filter(({ role }) => role === 'neutral');
		if (neutrals.length > 1 && !inOne(neutrals) && servesTwo(neutrals, all))
			faults.push({ code: 'neutralThroughDevice', ends: ids(neutrals) });
	}
	return faults;
}

/** Whether cables of these neutrals carry hots of two circuits. */
const servesTwo = (neutrals: readonly Conducting[], all: readonly Conducting[]): boolean => {
	const cables = new Set(neutrals.map(({ cable }) => cable));
	const circuits = all
		.filter(({ cable, role }) => cables.has(cable) && role === 'hot')
		.map(({ circuit }) => circuit);
	return new Set(circuits).size > 1;
};

/** Cables whose hot is on one side of a device that tells supply from load, and their neutral on the other. */
function crossed(
	all: readonly Conducting[],
	apart: readonly (readonly Conducting[])[],
	wiring: Wiring
): Misplaced[] {
	const sides = new Map(deviceModel(wiring.device!).terminals.map(({ name, side }) => [name, side]));
	const sideOf = (each: Conducting | undefined) =>
		apart
			.find((group) => each && group.includes(each))
			?.map(({ at }) => sides.get(terminalOf(at) ?? ''))
			.find((side) => side !== undefined);
	const cables = [...new Set(all.flatMap(({ cable }) => cable ?? []))];
	return cables.flatMap((cable): Misplaced[] => {
		const [hot, neutral] = (['hot', 'neutral'] as const).map((role) =>
			all.find((each) => each.cable === cable && each.role === role)
		);
		const [one, other] = [sideOf(hot), sideOf(neutral)];
		return hot && neutral && one && other && one !== other
			? [{ code: 'sidesCrossed', ends: ids([hot, neutral]) }]
			: [];
	});
}
