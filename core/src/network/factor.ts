import type { Pattern } from './pattern';

/** |sum| / sum of |parts| at a pivot under which nothing is left of the digits. */
const singularCancellation = 1e-13;

/** The values that a network gives its pattern: for each branch its admittance and the current its source drives from `to` to `from`. */
export interface BranchValues {
	/** S. */
	readonly gRe: Float64Array;
	readonly gIm: Float64Array;
	/** A. */
	readonly jRe: Float64Array;
	readonly jIm: Float64Array;
}

/** A factorised network: kept, so that a change of a few branches only redoes the pivots it reaches. Its arrays are overwritten by `refactor` and `substitute`. */
export interface Factor {
	readonly pattern: Pattern;
	readonly values: BranchValues;
	/** By edge, S: of the branches alone, and with what was folded in. */
	readonly edgeRe: Float64Array;
	readonly edgeIm: Float64Array;
	/** Sum of the sizes of the parts that an edge was added up from: what cancelled can be seen against it. */
	readonly edgeSize: Float64Array;
	readonly pivotRe: Float64Array;
	readonly pivotIm: Float64Array;
	readonly kept: Float64Array;
	/** Places where none were. */
	readonly lost: Set<number>;
	readonly shareRe: Float64Array;
	readonly shareIm: Float64Array;
	readonly meshRe: Float64Array;
	readonly meshIm: Float64Array;
	/** By node, A: driven by its own sources, and with what is handed on to it. */
	readonly injectedRe: Float64Array;
	readonly injectedIm: Float64Array;
	/** By node, V against the reference; NaN where it has none. */
	readonly voltageRe: Float64Array;
	readonly voltageIm: Float64Array;
	readonly dirty: Uint8Array;
	/** For each node the branches at it that may drive it. */
	readonly driving: readonly (readonly number[])[];
}

const none: readonly number[] = [];

/** Factorises from the values of all branches. `sources`: numbers of the branches that may drive. */
export function factorise(pattern: Pattern, values: BranchValues, sources: readonly number[]): Factor {
	const nodes = pattern.names.length;
	const edges = pattern.edgeMeshStart.length - 1;
	const stars = pattern.starTo.length;
	const meshes = pattern.meshStart[nodes - 1]!;
	const driving: (readonly number[])[] = new Array<readonly number[]>(nodes).fill(none);
	for (const k of sources)
		for (const node of [pattern.branchFrom[k]!, pattern.branchTo[k]!]) driving[node] = [...driving[node]!, k];
	// One allocation for all of them: many small ones cost more than the arithmetic.
	const pool = new Float64Array(3 * edges + 7 * nodes + 2 * stars + 2 * meshes);
	let taken = 0;
	const numbers = (count: number): Float64Array => pool.subarray(taken, (taken += count));
	const factor: Factor = {
		pattern,
		values,
		edgeRe: numbers(edges),
		edgeIm: numbers(edges),
		edgeSize: numbers(edges),
		pivotRe: numbers(nodes),
		pivotIm: numbers(nodes),
		kept: numbers(nodes).fill(1),
		lost: new Set(),
		shareRe: numbers(stars),
		shareIm: numbers(stars),
		meshRe: numbers(meshes),
		meshIm: numbers(meshes),
		injectedRe: numbers(nodes),
		injectedIm: numbers(nodes),
		voltageRe: numbers(nodes),
		voltageIm: numbers(nodes),
		dirty: new Uint8Array(nodes),
		driving
	};
	for (let at = 0; at < nodes - 1; at++) eliminateAt(factor, at);
	return factor;
}

/**
 * Takes over changed branch values: redoes only the pivots on the way from the changed branches to the root of the elimination tree (Chan and Brandwajn 1986,
 * partial refactorisation). Nothing is ever subtracted, so that it is the same to the last digit as factorising anew.
 */
