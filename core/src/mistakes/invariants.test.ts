import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arrangements, here } from '../arrangements';
import { compileHouse, branches, settle, type House } from '../house';
import {
	add,
	betweenV,
	branchCurrentA,
	magnitude,
	multiply,
	solve,
	solveVariant,
	subtract,
	variantSet,
	type Complex,
	type Network
} from '../network';
import { applyAll, mistakesOf } from './index';

/** A box in some arrangement with up to two mistakes, something plugged in, and cables of any length. */
const wrongHouse = fc
	.record({
		which: fc.nat(arrangements.length - 1),
		lengthsM: fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 4, maxLength: 4 }),
		ohm: fc.double({ min: 10, max: 2000, noNaN: true }),
		picks: fc.array(fc.nat(200), { maxLength: 2 })
	})
	.map(({ which, lengthsM, ohm, picks }) => {
		const house = arrangements[which]!.build({ lengthsM });
		const singles = mistakesOf(house, here);
		const wrong =
			applyAll(
				house,
				picks.map((pick) => singles[pick % singles.length]!)
			) ?? house;
		const half = house.region === 'us' ? ('upper' as const) : ('left' as const);
		const box = wrong.boxes.some(({ id, device }) => id === 'after' && device) ? 'after' : here;
		const fits = wrong.boxes.find(({ id }) => id === box)!.device?.kind !== 'fusedSpur';
		return {
			...wrong,
			loads: fits ? [{ id: 'load', name: 'load', box, half, resistanceOhm: ohm, on: true }] : []
		};
	});
const random = drawn(20261125, 400);

const voltagesOf = (network: Network): ReadonlyMap<string, Complex> => {
	const solution = solve(network);
	if (solution.outcome === 'singular') throw new Error(solution.node);
	return solution.voltageV;
};

describe('whatever is wrong in a box', () => {
	it('charge is conserved at every node, and the power put in is the power taken', () => {
		fc.assert(
			fc.property(wrongHouse, (house) => {
				const { network, solution } = settle(house);
				if (solution.outcome === 'singular') throw new Error(solution.node);
				expect(solution.residual).toBeLessThan(1e-12);
				let takenW = 0;
				let givenW = 0;
				for (const branch of network.branches) {
					const from = solution.voltageV.get(branch.from);
					const to = solution.voltageV.get(branch.to);
					if (!from || !to) continue;
					const current = branchCurrentA(network, branch, solution.voltageV);
					const watts = multiply(subtract(from, to), { re: current.re, im: -current.im }).re;
					if (branch.kind === 'source') givenW -= watts;
					else takenW += watts;
				}
				expect(Math.abs(givenW - takenW)).toBeLessThanOrEqual(1e-9 + 1e-6 * givenW);
			}),
			random
		);
	});

	it('the names of two cables don’t matter', () => {
		fc.assert(
			fc.property(wrongHouse, (house) => {
				const renamed = JSON.parse(
					JSON.stringify(house)
						.replaceAll('"c1"', '"other"')
						.replaceAll('"c2"', '"c1"')
						.replaceAll('"other"', '"c2"')
				) as House;
				const one = voltagesOf(compileHouse(house));
				const other = voltagesOf(compileHouse(renamed));
				const swap = (name: string) =>
					name.replace(/^cable:c([12])\//, (_, n: string) => `cable:c${n === '1' ? '2' : '1'}/`);
				expect(other.size).toBe(one.size);
				for (const [name, volts] of one)
					expect(magnitude(subtract(volts, other.get(swap(name))!))).toBeLessThan(1e-8);
			}),
			random
		);
	});

	it('a residual device that stays shut passes as much one way as the other, to within what opens it', () => {
		let seen = 0;
		fc.assert(
			fc.property(wrongHouse, (house) => {
				const settled = settle(house);
				const { network, solution } = settled;
				if (solution.outcome === 'singular') throw new Error(solution.node);
				for (const { id, device } of settled.house.boxes) {
					if (device?.kind !== 'gfci' || device.tripped) continue;
					const [hot, neutral] = ['sensed hot', 'sensed neutral'].map((link) =>
						branchCurrentA(
							network,
							network.branches.find((branch) => branch.id === branches.link(id, link))!,
							solution.voltageV
						)
					);
					seen++;
					expect(magnitude(add(hot!, neutral!)) * 1000).toBeLessThanOrEqual(device.tripMa);
				}
			}),
			random
		);
		expect(seen).toBeGreaterThan(20);
	});
});

describe('variants solved by updating one factorisation', () => {
	it('are what solving each anew gives, mistake by mistake and pair by pair', () => {
		for (const { build } of arrangements) {
			const house = build();
			const base = compileHouse(house);
			const singles = mistakesOf(house, here);
			const networks = singles.map(({ apply }) => compileHouse(apply(house)!));
			const set = variantSet(base, networks);
			const { numbers } = set.factor.pattern;
			const check = (variants: readonly number[], network: Network) => {
				const anew = voltagesOf(network);
				solveVariant(set, variants, (factor) => {
					for (const [name, volts] of anew) {
						const node = numbers.get(name)!;
						const off = Math.hypot(factor.voltageRe[node]! - volts.re, factor.voltageIm[node]! - volts.im);
						expect(off, name).toBeLessThanOrEqual(1e-9 * Math.max(1e-3, magnitude(volts)));
					}
					for (const [name, node] of numbers)
						if (!anew.has(name)) expect(factor.voltageRe[node], name).toBeNaN();
					expect(betweenV(factor, 0, 0)).toBe(0);
				});
			};
			networks.forEach((network, k) => check([k], network));
			// Mistakes at different joints lie over each other without touching.
			const open = singles.findIndex(({ id }) => id === 'open.ground.here');
			const loose = singles.findIndex(({ id }) => id === 'loose.hot.upstream');
			if (open >= 0 && loose >= 0)
				check([open, loose], compileHouse(applyAll(house, [singles[open]!, singles[loose]!])!));
			check([], base);
		}
	});
});
