import fc from 'fast-check';
import { expect, it } from 'vitest';
import { drawn } from '../../test/draws';
import { arrangements } from '../arrangements';
import { add, branchCurrentA, magnitude, solve, type Branch, type Network } from '../network';
import { groundedNeutralTest } from '../rules';
import { compileHouse } from './compile';
import { groundedNeutralsA } from './groundedNeutral';

/** One at a time, each a network of its own. */
function bySolvingA(network: Network, sensed: readonly string[]): number {
	const driven: Network = {
		...network,
		frequencyHz: 0,
		branches: network.branches.map((branch): Branch =>
			sensed.includes(branch.id) && branch.kind === 'resistor'
				? {
						kind: 'source',
						id: branch.id,
						from: branch.from,
						to: branch.to,
						emfV: { re: groundedNeutralTest.testV, im: 0 },
						current: 'direct',
						resistanceOhm: branch.resistanceOhm
					}
				: branch
		)
	};
	const solution = solve(driven);
	if (solution.outcome === 'singular') return 0;
	const through = driven.branches.filter(({ id }) => sensed.includes(id));
	return magnitude(
		through.map((branch) => branchCurrentA(driven, branch, solution.voltageV)).reduce(add, { re: 0, im: 0 })
	);
}

it('all at once drives what each by itself does, round whatever pairs of branches', () => {
	fc.assert(
		fc.property(
			fc.constantFrom(...arrangements),
			fc.array(fc.nat(), { minLength: 2, maxLength: 12 }),
			(each, picks) => {
				const network = compileHouse(each.build());
				const wires = network.branches.filter(({ kind }) => kind === 'resistor').map(({ id }) => id);
				const ids = [...new Set(picks.map((pick) => wires[pick % wires.length]!))];
				const pairs = ids
					.slice(0, ids.length - (ids.length % 2))
					.flatMap((id, k) => (k % 2 ? [[ids[k - 1]!, id]] : []));
				const once = groundedNeutralsA(network, pairs);
				pairs.forEach((pair, k) => {
					const alone = bySolvingA(network, pair);
					// Of what a device opens at, 2.5 mA and more, a millionth.
					expect(Math.abs(once[k]! - alone)).toBeLessThan(Math.max(2.5e-9, alone * 1e-9));
				});
				expect(once.length).toBe(pairs.length);
			}
		),
		drawn(614, 100)
	);
});
