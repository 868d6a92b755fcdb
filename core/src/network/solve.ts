import { divide, subtract, zero, type Complex } from './complex';
import { conditioning, factorise, substitute, type BranchValues, type Factor } from './factor';
import { drivingEmfV, impedanceOhm, type Branch, type Network } from './network';
import { memoryOf, type Pattern } from './pattern';
import { branchValues } from './values';

/** Node voltages against the reference, V RMS, and how far they miss Kirchhoff's current law (relative; 0 is exact). */
export interface Solution {
	readonly voltageV: ReadonlyMap<string, Complex>;
	readonly residual: number;
}

/** Voltages by node; nothing at one that has none. */
export type Voltages = Pick<ReadonlyMap<string, Complex>, 'get'>;

/**
 * - `solved`: every node has a voltage.
 * - `floating`: the named groups of nodes have no path at all to the reference, so no voltage; the others are solved.
 * - `illConditioned`: solved, but digits were lost where admittances cancelled (only inductance against capacitance can) or the
 *   residual is large.
 * - `singular`: no unique solution (resonance without loss, or a branch without any impedance).
 */
export type SolveOutcome =
	| ({ readonly outcome: 'solved' } & Solution)
	| ({ readonly outcome: 'floating'; readonly floating: readonly (readonly string[])[] } & Solution)
	| ({
			readonly outcome: 'illConditioned';
			readonly cancellation: number;
			readonly floating: readonly (readonly string[])[];
	  } & Solution)
	| { readonly outcome: 'singular'; readonly node: string };

/** Under this share left of the digits at a pivot, fewer than about seven remain. */
const illConditionedCancellation = 1e-9;
const illConditionedResidual = 1e-9;

/** Solves the network for every node that has a path to the reference. See `factor` for the method and its accuracy. */
export function solve(network: Network): SolveOutcome {
	const made = branchValues(network);
	if (!made.ok) return { outcome: 'singular', node: made.node };
	const { pattern, answers } = metBefore(network);
	const known = answers.find(({ values }) => sameValues(values, made.values));
	if (known) return known.outcome;
	const outcome = outcomeOf(factorise(pattern, made.values, sourcesOf(network.branches)));
	answers.unshift({ values: made.values, outcome });
	answers.length = Math.min(answers.length, answersKept);
	return outcome;
}

const metBefore = memoryOf<SolveOutcome>();
/** Chosen: breakers are thrown and thrown back. */
const answersKept = 3;

const sameValues = (a: BranchValues, b: BranchValues): boolean =>
	sameNumbers(a.gRe, b.gRe) &&
	sameNumbers(a.gIm, b.gIm) &&
	sameNumbers(a.jRe, b.jRe) &&
	sameNumbers(a.jIm, b.jIm);

function sameNumbers(a: Float64Array, b: Float64Array): boolean {
	for (let k = a.length - 1; k >= 0; k--) if (a[k] !== b[k]) return false;
	return true;
}

/** Numbers of the branches that may drive. */
export function sourcesOf(branches: readonly Branch[]): number[] {
	const sources: number[] = [];
	for (let k = 0; k < branches.length; k++) if (branches[k]!.kind === 'source') sources.push(k);
	return sources;
}

/** What a factorisation, up to date with its values, comes to. */
export function outcomeOf(factor: Factor): SolveOutcome {
	const { pattern } = factor;
	const { cancellation, lostAt } = conditioning(factor);
	if (lostAt !== null) return { outcome: 'singular', node: pattern.names[lostAt]! };
	substitute(factor);
	const { voltageRe, voltageIm } = factor;
	const voltageV = new Map<string, Complex>();
	for (let node = 0; node < pattern.names.length; node++) {
		const re = voltageRe[node]!;
		if (re === re) voltageV.set(pattern.names[node]!, { re, im: voltageIm[node]! });
	}
	const residual = currentLawResidual(factor);
	const floating =
		voltageV.size === pattern.names.length ? [] : floatingGroups(pattern, factor.values, voltageRe);
	const solution = { voltageV, residual };
	if (cancellation < illConditionedCancellation || residual > illConditionedResidual)
		return { outcome: 'illConditioned', cancellation, floating, ...solution };
	return floating.length > 0
		? { outcome: 'floating', floating, ...solution }
		: { outcome: 'solved', ...solution };
}

