import type { JobPlan } from './jobPlan';
import {
	beside,
	cablesInBox,
	deviceModel,
	findBox,
	isJumper,
	points,
	type Box,
	type Colour,
	type Conductor,
	type ConductorEnd,
	type House,
	type How,
	type Role
} from '../house';

/** One conductor end at the outlet. */
export interface WireRef {
	readonly id: string;
	readonly role: Role;
	readonly colour: Colour;
	/** `null`: a pigtail or tail that stays in the box. */
	readonly cable: string | null;
	readonly point: string;
	readonly how: How;
	/** Where the cable comes from, as recorded: a box's id, the panel, or `null` for a tail. */
	readonly comesFrom: string | 'panel' | null;
}

/** A terminal of the device and the wires that sit on it, taken off and put on together. */
export interface Landing {
	readonly terminal: string;
	readonly role: Role;
	readonly wires: readonly WireRef[];
}

/** Hot to neutral of what comes to the device, read with the wires off: one cable's, or that of the tails in a spliced box. */
export interface Baseline {
	readonly group: string;
	readonly hot: WireRef;
	readonly neutral: WireRef;
}

/** The terminals of the device in a box and what sits on each. */
export function landingsOf(house: House, box: Box): Landing[] {
	const ends = new Map(cablesInBox(house, box.id).map((end) => [end.cable.id, end]));
	const onTerminal: { terminal: string; wire: WireRef }[] = [];
	for (const termination of box.terminations) {
		const terminal = terminalOf(termination.at);
		const found = ends.get(termination.cable);
		const conductor = found?.cable.conductors.find(({ id }) => id === termination.conductor);
		if (terminal === null || !found || !conductor) continue;
		onTerminal.push({ terminal, wire: wireAt(found, conductor, termination.how) });
	}
	for (const pigtail of box.pigtails)
		for (const at of [pigtail.from, pigtail.to]) {
			const terminal = terminalOf(at);
			if (terminal === null) continue;
			const { id, role, colour, how } = pigtail;
			onTerminal.push({
				terminal,
				wire: {
					id: `tail/${id}`,
					role,
					colour,
					cable: null,
					point: points.pigtail(box.id, id),
					how: how ?? 'screw',
					comesFrom: null
				}
			});
		}
	const terminals = deviceModel(box.device!).terminals.filter(({ name }) =>
		onTerminal.some(({ terminal }) => terminal === name)
	);
	return terminals.map(({ name, role }) => ({
		terminal: name,
		role,
		wires: onTerminal.filter(({ terminal }) => terminal === name).map(({ wire }) => wire)
	}));
}

/** How many cables enter the box, whichever of its devices they go to, and how many ends sit on screws of this one (with nothing fitted yet: under caps), by the plan. */
export const countsOn = ({ takeOff, cablesIn }: Pick<JobPlan, 'takeOff' | 'cablesIn'>) => ({
	cables: cablesIn,
	ends: takeOff.reduce((sum, { wires }) => sum + wires.length, 0)
});

/** Cables that enter a box from outside, of which an end has a place there by the record: what has none is in nobody's proof. */
export function cablesEntering(house: House, boxId: string): number {
	const boxes = [boxId, ...beside(house, boxId)];
	const placed = boxes.flatMap((id) => findBox(house, id)?.terminations ?? []);
	const known = new Set(placed.map(({ cable }) => cable));
	return house.cables.filter((cable) => known.has(cable.id) && !isJumper(house, cable)).length;
}

export const inOrder = (landings: readonly Landing[], roles: readonly Role[]): Landing[] =>
	roles.flatMap((role) => landings.filter((landing) => landing.role === role));

/** Conductor ends of cables that sit on no terminal of the device. */
export function passingIn(house: House, box: Box): WireRef[] {
	return cablesInBox(house, box.id).flatMap((end) =>
		end.cable.conductors.flatMap((conductor): WireRef[] => {
			const termination = box.terminations.find(
				({ cable, conductor: id }) => cable === end.cable.id && id === conductor.id
			);
			// Grounds spliced together are one; a ground that is let go could be anything.
			const spliced = conductor.role === 'ground' && termination?.at.startsWith('joint:');
			return termination && terminalOf(termination.at) === null && !spliced
				? [wireAt(end, conductor, termination.how)]
				: [];
		})
	);
}

function wireAt(
	{ cable, end }: ConductorEnd,
	{ id, role, colour }: Conductor,
	how: How | undefined
): WireRef {
	const other = end === 'to' ? cable.from : cable.to;
	return {
		id: `${cable.id}/${id}`,
		role,
		colour,
		cable: cable.id,
		point: points.conductor(cable.id, id, end),
		how: how ?? 'screw',
		comesFrom: 'box' in other ? other.box : 'panel'
	};
}

const terminalOf = (at: string): string | null => (at.startsWith('terminal:') ? at.slice(9) : null);

/** A hot and a neutral for every cable that has both on the device; the tails of a spliced box together. */
export function baselinesOf(wires: readonly WireRef[]): Baseline[] {
	const groups = [...new Set(wires.map(({ cable }) => cable))];
	return groups.flatMap((cable): Baseline[] => {
		const mine = wires.filter((wire) => wire.cable === cable);
		const hot = mine.find(({ role }) => role === 'hot');
		const neutral = mine.find(({ role }) => role === 'neutral');
		return hot && neutral ? [{ group: cable ?? tailsGroup, hot, neutral }] : [];
	});
}
const tailsGroup = 'tails';

/** Hot to hot, neutral to neutral, ground to ground of the two cables that come to the device; none where they aren’t two. */
export function endsOf(wires: readonly WireRef[]): JobPlan['ends'] {
	const [one, other, ...more] = [
		...new Set(wires.flatMap(({ cable, role }) => (cable && role === 'hot' ? [cable] : [])))
	];
	if (one === undefined || other === undefined || more.length > 0) return [];
	const of = (cable: string, role: Role) => wires.find((wire) => wire.cable === cable && wire.role === role);
	return (['hot', 'neutral', 'ground'] as const).flatMap((role) => {
		const [a, b] = [of(one, role), of(other, role)];
		return a && b ? [{ role, a, b }] : [];
	});
}
