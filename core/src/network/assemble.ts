import { drivingEmfV, impedanceOhm, type Network } from './network';

/** Admittances between numbered nodes, each pair once. Node 0 is the reference. */
export interface Admittances {
	readonly names: readonly string[];
	/** For each node: neighbour → edge number. */
	readonly neighbours: readonly Map<number, number>[];
	/** Admittance of each edge, S. */
	readonly re: number[];
	readonly im: number[];
	/** Sum of the sizes of the parts that each edge was added up from, S: what cancelled can be seen against it. */
	readonly parts: number[];
	/** Current driven into each node by sources in their Norton form, A. */
	readonly injectedRe: number[];
	readonly injectedIm: number[];
	/** For each branch its node numbers, and whether it conducts. */
	readonly branchFrom: Int32Array;
	readonly branchTo: Int32Array;
}

export type Assembled = { readonly ok: true; readonly system: Admittances } | { readonly ok: false; readonly node: string };

/** Numbers the nodes and sums the branches' admittances. Refused where a branch has no impedance at all: nothing would fix its current. */
export function assemble(network: Network): Assembled {
	const index = new Map<string, number>([[network.reference, 0]]);
	const names = [network.reference];
	const neighbours: Map<number, number>[] = [new Map()];
	const edges = { re: [] as number[], im: [] as number[], parts: [] as number[] };
	const injectedRe = [0];
	const injectedIm = [0];
	const numberOf = (name: string): number => {
		const known = index.get(name);
		if (known !== undefined) return known;
		const made = names.push(name) - 1;
		index.set(name, made);
		neighbours.push(new Map());
		injectedRe.push(0);
		injectedIm.push(0);
		return made;
	};
	const branchFrom = new Int32Array(network.branches.length);
	const branchTo = new Int32Array(network.branches.length);
	for (let k = 0; k < network.branches.length; k++) {
		const branch = network.branches[k]!;
		const from = (branchFrom[k] = numberOf(branch.from));
		const to = (branchTo[k] = numberOf(branch.to));
		if (from === to) continue;
		const impedance = impedanceOhm(branch, network.frequencyHz);
		if (impedance === null) continue;
		const square = impedance.re * impedance.re + impedance.im * impedance.im;
		if (!(square > 0)) return { ok: false, node: branch.from };
		const gRe = impedance.re / square;
		const gIm = -impedance.im / square;
		addEdge(neighbours, edges, from, to, gRe, gIm, Math.abs(gRe) + Math.abs(gIm));
		const emf = drivingEmfV(branch, network.frequencyHz);
		const currentRe = emf.re * gRe - emf.im * gIm;
		const currentIm = emf.re * gIm + emf.im * gRe;
		injectedRe[from]! += currentRe;
		injectedIm[from]! += currentIm;
		injectedRe[to]! -= currentRe;
		injectedIm[to]! -= currentIm;
	}
	return { ok: true, system: { names, neighbours, ...edges, injectedRe, injectedIm, branchFrom, branchTo } };
}

type Edges = Pick<Admittances, 're' | 'im' | 'parts'>;

/** Adds an admittance between two nodes, in parallel with what is there. */
export function addEdge(
	neighbours: readonly Map<number, number>[],
	edges: Edges,
	a: number,
	b: number,
	gRe: number,
	gIm: number,
	parts: number
): void {
	const edge = neighbours[a]!.get(b);
	if (edge === undefined) {
		const made = edges.re.push(gRe) - 1;
		edges.im.push(gIm);
		edges.parts.push(parts);
		neighbours[a]!.set(b, made);
		neighbours[b]!.set(a, made);
	} else {
		edges.re[edge]! += gRe;
		edges.im[edge]! += gIm;
		edges.parts[edge]! += parts;
	}
}

/** Which nodes have a path to the reference, and the groups of those that have none. */
export function groundedNodes({ names, neighbours }: Admittances): { readonly grounded: Uint8Array; readonly floating: number[][] } {
	const seen = new Uint8Array(names.length);
	const flood = (start: number): number[] => {
		const group = [start];
		seen[start] = 1;
		for (const member of group)
			for (const next of neighbours[member]!.keys())
				if (!seen[next]) {
					seen[next] = 1;
					group.push(next);
				}
		return group;
	};
	flood(0);
	const grounded = seen.slice();
	const floating: number[][] = [];
	for (let node = 1; node < names.length; node++) if (!seen[node]) floating.push(flood(node));
	return { grounded, floating };
}
