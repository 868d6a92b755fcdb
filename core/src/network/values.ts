import type { BranchValues } from './factor';
import { drivingEmfV, impedanceOhm, type Branch, type Network } from './network';

/** What the branches of a network bring to its equations; refused where a branch has no impedance at all: nothing would fix its current. */
export function branchValues(
	network: Network
): { readonly ok: true; readonly values: BranchValues } | { readonly ok: false; readonly node: string } {
	const count = network.branches.length;
	const pool = new Float64Array(4 * count);
	const values: BranchValues = {
		gRe: pool.subarray(0, count),
		gIm: pool.subarray(count, 2 * count),
		jRe: pool.subarray(2 * count, 3 * count),
		jIm: pool.subarray(3 * count)
	};
	for (let k = 0; k < count; k++)
		if (!setBranchValue(values, k, network.branches[k]!, network.frequencyHz))
			return { ok: false, node: network.branches[k]!.from };
	return { ok: true, values };
}

/** Sets one branch's values; `null` takes the branch away. False where it has no impedance. */
export function setBranchValue(
	values: BranchValues,
	k: number,
	branch: Branch | null,
	frequencyHz: number
): boolean {
	values.gRe[k] = values.gIm[k] = values.jRe[k] = values.jIm[k] = 0;
	if (branch === null || branch.from === branch.to) return true;
	if (branch.kind === 'resistor' || branch.kind === 'switch') {
		if (branch.kind === 'switch' && !branch.closed) return true;
		const ohm = branch.kind === 'resistor' ? branch.resistanceOhm : branch.onResistanceOhm;
		values.gRe[k] = 1 / ohm;
		return ohm > 0;
	}
	const impedance = impedanceOhm(branch, frequencyHz);
	if (impedance === null) return true;
	const square = impedance.re * impedance.re + impedance.im * impedance.im;
	if (!(square > 0)) return false;
	const gRe = impedance.re / square;
	const gIm = -impedance.im / square;
	const emf = drivingEmfV(branch, frequencyHz);
	values.gRe[k] = gRe;
	values.gIm[k] = gIm;
	values.jRe[k] = emf.re * gRe - emf.im * gIm;
	values.jIm[k] = emf.re * gIm + emf.im * gRe;
	return true;
}
