import { factorise, refactor, substitute, substitution, type Factor } from './factor';
import type { Branch, Network } from './network';
import { patternOf } from './pattern';
import { sourcesOf, type Voltages } from './solve';
import { branchValues, setBranchValue } from './values';

/** A network's difference from another, as branches that come, go or have another value. */
export interface Difference {
	/** Numbers of branches of the set, and what each is in this variant; `null`: not there. */
	readonly branches: readonly { readonly number: number; readonly branch: Branch | null }[];
}

/**
 * Networks that differ from one base in a few branches, solved by updating the base's factorisation. All have one pattern: the base's branches and every branch that
 * any of the variants has beside them.
 */
export interface VariantSet {
	readonly base: Network;
	readonly differences: readonly Difference[];
	readonly factor: Factor;
	/** What every branch of the pattern is in the base. */
	readonly inBase: readonly (Branch | null)[];
	/** Branches put back to the base since the last factorisation. */
	readonly putBack: number[];
}

/** Prepares a base and variants of it. A branch is told by its id and its ends; one whose value alone differs is the same branch. */
export function variantSet(base: Network, variants: readonly Network[]): VariantSet {
	const key = ({ id, from, to }: Branch) => `${id}\n${from}\n${to}`;
	const numbers = new Map<string, number>();
	const inBase: (Branch | null)[] = [];
	const all: Branch[] = [];
	for (const branch of base.branches) {
		numbers.set(key(branch), all.push(branch) - 1);
		inBase.push(branch);
	}
	const differences = variants.map(({ branches }): Difference => {
		const there = new Set<number>();
		const changed: { number: number; branch: Branch | null }[] = [];
		for (const branch of branches) {
			const name = key(branch);
			let number = numbers.get(name);
			if (number === undefined) {
				number = all.push(branch) - 1;
				numbers.set(name, number);
				inBase.push(null);
			}
			there.add(number);
			const now = inBase[number]!;
			if (now !== branch && (now === null || !sameValue(now, branch))) changed.push({ number, branch });
		}
		base.branches.forEach((_, number) => {
			if (!there.has(number)) changed.push({ number, branch: null });
		});
		return { branches: changed };
	});
	return prepared(base, all, inBase, differences);
}

/** Variants that each have one branch more than the base. */
export function variantsWithOneMore(base: Network, more: readonly Branch[]): VariantSet {
	const inBase = [...base.branches, ...more.map(() => null)];
	const differences = more.map((branch, k): Difference => ({
		branches: [{ number: base.branches.length + k, branch }]
	}));
	return prepared(base, [...base.branches, ...more], inBase, differences);
}

/**
 * Variants in which branches of the base, by their numbers, are others between the same ends. The order of elimination is the base's: where many branches may drive, each in its own
 * variant, they aren't kept to the last together.
 */
export function variantsInPlace(base: Network, differences: readonly Difference[]): VariantSet {
	const may = new Set(
		differences.flatMap(({ branches }) =>
			branches.flatMap(({ number, branch }) => (branch?.kind === 'source' ? [number] : []))
		)
	);
	return prepared(base, base.branches, base.branches, differences, [...sourcesOf(base.branches), ...may]);
}

/** The base factorised in the pattern of all branches. `sources`: numbers of those that may drive. */
function prepared(
	base: Network,
	all: readonly Branch[],
	inBase: readonly (Branch | null)[],
	differences: readonly Difference[],
	sources: readonly number[] = sourcesOf(all)
): VariantSet {
	const pattern = patternOf({ ...base, branches: all });
	const made = branchValues({ ...base, branches: all });
	if (!made.ok) throw new Error(`a branch without impedance at ${made.node}`);
	inBase.forEach((branch, number) => {
		if (branch === null) setBranchValue(made.values, number, null, base.frequencyHz);
	});
	return { base, differences, factor: factorise(pattern, made.values, sources), inBase, putBack: [] };
}

function sameValue(a: Branch, b: Branch): boolean {
	switch (a.kind) {
		case 'resistor':
			return b.kind === 'resistor' && a.resistanceOhm === b.resistanceOhm;
		case 'capacitor':
			return b.kind === 'capacitor' && a.capacitanceF === b.capacitanceF;
		case 'switch':
			return b.kind === 'switch' && a.closed === b.closed && a.onResistanceOhm === b.onResistanceOhm;
		case 'source':
			return (
				b.kind === 'source' &&
				a.emfV.re === b.emfV.re &&
				a.emfV.im === b.emfV.im &&
				a.current === b.current &&
				a.resistanceOhm === b.resistanceOhm &&
				a.inductanceH === b.inductanceH
			);
	}
}

/**
 * Solves the base with the differences of the named variants laid over each other, a later one over an earlier one, and hands the factor, with its voltages, to `read`.
 * The factor is the set's own: what `read` wants to keep of it, it copies.
 */
export const solveVariant = <Result>(
	set: VariantSet,
	variants: readonly number[],
	read: (factor: Factor) => Result
): Result => {
	const differences = variants.map((variant) => set.differences[variant]!);
	return withDifferences(set, differences, (factor) => {
		substitute(factor);
		return read(factor);
	});
};

/**
 * The same for any differences in branches that the set has, where few voltages are asked for: each is worked out when it is asked, with those that it hangs on. `null`: no unique
 * solution. What `read` gets holds until it returns.
 */
export const askVariant = <Result>(
	set: VariantSet,
	differences: readonly Difference[],
	read: (voltageV: Voltages | null) => Result
): Result =>
	withDifferences(set, differences, (factor) => read(factor.lost.size === 0 ? voltagesAsked(factor) : null));

function withDifferences<Result>(
	{ factor, base, inBase, putBack }: VariantSet,
	differences: readonly Difference[],
	read: (factor: Factor) => Result
): Result {
	const changed: number[] = [];
	for (const { branches } of differences)
		for (const { number, branch } of branches) {
			setBranchValue(factor.values, number, branch, base.frequencyHz);
			changed.push(number);
		}
	refactor(factor, putBack.concat(changed));
	const result = read(factor);
	for (const number of changed) setBranchValue(factor.values, number, inBase[number]!, base.frequencyHz);
	putBack.length = 0;
	putBack.push(...changed);
	return result;
}

function voltagesAsked(factor: Factor): Voltages {
	const { numbers } = factor.pattern;
	const substituteFor = substitution(factor);
	return {
		get: (name) => {
			const node = numbers.get(name);
			if (node === undefined) return undefined;
			substituteFor(node);
			const re = factor.voltageRe[node]!;
			return re === re ? { re, im: factor.voltageIm[node]! } : undefined;
		}
	};
}

/** |V(a) − V(b)|, V; 0 where either has no voltage. Nodes by number in the pattern. */
export function betweenV({ voltageRe, voltageIm }: Factor, a: number, b: number): number {
	const re = voltageRe[a]! - voltageRe[b]!;
	const im = voltageIm[a]! - voltageIm[b]!;
	const size = Math.sqrt(re * re + im * im);
	return size === size ? size : 0;
}
