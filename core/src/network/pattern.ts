import type { BranchValues } from './factor';
import type { Network } from './network';

/**
 * The shape of a network, apart from its values: nodes numbered, the order in which they are eliminated, and for every step what it touches. One pattern serves
 * every network with the same branches, whichever of them conduct. Lists of lists are held as flat arrays with a start for each (`xStart[i]` to `xStart[i + 1]`).
 */
export interface Pattern {
	readonly names: readonly string[];
	/** Node numbers by name; 0 is the reference. */
	readonly numbers: ReadonlyMap<string, number>;
	readonly branchFrom: Int32Array;
	readonly branchTo: Int32Array;
	/** For each branch its edge (pair of nodes), −1 where both ends are one node. */
	readonly branchEdge: Int32Array;
	readonly edgeStart: Int32Array;
	/** For each edge the branches that lie on it. */
	readonly edgeBranch: Int32Array;
	/** Nodes in the order of elimination; the reference is not among them. */
	readonly order: Int32Array;
	/** For each node its place in `order`; the reference comes after all. */
	readonly place: Int32Array;
	/** For each place: the edges of the node's star when it is eliminated, and where each leads. */
	readonly starStart: Int32Array;
	readonly starEdge: Int32Array;
	readonly starTo: Int32Array;
	/** For each star entry the node whose star it is. */
	readonly starNode: Int32Array;
	/** For each place: the place it hands on to first (its parent in the elimination tree); −1 where only the reference is left. */
	readonly parent: Int32Array;
	/** For each place: the mesh it leaves, every pair of its star's edges in order. */
	readonly meshStart: Int32Array;
	/** For each edge: the mesh entries that are added to it. */
	readonly edgeMeshStart: Int32Array;
	readonly edgeMesh: Int32Array;
	/** For each node: the star entries through which current is handed on to it. */
	readonly nodeStarStart: Int32Array;
	readonly nodeStar: Int32Array;
}

/**
 * Numbers the nodes and orders their elimination: fewest neighbours first (Markowitz 1957; Tinney and Walker 1967, scheme 2), nodes at which a source drives last, so
 * that the large opposite currents of the sources' Norton forms are never spread over the others.
 */
export function patternOf(network: Network): Pattern {
	const numbers = new Map<string, number>([[network.reference, 0]]);
	const names = [network.reference];
	const neighbours: Map<number, number>[] = [new Map()];
	const late: boolean[] = [false];
	const numberOf = (name: string): number => {
		const known = numbers.get(name);
		if (known !== undefined) return known;
		const made = names.push(name) - 1;
		numbers.set(name, made);
		neighbours.push(new Map());
		late.push(false);
		return made;
	};
	const { branches } = network;
	const branchFrom = new Int32Array(branches.length);
	const branchTo = new Int32Array(branches.length);
	const branchEdge = new Int32Array(branches.length).fill(-1);
	let edges = 0;
	for (let k = 0; k < branches.length; k++) {
		const branch = branches[k]!;
		const from = (branchFrom[k] = numberOf(branch.from));
		const to = (branchTo[k] = numberOf(branch.to));
		if (from === to) continue;
		if (branch.kind === 'source') late[from] = late[to] = true;
		let edge = neighbours[from]!.get(to);
		if (edge === undefined) {
			edge = edges++;
			neighbours[from]!.set(to, edge);
			neighbours[to]!.set(from, edge);
		}
		branchEdge[k] = edge;
	}
	const [edgeStart, edgeBranch] = grouped(branchEdge, edges);
	return {
		names,
		numbers,
		branchFrom,
		branchTo,
		branchEdge,
		edgeStart,
		edgeBranch,
		...eliminationOf(neighbours, late, edges)
	};
}

/** A shape met lately, with what some values of it came to. */
export interface Met<Outcome> {
	readonly pattern: Pattern;
	/** The latest first. */
	readonly answers: { readonly values: BranchValues; readonly outcome: Outcome }[];
}

/** What is remembered of the shapes met lately: most networks are solved again with other values, or with the same. */
export function memoryOf<Outcome>(): (network: Network) => Met<Outcome> {
	const recent: { readonly network: Network; readonly met: Met<Outcome> }[] = [];
	return (network) => {
		const at = recent.findIndex((each) => sameShape(each.network, network));
		const found = at < 0 ? { network, met: { pattern: patternOf(network), answers: [] } } : recent[at]!;
		if (at !== 0) {
			if (at > 0) recent.splice(at, 1);
			recent.unshift(found);
			let branches = 0;
			const full = recent.findIndex(
				({ network: { branches: own } }) => (branches += own.length) > branchesKept
			);
			if (full > 0) recent.length = full;
		}
		return found.met;
	};
}

/** Chosen: a house of thirty outlets asked outlet by outlet, or pair by pair, comes by some fifty shapes in turn; one of hundreds takes no more room, some 30 MB. */
const branchesKept = 65_000;