export function refactor(factor: Factor, changed: readonly number[]): void {
	const { pattern, dirty } = factor;
	const last = pattern.order.length;
	let lowest = last;
	for (const k of changed) {
		if (pattern.branchEdge[k]! < 0) continue;
		let at = Math.min(pattern.place[pattern.branchFrom[k]!]!, pattern.place[pattern.branchTo[k]!]!);
		if (at < lowest) lowest = at;
		while (at >= 0 && at < last && !dirty[at]) {
			dirty[at] = 1;
			at = pattern.parent[at]!;
		}
	}
	for (let at = lowest; at < last; at++)
		if (dirty[at]) {
			dirty[at] = 0;
			eliminateAt(factor, at);
		}
}

/**
 * One step of nodal analysis by star–mesh elimination: the node's star of admittances is replaced by the equivalent mesh. The diagonal is always summed afresh from a
 * node's own branches and never obtained by subtraction (Grassmann, Taksar and Heyman 1985, carried over to admittances), so that a 1 mΩ joint beside a 1 pF coupling
 * costs no digits: admittances of resistors and capacitors lie in one quadrant and cannot cancel. A pivot of nothing at all leaves the node floating.
 */
function eliminateAt(factor: Factor, at: number): void {
	const { pattern, edgeRe, edgeIm, edgeSize, meshRe, meshIm, shareRe, shareIm, injectedRe, injectedIm } =
		factor;
	const { starStart, starEdge, meshStart } = pattern;
	const node = pattern.order[at]!;
	const first = starStart[at]!;
	const end = starStart[at + 1]!;
	let pivotRe = 0;
	let pivotIm = 0;
	let sizes = 0;
	for (let s = first; s < end; s++) {
		const edge = starEdge[s]!;
		sumEdge(factor, edge);
		pivotRe += edgeRe[edge]!;
		pivotIm += edgeIm[edge]!;
		sizes += edgeSize[edge]!;
	}
	sumInjected(factor, node);
	const nothing = sizes === 0;
	factor.pivotRe[at] = pivotRe;
	factor.pivotIm[at] = pivotIm;
	const kept = (factor.kept[at] = nothing ? 1 : (Math.abs(pivotRe) + Math.abs(pivotIm)) / sizes);
	if (!(kept > singularCancellation)) factor.lost.add(at);
	else if (factor.lost.size > 0) factor.lost.delete(at);
	const square = pivotRe * pivotRe + pivotIm * pivotIm;
	let m = meshStart[at]!;
	for (let a = first; a < end; a++) {
		const aRe = edgeRe[starEdge[a]!]!;
		const aIm = edgeIm[starEdge[a]!]!;
		const sRe = (shareRe[a] = nothing ? 0 : (aRe * pivotRe + aIm * pivotIm) / square);
		const sIm = (shareIm[a] = nothing ? 0 : (aIm * pivotRe - aRe * pivotIm) / square);
		for (let b = a + 1; b < end; b++, m++) {
			const bRe = edgeRe[starEdge[b]!]!;
			const bIm = edgeIm[starEdge[b]!]!;
			meshRe[m] = sRe * bRe - sIm * bIm;
			meshIm[m] = sRe * bIm + sIm * bRe;
		}
	}
	if (nothing) injectedRe[node] = injectedIm[node] = 0;
}

/** An edge's admittance: its branches', and what the meshes of nodes eliminated before have added. */
function sumEdge({ pattern, values, edgeRe, edgeIm, edgeSize, meshRe, meshIm }: Factor, edge: number): void {
	let re = 0;
	let im = 0;
	let size = 0;
	if (edge < pattern.edgeStart.length - 1)
		for (let k = pattern.edgeStart[edge]!; k < pattern.edgeStart[edge + 1]!; k++) {
			const gRe = values.gRe[pattern.edgeBranch[k]!]!;
			const gIm = values.gIm[pattern.edgeBranch[k]!]!;
			re += gRe;
			im += gIm;
			size += Math.abs(gRe) + Math.abs(gIm);
		}
	for (let k = pattern.edgeMeshStart[edge]!; k < pattern.edgeMeshStart[edge + 1]!; k++) {
		const gRe = meshRe[pattern.edgeMesh[k]!]!;
		const gIm = meshIm[pattern.edgeMesh[k]!]!;
		re += gRe;
		im += gIm;
		size += Math.abs(gRe) + Math.abs(gIm);
	}
	edgeRe[edge] = re;
	edgeIm[edge] = im;
	edgeSize[edge] = size;
}

