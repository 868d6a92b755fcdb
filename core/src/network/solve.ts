import { assemble, groundedNodes, type Admittances } from './assemble';
import { divide, subtract, zero, type Complex } from './complex';
import { eliminate } from './eliminate';
import { drivingEmfV, impedanceOhm, type Branch, type Network } from './network';

/** Node voltages against the reference, V RMS, and how far they miss Kirchhoff's current law (relative; 0 is exact). */
export interface Solution {
	readonly voltageV: ReadonlyMap<string, Complex>;
	readonly residual: number;
}

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
	| ({ readonly outcome: 'illConditioned'; readonly cancellation: number; readonly floating: readonly (readonly string[])[] } & Solution)
	| { readonly outcome: 'singular'; readonly node: string };

/** Under this share left of the digits at a pivot, fewer than about seven remain. */
const illConditionedCancellation = 1e-9;
const illConditionedResidual = 1e-9;

/** Solves the network for every node that has a path to the reference. See `eliminate` for the method and its accuracy. */
export function solve(network: Network): SolveOutcome {
	const assembled = assemble(network);
	if (!assembled.ok) return { outcome: 'singular', node: assembled.node };
	const { system } = assembled;
	const { grounded, floating } = groundedNodes(system);
	const voltages = eliminate(system, grounded);
	if (!voltages.ok) return { outcome: 'singular', node: system.names[voltages.node]! };

	const voltageV = new Map<string, Complex>();
	system.names.forEach((name, node) => {
		if (grounded[node]) voltageV.set(name, { re: voltages.re[node]!, im: voltages.im[node]! });
	});
	const residual = currentLawResidual(network, system, grounded, voltages.re, voltages.im);
	const groups = floating.map((group) => group.map((node) => system.names[node]!));
	const solution = { voltageV, residual };
	if (voltages.cancellation < illConditionedCancellation || residual > illConditionedResidual)
		return { outcome: 'illConditioned', cancellation: voltages.cancellation, floating: groups, ...solution };
	return groups.length > 0 ? { outcome: 'floating', floating: groups, ...solution } : { outcome: 'solved', ...solution };
}

/** Current through a branch from `from` to `to`, A RMS; zero where it is open or has a floating end. */
export function branchCurrentA(network: Network, branch: Branch, voltageV: ReadonlyMap<string, Complex>): Complex {
	const impedance = impedanceOhm(branch, network.frequencyHz);
	const from = voltageV.get(branch.from);
	const to = voltageV.get(branch.to);
	if (impedance === null || !from || !to || branch.from === branch.to) return zero;
	return divide(subtract(subtract(from, to), drivingEmfV(branch, network.frequencyHz)), impedance);
}

/**
 * Largest over the nodes of |sum of currents in| / sum of |terms| (the componentwise backward error of Oettli and Prager 1964),
 * a scale-free measure: about 1e-16 for a solution that is as good as the arithmetic.
 */
function currentLawResidual(network: Network, system: Admittances, grounded: Uint8Array, re: Float64Array, im: Float64Array): number {
	const netRe = new Float64Array(re.length);
	const netIm = new Float64Array(re.length);
	const terms = new Float64Array(re.length);
	network.branches.forEach((branch, k) => {
		const from = system.branchFrom[k]!;
		const to = system.branchTo[k]!;
		const impedance = impedanceOhm(branch, network.frequencyHz);
		if (impedance === null || from === to || !grounded[from] || !grounded[to]) return;
		const emf = drivingEmfV(branch, network.frequencyHz);
		const square = impedance.re * impedance.re + impedance.im * impedance.im;
		const dropRe = re[from]! - re[to]! - emf.re;
		const dropIm = im[from]! - im[to]! - emf.im;
		const currentRe = (dropRe * impedance.re + dropIm * impedance.im) / square;
		const currentIm = (dropIm * impedance.re - dropRe * impedance.im) / square;
		const term = (Math.hypot(re[from]!, im[from]!) + Math.hypot(re[to]!, im[to]!) + Math.hypot(emf.re, emf.im)) / Math.sqrt(square);
		netRe[from]! -= currentRe;
		netIm[from]! -= currentIm;
		netRe[to]! += currentRe;
		netIm[to]! += currentIm;
		terms[from]! += term;
		terms[to]! += term;
	});
	let largest = 0;
	for (let node = 1; node < re.length; node++)
		if (terms[node]! > 0) largest = Math.max(largest, Math.hypot(netRe[node]!, netIm[node]!) / terms[node]!);
	return largest;
}
