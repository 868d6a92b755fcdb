import {
	allBreakers,
	besideOf,
	branches as branchIds,
	points,
	settle,
	type Breaker,
	type Half,
	type House
} from '../house';
import { branchCurrentA, magnitude, solve, type Branch } from '../network';

/** A signal transmitter plugged into an outlet, V, Ω, Hz (a small signal drawn as current, well above the mains; assumed). */
export const transmitter = { emfV: 10, resistanceOhm: 1000, frequencyHz: 8000 };
/** What a receiver held to one breaker hears of the signal in each one beside it (assumed: the fields of neighbours overlap). */
export const bleedShare = 0.4;
/** A receiver's lamps; all of them at the full signal, none below half of one. */
export const receiverLamps = 10;

/**
 * A transmitter between hot and neutral of one half of an outlet, a receiver swept over the breakers: lamps lit at each, 0 to `receiverLamps`, loudest first.
 * The signal flows as current through every breaker that feeds the outlet, and bleeds to those beside it. The mains' own voltage doesn't show at its frequency.
 */
export function sweep(
	house: House,
	boxId: string,
	half: Half
): { readonly breaker: string; readonly lamps: number }[] {
	const signal: Branch = {
		kind: 'source',
		id: 'transmitter',
		from: points.contact(boxId, half, 'hot'),
		to: points.contact(boxId, half, 'neutral'),
		emfV: { re: transmitter.emfV, im: 0 },
		current: 'alternating',
		resistanceOhm: transmitter.resistanceOhm
	};
	const { network } = settle(house);
	const silent = network.branches.map((branch): Branch =>
		branch.kind === 'source' ? { ...branch, emfV: { re: 0, im: 0 } } : branch
	);
	const driven = { ...network, frequencyHz: transmitter.frequencyHz, branches: [...silent, signal] };
	const solution = solve(driven);
	if (solution.outcome === 'singular') return allBreakers(house).map(({ id }) => ({ breaker: id, lamps: 0 }));
	const branches = new Map(driven.branches.map((branch) => [branch.id, branch]));
	const ownA = (breaker: Breaker): number =>
		breaker.spaces.reduce((sum, _, k) => {
			const branch = branches.get(branchIds.breaker(breaker.id, k as 0 | 1));
			return sum + (branch ? magnitude(branchCurrentA(driven, branch, solution.voltageV)) : 0);
		}, 0);
	const own = new Map(allBreakers(house).map((breaker) => [breaker.id, ownA(breaker)]));
	const fullA = transmitter.emfV / transmitter.resistanceOhm;
	return allBreakers(house)
		.map((breaker) => {
			const heardA =
				own.get(breaker.id)! +
				besideOf(house, breaker).reduce((sum, id) => sum + bleedShare * own.get(id)!, 0);
			return {
				breaker: breaker.id,
				lamps: Math.min(receiverLamps, Math.round((heardA / fullA) * receiverLamps))
			};
		})
		.sort((a, b) => b.lamps - a.lamps);
}

/** Where the receiver is loudest; `null` where it hears nothing anywhere. Two as loud as each other: the first of them in the panel. */
export function strongestOf(heard: ReturnType<typeof sweep>): string | null {
	const loudest = heard[0];
	return loudest && loudest.lamps > 0 ? loudest.breaker : null;
}
