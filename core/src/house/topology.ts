import { cablesInBox, cablesOfCircuit, findBox, once } from './lookup';
import type { Box, Cable, House } from './schema';

/** A box of a circuit and how far it is from the panel, in cables. */
export interface ChainBox {
	readonly box: Box;
	readonly cablesFromPanel: number;
}

/** Boxes of a circuit in feed order: nearest the panel first. In a ring both ways count, so the far middle comes last. */
export const chainOfCircuit = (house: House, circuitId: string): ChainBox[] =>
	[...stepsOfCircuit(house, circuitId)].flatMap(([id, cablesFromPanel]) => {
		const box = findBox(house, id);
		return box ? [{ box, cablesFromPanel }] : [];
	});

/** How far from the panel each box of a circuit is, in cables; in feed order. */
function stepsOfCircuit({ cables }: Pick<House, 'cables'>, circuitId: string): ReadonlyMap<string, number> {
	const known = stepsOf(cables);
	let steps = known.get(circuitId);
	if (!steps) known.set(circuitId, (steps = walkedFromPanel({ cables }, circuitId)));
	return steps;
}
const stepsOf = once((_: readonly Cable[]) => new Map<string, ReadonlyMap<string, number>>());

function walkedFromPanel(house: Pick<House, 'cables'>, circuitId: string): ReadonlyMap<string, number> {
	const steps = new Map<string, number>();
	let frontier = cablesOfCircuit(house, circuitId)
		.filter((cable) => 'panel' in cable.from)
		.map((cable) => cable.to.box);
	for (let distance = 1; frontier.length > 0; distance++) {
		const next: string[] = [];
		for (const id of frontier) {
			if (steps.has(id)) continue;
			steps.set(id, distance);
			for (const { cable } of cablesInBox(house, id)) {
				if (cable.circuit !== circuitId || !('box' in cable.from)) continue;
				next.push(cable.from.box === id ? cable.to.box : cable.from.box);
			}
		}
		frontier = next;
	}
	return steps;
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
export function walkChain(house: House, circuitId: string): readonly ChainPlace[] {
	const known = walksOf(house);
	let walk = known.get(circuitId);
	if (!walk) known.set(circuitId, (walk = walked(house, circuitId)));
	return walk;
}
const walksOf = once((_: House) => new Map<string, readonly ChainPlace[]>());

/** The same by box. */
export const placesOf = (house: House, circuitId: string): ReadonlyMap<string, ChainPlace> =>
	byBox(walkChain(house, circuitId));
const byBox = once(
	(places: readonly ChainPlace[]): ReadonlyMap<string, ChainPlace> =>
		new Map(places.map((place) => [place.box.id, place]))
);

function walked(house: House, circuitId: string): ChainPlace[] {
	const places: ChainPlace[] = [];
	const seen = new Set<string>();
	const visit = (first: Cable, depth: number) => {
		// Along the run without a call within a call: it may be longer than those can be deep.
		for (let cable: Cable | undefined = first; cable;) {
			const { from, to }: Cable = cable;
			const box = findBox(house, to.box);
			if (!box || seen.has(box.id)) return;
			seen.add(box.id);
			places.push({ box, depth, after: 'panel' in from ? 'panel' : { box: from.box }, cable });
			const [next, ...branches] = onward(house, circuitId, box.id);
			for (const branch of branches) visit(branch, depth + 1);
			cable = next;
		}
	};
	for (const cable of cablesOfCircuit(house, circuitId)) if ('panel' in cable.from) visit(cable, 0);
	return places;
}

/** The cables of a circuit by which it leaves a box. */
const onward = (house: House, circuitId: string, boxId: string): Cable[] =>
	cablesInBox(house, boxId).flatMap(({ cable, end }) =>
		end === 'from' && cable.circuit === circuitId ? [cable] : []
	);

/** The boxes joined to this one by a cable: those nearer the panel, and those after it. On a ring both count as before it. */
export function neighbours(
	house: House,
	boxId: string
): { readonly upstream: Box[]; readonly downstream: Box[] } {
	const upstream: Box[] = [];
	const downstream: Box[] = [];
	for (const { cable } of cablesInBox(house, boxId)) {
		const steps = stepsOfCircuit(house, cable.circuit);
		const distance = (id: string) => steps.get(id) ?? Infinity;
		const otherId = cable.to.box === boxId ? ('box' in cable.from ? cable.from.box : null) : cable.to.box;
		const other = otherId === null ? undefined : findBox(house, otherId);
		if (!other) continue;
		const side = distance(other.id) < distance(boxId) ? upstream : downstream;
		if (!side.includes(other)) side.push(other);
	}
	return { upstream, downstream };
}
