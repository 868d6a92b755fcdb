import {
	withTripped,
	cablesInBox,
	deviceModel,
	type Cable,
	type Colour,
	type House,
	type Role
} from '../house';
import { regions, type ConductorSize } from '../rules';
import { endId, endsOf, jointOf, terminalOf, type End, type Wiring } from './value';

/** What is known of the conductor that an end belongs to. */
export interface Conducting {
	readonly end: End;
	readonly at: string;
	readonly role: Role;
	readonly colour: Colour;
	readonly size: ConductorSize;
	readonly material: Cable['material'];
	/** Its circuit; `null` for a tail. */
	readonly circuit: string | null;
	readonly cable: string | null;
}

/** Ends that are one conductor of the installation as long as the device is in: joined by connectors, tails, and through the device. */
export interface Net {
	readonly role: Role;
	readonly ends: readonly Conducting[];
	/** Terminals of the device that it reaches, in the device's order. */
	readonly terminals: readonly string[];
	readonly joints: readonly string[];
	/** Whether it is joined to the metal of the box. */
	readonly bonded: boolean;
}

/** Every end in the box with what it belongs to. */
export function conducting(house: House, boxId: string, wiring: Wiring): Conducting[] {
	const cables = new Map(cablesInBox(house, boxId).map(({ cable }) => [cable.id, cable]));
	const largest = [...cables.values()][0];
	return endsOf(wiring).flatMap(({ end, at }): Conducting[] => {
		if (end.kind === 'tail') {
			const tail = wiring.pigtails.find(({ id }) => id === end.tail)!;
			const size = largest?.size ?? regions[house.region].custom.outletCable;
			const { role, colour } = tail;
			return [{ end, at, role, colour, size, material: 'copper', circuit: null, cable: null }];
		}
		const cable = cables.get(end.cable);
		const conductor = cable?.conductors.find(({ id }) => id === end.conductor);
		if (!cable || !conductor) return [];
		return [
			{
				end,
				at,
				role: conductor.role,
				colour: conductor.colour,
				size: conductor.size ?? cable.size,
				material: cable.material,
				circuit: conductor.circuit ?? cable.circuit,
				cable: cable.id
			}
		];
	});
}

/** The nets of a box that the device is part of, and those that pass it by (no terminals). */
export function netsOf(house: House, boxId: string, wiring: Wiring): Net[] {
	const terminals = wiring.device ? deviceModel(wiring.device).terminals : [];
	return meeting(conducting(house, boxId, wiring), wiring, true).map(({ ends, places }) => ({
		role: roleOf(ends),
		ends,
		terminals: terminals.map(({ name }) => name).filter((name) => places.has(`terminal:${name}`)),
		joints: [...new Set(ends.flatMap(({ at }) => jointOf(at) ?? []))],
		bonded: places.has('box')
	}));
}

/** Ends that meet, and the places they meet at: in joints, over tails, at the box's metal, and with `through` over the device with its contacts shut. */
export function meeting(
	all: readonly Conducting[],
	wiring: Wiring,
	through: boolean
): { readonly ends: readonly Conducting[]; readonly places: ReadonlySet<string> }[] {
	const near = new Map<string, string[]>();
	const link = (a: string, b: string) => {
		near.set(a, [...(near.get(a) ?? []), b]);
		near.set(b, [...(near.get(b) ?? []), a]);
	};
	for (const { end, at } of all)
		if (at !== 'bare' && at !== 'capped' && (through || terminalOf(at) === null)) link(endId(end), at);
	for (const { id } of wiring.pigtails) link(`tail/${id}/from`, `tail/${id}/to`);
	if (through && wiring.device) {
		const shut = withTripped(wiring.device, false);
		for (const { from, to, capacitanceF } of deviceModel(shut).links)
			if (capacitanceF === undefined) link(`terminal:${from}`, `terminal:${to}`);
	}
	const left = new Set(all);
	const groups: { ends: Conducting[]; places: Set<string> }[] = [];
	for (const start of all) {
		if (!left.has(start)) continue;
		const places = new Set([endId(start.end)]);
		for (const at of places) for (const next of near.get(at) ?? []) places.add(next);
		const ends = all.filter(({ end }) => places.has(endId(end)));
		for (const each of ends) left.delete(each);
		groups.push({ ends, places });
	}
	return groups;
}

/** What a net is for: by its cable conductors; a switched one is switched whatever else it is called. */
function roleOf(ends: readonly Conducting[]): Role {
	const own = ends.filter(({ cable }) => cable !== null);
	const roles = (own.length > 0 ? own : ends).map(({ role }) => role);
	if (roles.includes('switchedHot') && !roles.includes('hot')) return 'switchedHot';
	return (['ground', 'neutral', 'hot'] as const).find((role) => roles.includes(role)) ?? 'hot';
}

export const onDevice = ({ at }: Conducting): boolean => terminalOf(at) !== null;

/** What each end is for in a box that is wired one way and then another. */
export function rolesIn(house: House, boxId: string, wirings: readonly Wiring[]): (end: End) => Role {
	const roles = new Map(
		wirings.flatMap((wiring) =>
			conducting(house, boxId, wiring).map(({ end, role }) => [endId(end), role] as const)
		)
	);
	return (end) => roles.get(endId(end)) ?? 'hot';
}
