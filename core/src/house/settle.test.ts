import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arrangements, here, type ArrangementKind } from '../arrangements';
import { withShed } from '../../test/shed';
import { branchCurrentA, magnitude } from '../network';
import { branches, settle, type House, type Settled } from './index';

const arranged = (kind: ArrangementKind): House => arrangements.find((each) => each.kind === kind)!.build();
const loaded = (house: House, box: string, half: 'left' | 'upper', resistanceOhm: number): House => ({
	...house,
	loads: [{ id: 'load', name: 'load', box, half, resistanceOhm, on: true }]
});
const rated = (house: House, id: string, ratingA: number): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((each) => (each.id === id ? { ...each, ratingA } : each))
	}))
});
const opened = ({ trips }: Settled) => trips.map(({ device }) => device);
const toCome = ({ coming }: Settled) => coming.map(({ device }) => device);

describe('a fused spur on a circuit of 32 A: the fuse of 13 A and the MCB see the same current', () => {
	const spur = arranged('fusedSpur');

	it('past the fuse it melts alone, by overload and by short circuit', () => {
		// 2 Ω: about 110 A. The fuse (8 times its rating) melts in 0.2 s; the MCB (3.4 times) would take some 17 s.
		for (const ohm of [2, 0.5, 0.01])
			expect(settle(loaded(spur, 'after', 'left', ohm)), `${ohm} Ω`).toMatchObject({
				trips: [{ device: here, where: 'outlet' }],
				coming: []
			});
	});

	it('before the fuse the MCB opens alone', () => {
		expect(opened(settle(loaded(spur, 'before', 'left', 0.01)))).toEqual(['b1']);
	});

	it('what would open later is told soonest first, whichever kind it is', () => {
		// 10 Ω: about 23 A, 1.8 times the fuse: some 20 minutes. A 6 A MCB (3.8 times): about 14 s.
		const slow = settle(loaded(spur, 'after', 'left', 10));
		expect([opened(slow), toCome(slow)]).toEqual([[], [here]]);
		const both = settle(rated(loaded(spur, 'after', 'left', 10), 'b1', 6));
		expect([opened(both), toCome(both)]).toEqual([[], ['b1', here]]);
		expect(both.coming[0]!.afterS).toBeGreaterThan(12);
		expect(both.coming[0]!.afterS).toBeLessThan(16);
	});

	it('is what the curves of both say of the current that flows before anything opens', () => {
		fc.assert(
			fc.property(
				fc.double({ min: -2, max: 1.2, noNaN: true }),
				fc.constantFrom(6, 10, 16, 20, 32),
				(log, ratingA) => {
					const house = rated(loaded(spur, 'after', 'left', 10 ** log), 'b1', ratingA);
					const carrying = settle(rated(house, 'b1', 1e6), [], -1);
					if (carrying.solution.outcome === 'singular') throw new Error('singular');
					const branch = carrying.network.branches.find(({ id }) => id === branches.breaker('b1', 0))!;
					const currentA = magnitude(branchCurrentA(carrying.network, branch, carrying.solution.voltageV));
					const ratio = currentA / ratingA;
					const mcbS =
						ratio > 5
							? 0.1 / ratio
							: ratio > 1.13
								? 150 * Math.log(ratio ** 2 / (ratio ** 2 - 1.2769))
								: Infinity;
					const fuseS = currentA > 1.6 * 13 ? 400 / (currentA / 13 - 1) ** 4 : Infinity;
					fc.pre(Math.min(mcbS, fuseS) < 9.9 && Math.max(mcbS / fuseS, fuseS / mcbS) > 1.15);
					expect(opened(settle(house))).toEqual([mcbS < fuseS ? 'b1' : here]);
				}
			),
			drawn(9, 150)
		);
	});
});

describe('a sub-panel behind a breaker of the main panel', () => {
	const house = withShed();
	const feederOf = (ratingA: number) => rated(house, 'b17', ratingA);

	it('the smaller rating opens first; equal ones together, for nobody can tell', () => {
		for (const ohm of [0.01, 1]) {
			expect(opened(settle(loaded(feederOf(60), 'shed-bench', 'upper', ohm), [], 600))).toEqual([
				'shed-panel-2'
			]);
			expect(opened(settle(loaded(feederOf(6), 'shed-bench', 'upper', ohm), [], 600))).toEqual(['b17']);
			expect(opened(settle(loaded(feederOf(15), 'shed-bench', 'upper', ohm), [], 600)).toSorted()).toEqual([
				'b17',
				'shed-panel-2'
			]);
		}
	});

	it('what opens leaves nothing flowing that would open the other', () => {
		expect(settle(loaded(feederOf(60), 'shed-bench', 'upper', 0.01)).coming).toEqual([]);
	});
});
