import { addEdge, type Admittances } from './assemble';

/** |sum| / sum of |parts| at a pivot under which nothing is left of the digits. */
const singularCancellation = 1e-13;

export type Voltages =
	| { readonly ok: true; readonly re: Float64Array; readonly im: Float64Array; readonly cancellation: number }
	| { readonly ok: false; readonly node: number };

interface Star {
	readonly node: number;
	readonly pivotRe: number;
	readonly pivotIm: number;
	readonly to: readonly number[];
	readonly re: readonly number[];
	readonly im: readonly number[];
}

/**
 * Voltages of the nodes that have a path to the reference. The system is consumed.
 *
 * Nodal analysis by star–mesh elimination, fewest neighbours first: each eliminated node's star of admittances is replaced by the
 * equivalent mesh. The diagonal is always summed afresh from a node's own branches and never obtained by subtraction (Grassmann,
 * Taksar and Heyman 1985, carried over to admittances), so that a 1 mΩ joint beside a 1 pF coupling costs no digits: admittances of
 * resistors and capacitors lie in one quadrant and cannot cancel. Nodes at which a source drives go last, so that the large opposite
 * currents of the sources' Norton forms are never spread over the others.
 */
export function eliminate(system: Admittances, grounded: Uint8Array): Voltages {
	const { neighbours, re, im, parts, injectedRe, injectedIm } = system;
	const count = neighbours.length;
	const driven = (node: number) => injectedRe[node] !== 0 || injectedIm[node] !== 0;
	const late: boolean[] = Array.from({ length: count }, (_, node) => driven(node));
	const stars: Star[] = [];
	let cancellation = 1;

	for (const node of eliminationOrder(neighbours, grounded, late)) {
		const to: number[] = [];
		const starRe: number[] = [];
		const starIm: number[] = [];
		let pivotRe = 0;
		let pivotIm = 0;
		let sizes = 0;
		for (const [neighbour, edge] of neighbours[node]!) {
			to.push(neighbour);
			starRe.push(re[edge]!);
			starIm.push(im[edge]!);
			pivotRe += re[edge]!;
			pivotIm += im[edge]!;
			sizes += parts[edge]!;
		}
		const kept = (Math.abs(pivotRe) + Math.abs(pivotIm)) / sizes;
		if (!(kept > singularCancellation)) return { ok: false, node };
		if (kept < cancellation) cancellation = kept;
		stars.push({ node, pivotRe, pivotIm, to, re: starRe, im: starIm });

		const square = pivotRe * pivotRe + pivotIm * pivotIm;
		for (let a = 0; a < to.length; a++) {
			const shareRe = (starRe[a]! * pivotRe + starIm[a]! * pivotIm) / square;
			const shareIm = (starIm[a]! * pivotRe - starRe[a]! * pivotIm) / square;
			neighbours[to[a]!]!.delete(node);
			injectedRe[to[a]!]! += shareRe * injectedRe[node]! - shareIm * injectedIm[node]!;
			injectedIm[to[a]!]! += shareRe * injectedIm[node]! + shareIm * injectedRe[node]!;
			for (let b = a + 1; b < to.length; b++) {
				const gRe = shareRe * starRe[b]! - shareIm * starIm[b]!;
				const gIm = shareRe * starIm[b]! + shareIm * starRe[b]!;
				addEdge(neighbours, system, to[a]!, to[b]!, gRe, gIm, Math.abs(gRe) + Math.abs(gIm));
			}
		}
	}
	return { ok: true, cancellation, ...substitute(stars, system, count) };
}

/** Yields the nodes, always one with the fewest neighbours left among those that may go; the caller eliminates each before asking for the next. */
function* eliminationOrder(neighbours: readonly Map<number, number>[], grounded: Uint8Array, late: readonly boolean[]) {
	const done = new Uint8Array(neighbours.length);
	for (const turn of [false, true]) {
		const queues: number[][] = [];
		const enqueue = (node: number) => (queues[neighbours[node]!.size] ??= []).push(node);
		for (let node = neighbours.length - 1; node > 0; node--) if (grounded[node] && late[node] === turn) enqueue(node);
		for (let degree = 0; degree < queues.length;) {
			const node = queues[degree]?.pop();
			if (node === undefined) {
				degree++;
				continue;
			}
			if (done[node] || neighbours[node]!.size !== degree) continue;
			done[node] = 1;
			const touched = [...neighbours[node]!.keys()];
			yield node;
			for (const neighbour of touched)
				if (neighbour !== 0 && late[neighbour] === turn) {
					enqueue(neighbour);
					degree = Math.min(degree, neighbours[neighbour]!.size);
				}
		}
	}
}

function substitute(stars: readonly Star[], { injectedRe, injectedIm }: Admittances, count: number) {
	const re = new Float64Array(count);
	const im = new Float64Array(count);
	for (let k = stars.length - 1; k >= 0; k--) {
		const star = stars[k]!;
		let currentRe = injectedRe[star.node]!;
		let currentIm = injectedIm[star.node]!;
		for (let j = 0; j < star.to.length; j++) {
			const to = star.to[j]!;
			currentRe += star.re[j]! * re[to]! - star.im[j]! * im[to]!;
			currentIm += star.re[j]! * im[to]! + star.im[j]! * re[to]!;
		}
		const square = star.pivotRe * star.pivotRe + star.pivotIm * star.pivotIm;
		re[star.node] = (currentRe * star.pivotRe + currentIm * star.pivotIm) / square;
		im[star.node] = (currentIm * star.pivotRe - currentRe * star.pivotIm) / square;
	}
	return { re, im };
}
