import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	branchCurrentA,
	magnitude,
	multiply,
	solve,
	subtract,
	type Branch,
	type Complex,
	type Network
} from './index';
import { factorise } from './factor';
import { patternOf } from './pattern';
import { outcomeOf, sourcesOf } from './solve';
import { branchValues } from './values';

const source = (from: string, to: string, volts: number, resistanceOhm: number, inductanceH = 0): Branch => ({
	kind: 'source',
	id: `source ${from}`,
	from,
	to,
	emfV: { re: volts, im: 0 },
	current: 'alternating',
	resistanceOhm,
	inductanceH
});
const resistor = (from: string, to: string, resistanceOhm: number): Branch => ({
	kind: 'resistor',
	id: `${from}-${to}`,
	from,
	to,
	resistanceOhm
});
const capacitor = (from: string, to: string, capacitanceF: number): Branch => ({
	kind: 'capacitor',
	id: `${from}|${to}`,
	from,
	to,
	capacitanceF
});
const network = (branches: Branch[], frequencyHz = 60): Network => ({
	frequencyHz,
	reference: '0',
	branches
});
const volts = (net: Network, node: string): number => {
	const solution = solve(net);
	if (solution.outcome === 'singular') throw new Error('singular');
	return magnitude(solution.voltageV.get(node)!);
};

describe('solve, on values worked by hand', () => {
	it('divides voltage: 120 V over 1 Ω + 11 Ω + 12 Ω leaves 60 V on the last', () => {
		expect(
			volts(network([source('a', '0', 120, 1), resistor('a', 'b', 11), resistor('b', '0', 12)]), 'b')
		).toBeCloseTo(60, 9);
	});

	it('a resistor and a capacitor of equal impedance leave 1/√2 of the voltage on each', () => {
		const farad = 1 / (2 * Math.PI * 60 * 1000);
		expect(
			volts(network([source('a', '0', 100, 1e-6), resistor('a', 'b', 1000), capacitor('b', '0', farad)]), 'b')
		).toBeCloseTo(100 / Math.SQRT2, 4);
	});

	it('keeps every digit of a picofarad coupling beside milliohm joints', () => {
		// Free end behind 20 joints, 1 pF from 120 V, 10 MΩ to ground: 120·ωRC/√(1+(ωRC)²), ωRC = 2π·60·1e7·1e-12.
		const chain = Array.from({ length: 20 }, (_, k) => resistor(`f${k}`, `f${k + 1}`, 0.001));
		const x = 2 * Math.PI * 60 * (1e7 + 0.02) * 1e-12;
		expect(
			volts(
				network([
					source('h', '0', 120, 1e-6),
					capacitor('h', 'f0', 1e-12),
					...chain,
					resistor('f20', '0', 1e7)
				]),
				'f0'
			) /
				((120 * x) / Math.hypot(1, x))
		).toBeCloseTo(1, 11);
	});

	it('at 0 Hz capacitors are open and alternating sources are their resistance', () => {
		const test: Branch = {
			kind: 'source',
			id: 'ohmmeter',
			from: 'a',
			to: '0',
			emfV: { re: 1, im: 0 },
			current: 'direct',
			resistanceOhm: 1
		};
		expect(volts(network([test, source('a', '0', 120, 3), capacitor('a', '0', 1)], 0), 'a')).toBeCloseTo(
			0.75,
			12
		);
	});
});

describe('solve, outcomes', () => {
	it('names what floats and solves the rest', () => {
		const open: Branch = {
			kind: 'switch',
			id: 'sw',
			from: 'a',
			to: 'x',
			closed: false,
			onResistanceOhm: 0.001
		};
		const solution = solve(
			network([source('a', '0', 10, 1), resistor('a', '0', 1), resistor('x', 'y', 5), open])
		);
		expect(solution).toMatchObject({ outcome: 'floating', floating: [['x', 'y']] });
		if (solution.outcome === 'floating') expect(solution.voltageV.has('x')).toBe(false);
	});

	it('lossless resonance is singular, and close to it ill-conditioned', () => {
		const farad = 1e-6;
		const resonant = 1 / ((2 * Math.PI * 60) ** 2 * farad);
		const tank = (detune: number) =>
			network([source('a', '0', 1, 0, resonant * (1 + detune)), capacitor('a', '0', farad)]);
		expect(solve(tank(0)).outcome).toBe('singular');
		expect(solve(tank(1e-11)).outcome).toBe('illConditioned');
		expect(solve(tank(1e-3)).outcome).toBe('solved');
	});

	it('a branch without impedance is singular', () => {
		expect(solve(network([source('a', '0', 1, 1), resistor('a', 'b', 0)]))).toEqual({
			outcome: 'singular',
			node: 'a'
		});
	});
});