/** Current through a branch from `from` to `to`, A RMS; zero where it is open or has a floating end. */
export function branchCurrentA(
	network: Pick<Network, 'frequencyHz'>,
	branch: Branch,
	voltageV: Voltages
): Complex {
	const impedance = impedanceOhm(branch, network.frequencyHz);
	const from = voltageV.get(branch.from);
	const to = voltageV.get(branch.to);
	if (impedance === null || !from || !to || branch.from === branch.to) return zero;
	return divide(subtract(subtract(from, to), drivingEmfV(branch, network.frequencyHz)), impedance);
}

/** The groups of nodes without a voltage, each held together by what conducts between its members. */
function floatingGroups(pattern: Pattern, { gRe, gIm }: BranchValues, voltageRe: Float64Array): string[][] {
	const near = new Map<number, number[]>();
	for (let node = 0; node < pattern.names.length; node++)
		if (Number.isNaN(voltageRe[node])) near.set(node, []);
	for (let k = 0; k < gRe.length; k++) {
		const from = pattern.branchFrom[k]!;
		const to = pattern.branchTo[k]!;
		if (from === to || (gRe[k] === 0 && gIm[k] === 0) || !near.has(from)) continue;
		near.get(from)!.push(to);
		near.get(to)!.push(from);
	}
	const groups: string[][] = [];
	const seen = new Set<number>();
	for (const start of near.keys()) {
		if (seen.has(start)) continue;
		seen.add(start);
		const group = [start];
		for (const member of group)
			for (const next of near.get(member)!)
				if (!seen.has(next)) {
					seen.add(next);
					group.push(next);
				}
		groups.push(group.map((node) => pattern.names[node]!));
	}
	return groups;
}

/**
 * Largest over the nodes of |sum of currents in| / sum of |terms| (the componentwise backward error of Oettli and Prager 1964),
 * a scale-free measure: about 1e-16 for a solution that is as good as the arithmetic.
 */
function currentLawResidual({ pattern, values, voltageRe, voltageIm }: Factor): number {
	const { branchFrom, branchTo } = pattern;
	const { gRe, gIm, jRe, jIm } = values;
	const nodes = pattern.names.length;
	const pool = new Float64Array(3 * nodes);
	const netRe = pool.subarray(0, nodes);
	const netIm = pool.subarray(nodes, 2 * nodes);
	const terms = pool.subarray(2 * nodes);
	const size = (re: number, im: number) => Math.sqrt(re * re + im * im);
	for (let k = 0; k < gRe.length; k++) {
		const from = branchFrom[k]!;
		const to = branchTo[k]!;
		const g = size(gRe[k]!, gIm[k]!);
		const dropRe = voltageRe[from]! - voltageRe[to]!;
		const dropIm = voltageIm[from]! - voltageIm[to]!;
		if (g === 0 || from === to || !(dropRe === dropRe)) continue;
		const currentRe = gRe[k]! * dropRe - gIm[k]! * dropIm - jRe[k]!;
		const currentIm = gRe[k]! * dropIm + gIm[k]! * dropRe - jIm[k]!;
		const term =
			(size(voltageRe[from]!, voltageIm[from]!) + size(voltageRe[to]!, voltageIm[to]!)) * g +
			size(jRe[k]!, jIm[k]!);
		netRe[from]! -= currentRe;
		netIm[from]! -= currentIm;
		netRe[to]! += currentRe;
		netIm[to]! += currentIm;
		terms[from]! += term;
		terms[to]! += term;
	}
	let largest = 0;
	for (let node = 1; node < nodes; node++)
		if (terms[node]! > 0) largest = Math.max(largest, size(netRe[node]!, netIm[node]!) / terms[node]!);
	return largest;
}
