import { cablesInBox, findBox } from './lookup';
import type { Box, Cable, House } from './schema';

/** A box of a circuit and how far it is from the panel, in cables. */
export interface ChainBox {
	readonly box: Box;
	readonly cablesFromPanel: number;
}

/** Boxes of a circuit in feed order: nearest the panel first. In a ring both ways count, so the far middle comes last. */
export function chainOfCircuit(house: House, circuitId: string): ChainBox[] {
	const cables = house.cables.filter(({ circuit }) => circuit === circuitId);
	const steps = new Map<string, number>();
	let frontier = cables.filter((cable) => 'panel' in cable.from).map((cable) => cable.to.box);
	for (let distance = 1; frontier.length > 0; distance++) {
		const next: string[] = [];
		for (const id of frontier) {
			if (steps.has(id)) continue;
			steps.set(id, distance);
			for (const cable of cables) {
				if (!('box' in cable.from)) continue;
				if (cable.from.box === id) next.push(cable.to.box);
				else if (cable.to.box === id) next.push(cable.from.box);
			}
		}
		frontier = next;
	}
	return [...steps]
		.map(([id, cablesFromPanel]) => ({ box: findBox(house, id), cablesFromPanel }))
		.filter((entry): entry is ChainBox => entry.box !== undefined);
}

/** A box at its place in a chain. */
export interface ChainPlace {
	readonly box: Box;
	/** 0 on the main run, one more for each branch it lies on. */
	readonly depth: number;
	readonly after: 'panel' | { readonly box: string };
	/** The cable that feeds it. */
	readonly cable: Cable;
}

/** A circuit's boxes as one walks along it: each followed by what it feeds, the run first, then branches. A ring is walked once round from its first leg. */
export function walkChain(house: House, circuitId: string): ChainPlace[] {
	const cables = house.cables.filter(({ circuit }) => circuit === circuitId);
	const places: ChainPlace[] = [];
	const seen = new Set<string>();
	const visit = (cable: Cable, depth: number) => {
		const box = findBox(house, cable.to.box);
		if (!box || seen.has(box.id)) return;
		seen.add(box.id);
		places.push({ box, depth, after: 'panel' in cable.from ? 'panel' : { box: cable.from.box }, cable });
		const onward = cables.filter(({ from }) => 'box' in from && from.box === box.id);
		onward.forEach((next, k) => k > 0 && visit(next, depth + 1));
		if (onward[0]) visit(onward[0], depth);
	};
	for (const cable of cables) if ('panel' in cable.from) visit(cable, 0);
	return places;
}

/** The boxes joined to this one by a cable: those nearer the panel, and those after it. On a ring both count as before it. */
export function neighbours(
	house: House,
	boxId: string
): { readonly upstream: Box[]; readonly downstream: Box[] } {
	const upstream: Box[] = [];
	const downstream: Box[] = [];
	for (const { cable } of cablesInBox(house, boxId)) {
		const chain = chainOfCircuit(house, cable.circuit);
		const distance = (id: string) => chain.find(({ box }) => box.id === id)?.cablesFromPanel ?? Infinity;
		const otherId = cable.to.box === boxId ? ('box' in cable.from ? cable.from.box : null) : cable.to.box;
		const other = otherId === null ? undefined : findBox(house, otherId);
		if (!other) continue;
		const side = distance(other.id) < distance(boxId) ? upstream : downstream;
		if (!side.includes(other)) side.push(other);
	}
	return { upstream, downstream };
}