describe('solve, on random networks', () => {
	const edge = fc.record({
		a: fc.nat(9),
		b: fc.nat(9),
		ohm: fc.double({ min: -3, max: 8, noNaN: true }).map((e) => 10 ** e),
		pF: fc.option(fc.integer({ min: 1, max: 1000 }))
	});
	const random = fc.array(edge, { minLength: 4, maxLength: 40 }).map((edges) => {
		const name = (k: number) => String(k);
		const branches = edges.map(({ a, b, ohm, pF }, k): Branch => ({
			...(pF === null ? resistor(name(a), name(b), ohm) : capacitor(name(a), name(b), pF * 1e-12)),
			id: `e${k}`
		}));
		return network([source('1', '0', 120, 0.1), ...branches]);
	});
	const solved = (net: Network): ReadonlyMap<string, Complex> => {
		const solution = solve(net);
		if (solution.outcome === 'singular') throw new Error('singular');
		return solution.voltageV;
	};

	it('Kirchhoff holds to rounding, and power delivered is power taken', () => {
		fc.assert(
			fc.property(random, (net) => {
				const solution = solve(net);
				if (solution.outcome === 'singular') throw new Error('singular');
				expect(solution.residual).toBeLessThan(1e-13);
				let watts = 0;
				let delivered = 0;
				for (const branch of net.branches) {
					const from = solution.voltageV.get(branch.from);
					const to = solution.voltageV.get(branch.to);
					if (!from || !to) continue;
					const current = branchCurrentA(net, branch, solution.voltageV);
					if (branch.kind === 'resistor') watts += magnitude(current) ** 2 * branch.resistanceOhm;
					if (branch.kind === 'source') {
						const power = multiply(subtract(from, to), { re: current.re, im: -current.im });
						delivered -= power.re;
					}
				}
				expect(Math.abs(watts - delivered)).toBeLessThanOrEqual(1e-9 + 1e-6 * Math.max(watts, delivered));
			}),
			drawn(20261124, 400)
		);
	});

	it('renaming nodes and turning branches round changes nothing', () => {
		fc.assert(
			fc.property(random, (net) => {
				const rename = (name: string) => (name === '0' ? '0' : `node ${9 - Number(name)}`);
				const turned = net.branches.map((branch, k): Branch => {
					const [from, to] =
						k % 2 === 1 && branch.kind !== 'source' ? [branch.to, branch.from] : [branch.from, branch.to];
					return { ...branch, from: rename(from), to: rename(to) };
				});
				const before = solved(net);
				const after = solved({ ...net, branches: turned.reverse() });
				expect(after.size).toBe(before.size);
				for (const [name, voltage] of before)
					expect(magnitude(subtract(voltage, after.get(rename(name))!))).toBeLessThan(1e-9);
			}),
			drawn(20261124, 400)
		);
	});

	it('comes to the same after others of its shape as by itself: nothing that is remembered is another’s', () => {
		const values = fc.array(fc.constantFrom(1, 10, 470, 1e6), { minLength: 12, maxLength: 12 });
		fc.assert(
			fc.property(random, fc.array(values, { minLength: 2, maxLength: 10 }), (net, drawnOhms) => {
				for (const ohms of [...drawnOhms, drawnOhms[0]!]) {
					const branches = net.branches.map((branch, k): Branch =>
						branch.kind === 'resistor' ? { ...branch, resistanceOhm: ohms[k % ohms.length]! } : branch
					);
					const asked = { ...net, branches };
					const made = branchValues(asked);
					if (!made.ok) throw new Error(made.node);
					const alone = outcomeOf(factorise(patternOf(asked), made.values, sourcesOf(branches)));
					expect(solve(asked)).toEqual(alone);
					expect(solve({ ...asked, branches: [...branches] })).toEqual(alone);
				}
			}),
			drawn(20261201, 100)
		);
	});
});