function sameShape(a: Network, b: Network): boolean {
	if (a.branches.length !== b.branches.length || a.reference !== b.reference) return false;
	// From the end: what is held against a house comes after what it has.
	for (let k = a.branches.length - 1; k >= 0; k--) {
		const one = a.branches[k]!;
		const other = b.branches[k]!;
		if (
			one !== other &&
			(one.from !== other.from ||
				one.to !== other.to ||
				(one.kind === 'source') !== (other.kind === 'source'))
		)
			return false;
	}
	return true;
}

function eliminationOf(
	neighbours: readonly Map<number, number>[],
	late: readonly boolean[],
	edgeCount: number
) {
	const count = neighbours.length;
	const order = new Int32Array(count - 1);
	const place = new Int32Array(count).fill(count - 1);
	const starStart = new Int32Array(count);
	const meshStart = new Int32Array(count);
	const starEdge: number[] = [];
	const starTo: number[] = [];
	const starNode: number[] = [];
	const meshEdge: number[] = [];
	let edges = edgeCount;
	let eliminated = 0;
	for (const turn of [false, true]) {
		const queues: number[][] = [];
		const enqueue = (node: number) => (queues[neighbours[node]!.size] ??= []).push(node);
		for (let node = count - 1; node > 0; node--) if (late[node] === turn) enqueue(node);
		for (let degree = 0; degree < queues.length;) {
			const node = queues[degree]?.pop();
			if (node === undefined) {
				degree++;
				continue;
			}
			const mine = neighbours[node]!;
			if (place[node]! < count - 1 || mine.size !== degree) continue;
			place[node] = eliminated;
			order[eliminated++] = node;
			const first = starTo.length;
			for (const [to, edge] of mine) {
				starTo.push(to);
				starNode.push(node);
				starEdge.push(edge);
				neighbours[to]!.delete(node);
			}
			edges = meshed(neighbours, starTo, first, meshEdge, edges);
			for (let a = first; a < starTo.length; a++) {
				const to = starTo[a]!;
				if (to === 0 || late[to] !== turn) continue;
				enqueue(to);
				if (neighbours[to]!.size < degree) degree = neighbours[to]!.size;
			}
			starStart[eliminated] = starTo.length;
			meshStart[eliminated] = meshEdge.length;
		}
	}
	const [edgeMeshStart, edgeMesh] = grouped(meshEdge, edges);
	const [nodeStarStart, nodeStar] = grouped(starTo, count);
	return {
		order,
		place,
		starStart,
		starEdge: Int32Array.from(starEdge),
		starTo: Int32Array.from(starTo),
		starNode: Int32Array.from(starNode),
		parent: parentsOf(place, starStart, starTo),
		meshStart,
		edgeMeshStart,
		edgeMesh,
		nodeStarStart,
		nodeStar
	};
}

/** Joins the neighbours of a node that goes (from `first` on in `starTo`) with each other, each pair by the edge it has or a new one; how many edges there are then. */
function meshed(
	neighbours: readonly Map<number, number>[],
	starTo: readonly number[],
	first: number,
	meshEdge: number[],
	edgeCount: number
): number {
	let edges = edgeCount;
	for (let a = first; a < starTo.length; a++) {
		const ofA = neighbours[starTo[a]!]!;
		for (let b = a + 1; b < starTo.length; b++) {
			let edge = ofA.get(starTo[b]!);
			if (edge === undefined) {
				edge = edges++;
				ofA.set(starTo[b]!, edge);
				neighbours[starTo[b]!]!.set(starTo[a]!, edge);
			}
			meshEdge.push(edge);
		}
	}
	return edges;
}

/** By when a node goes: when the first of its neighbours goes that is left then; −1: none. */
function parentsOf(place: Int32Array, starStart: Int32Array, starTo: readonly number[]): Int32Array {
	const count = place.length;
	const parent = new Int32Array(count - 1).fill(-1);
	for (let at = 0; at < count - 1; at++)
		for (let s = starStart[at]!; s < starStart[at + 1]!; s++) {
			const to = place[starTo[s]!]!;
			if (to < count - 1 && (parent[at] === -1 || to < parent[at]!)) parent[at] = to;
		}
	return parent;
}

/** For each group the indices of its members, flat: starts and members. Members of a negative group are left out. */
function grouped(groupOf: ArrayLike<number>, groups: number): [Int32Array, Int32Array] {
	const start = new Int32Array(groups + 1);
	for (let k = 0; k < groupOf.length; k++) if (groupOf[k]! >= 0) start[groupOf[k]! + 1]!++;
	for (let g = 0; g < groups; g++) start[g + 1]! += start[g]!;
	const next = start.slice();
	const members = new Int32Array(start[groups]!);
	for (let k = 0; k < groupOf.length; k++) if (groupOf[k]! >= 0) members[next[groupOf[k]!]!++] = k;
	return [start, members];
}
