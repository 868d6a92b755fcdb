import { describe, expect, it } from 'vitest';
import { benchMoves } from '../../test/benchMoves';
import { compareWithNgspice, sideBySide } from '../../test/ngspice';
import { arrangements, here } from '../arrangements';
import { compileHouse, type House } from '../house';
import { houseOf, newBench, perform } from './index';

/** A box after many things were tried on it: half wired, shorted, tripped, with ends hanging bare. */
function tampered(build: () => House, seed: number): House {
	const anyMove = benchMoves(seed);
	let bench = newBench('tried', build(), here);
	for (let k = 0; k < 30; k++) {
		const next = perform(bench, anyMove(houseOf(bench)));
		if (next.ok) bench = next.bench;
	}
	return houseOf(bench);
}

describe('boxes wired at random on the bench, against ngspice', () => {
	it.each(arrangements.map((each, k) => [`${each.region} ${each.kind}`, each, k] as const))(
		'%s',
		(_, { build }, k) => {
			const network = sideBySide(
				[0, 1, 2, 3].map((round) => compileHouse(tampered(build, 4100 + 10 * k + round)))
			);
			const compared = compareWithNgspice(network);
			expect(compared.largest).toBeLessThanOrEqual(1e-6);
			expect(compared.nodes).toBeGreaterThan(10);
			// Wired at random, milliohms and picofarads meet more often than in a house.
			expect(compared.hanging).toBeLessThanOrEqual(1e-4);
		}
	);
});
