import type { Colour, House, How, Role } from '../house';
import { regions, type ConductorSize } from '../rules';
import { conducting } from './nets';
import type { Move } from './moves';
import { endId, type Wiring } from './value';

/** Length of a pigtail, mm: domain §7 and NEC 300.14, 6 in. */
export const tailMm = 150;

/** What has to lie ready for a plan beside the part itself. */
export interface Supplies {
	/** A connector each: how many conductors of which size it has to be listed for. */
	readonly connectors: readonly { readonly how: How; readonly wires: number; readonly size: ConductorSize }[];
	readonly tails: readonly { readonly role: Role; readonly colour: Colour; readonly size: ConductorSize }[];
	/** Single caps for ends that are not used. */
	readonly caps: number;
	/** Sizes of conductors that are stripped anew: a notch of the stripper each. */
	readonly notches: readonly ConductorSize[];
}

/** What the moves of a plan use up. Sizes are the circuit’s own: a tail is never thinner than what it joins. */
export function suppliesFor(house: House, boxId: string, wanted: Wiring, moves: readonly Move[]): Supplies {
	const sizes = new Map(conducting(house, boxId, wanted).map(({ end, size }) => [endId(end), size]));
	const sizeOf = (ends: readonly Parameters<typeof endId>[0][]): ConductorSize =>
		ends.map((end) => sizes.get(endId(end))).find((size) => size !== undefined) ??
		regions[house.region].custom.outletCable;
	const notches = moves.flatMap((move) =>
		move.kind === 'land' || move.kind === 'join'
			? move.ends.flatMap((end) => sizes.get(endId(end)) ?? [])
			: []
	);
	return {
		connectors: moves.flatMap((move) =>
			move.kind === 'join' ? [{ how: move.how, wires: move.ends.length, size: sizeOf(move.ends) }] : []
		),
		tails: moves.flatMap((move) =>
			move.kind === 'makeTail'
				? [
						{
							role: move.role,
							colour: move.colour,
							size: sizeOf([{ kind: 'tail', tail: move.tail, end: 'from' }])
						}
					]
				: []
		),
		caps: moves.reduce((sum, move) => sum + (move.kind === 'cap' ? move.ends.length : 0), 0),
		notches: [...new Set(notches)]
	};
}