/** The current driven into a node: by its own sources, and handed on by nodes eliminated before. */
function sumInjected(
	{ pattern, values, injectedRe, injectedIm, shareRe, shareIm, driving }: Factor,
	node: number
): void {
	let re = 0;
	let im = 0;
	for (const k of driving[node]!) {
		const sign = pattern.branchFrom[k] === node ? 1 : -1;
		re += sign * values.jRe[k]!;
		im += sign * values.jIm[k]!;
	}
	for (let k = pattern.nodeStarStart[node]!; k < pattern.nodeStarStart[node + 1]!; k++) {
		const s = pattern.nodeStar[k]!;
		const from = pattern.starNode[s]!;
		re += shareRe[s]! * injectedRe[from]! - shareIm[s]! * injectedIm[from]!;
		im += shareRe[s]! * injectedIm[from]! + shareIm[s]! * injectedRe[from]!;
	}
	injectedRe[node] = re;
	injectedIm[node] = im;
}

/** Works out the voltages from the factorisation, from the reference outwards; nodes that float get none (NaN). */
export function substitute(factor: Factor): void {
	for (let at = factor.pattern.order.length - 1; at >= 0; at--) substituteAt(factor, at);
}

/** The same node by node as it is asked for: what a node's voltage hangs on lies on its way up the elimination tree. */
export function substitution(factor: Factor): (node: number) => void {
	const { order, place, parent } = factor.pattern;
	const known = new Uint8Array(order.length);
	const way: number[] = [];
	return (node) => {
		for (let at = place[node]!; at >= 0 && at < order.length && !known[at]; at = parent[at]!) way.push(at);
		for (let at = way.pop(); at !== undefined; at = way.pop()) {
			substituteAt(factor, at);
			known[at] = 1;
		}
	};
}

function substituteAt(factor: Factor, at: number): void {
	const { pattern, pivotRe, pivotIm, edgeRe, edgeIm, injectedRe, injectedIm, voltageRe, voltageIm } = factor;
	const { starStart, starEdge, starTo } = pattern;
	const node = pattern.order[at]!;
	let re = injectedRe[node]!;
	let im = injectedIm[node]!;
	for (let s = starStart[at]!; s < starStart[at + 1]!; s++) {
		const gRe = edgeRe[starEdge[s]!]!;
		const gIm = edgeIm[starEdge[s]!]!;
		// Nothing times a voltage that doesn't exist is still nothing.
		if (gRe === 0 && gIm === 0) continue;
		const to = starTo[s]!;
		re += gRe * voltageRe[to]! - gIm * voltageIm[to]!;
		im += gRe * voltageIm[to]! + gIm * voltageRe[to]!;
	}
	const pRe = pivotRe[at]!;
	const pIm = pivotIm[at]!;
	const square = pRe * pRe + pIm * pIm;
	voltageRe[node] = (re * pRe + im * pIm) / square;
	voltageIm[node] = (im * pRe - re * pIm) / square;
}

/** The least share of its digits that any pivot kept, and a node where all were lost. */
export function conditioning({ kept, lost, pattern }: Factor): {
	readonly cancellation: number;
	readonly lostAt: number | null;
} {
	const [first] = [...lost].sort((a, b) => a - b);
	return {
		cancellation: kept.reduce((least, share) => (share < least ? share : least), 1),
		lostAt: first === undefined ? null : pattern.order[first]!
	};
}
