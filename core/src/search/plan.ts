/** One thing to look for: its probability and what trying it costs, s, beside the look itself. */
export interface Item {
	readonly probability: number;
	readonly costS: number;
}

/** What a search costs from here if this is done first and the rest as planned. */
export interface Planned {
	/** Indices of the items to try together. */
	readonly first: readonly number[];
	readonly expectedS: number;
	/** Looks, one a test. */
	readonly expectedTests: number;
	readonly method: 'exactSets' | 'runsInOrder' | 'oneByOne';
}

/** Most items for which every subset is weighed. */
export const exactUpTo = 12;

/**
 * Least-expected-cost order where one is tried at a time and each try costs `lookS` and its own: by probability over cost, largest first. Exact, by the
 * exchange argument (W. E. Smith 1956): swapping two neighbours in any other order gains. `rest` is the probability that it is none of them.
 */
export function planOrder(items: readonly Item[], rest: number, lookS: number): Planned {
	const order = byRatio(items, lookS);
	const { expectedS, expectedTests } = costOfOrder(items, order, rest, lookS);
	return { first: order.slice(0, 1), expectedS, expectedTests, method: 'oneByOne' };
}

/** Expected cost of trying in a given order until it is found, or all are tried. */
export function costOfOrder(
	items: readonly Item[],
	order: readonly number[],
	rest: number,
	lookS: number
): { expectedS: number; expectedTests: number } {
	const total = items.reduce((sum, { probability }) => sum + probability, rest);
	let left = total;
	let expectedS = 0;
	let expectedTests = 0;
	for (const k of order) {
		expectedS += (left / total) * (lookS + items[k]!.costS);
		expectedTests += left / total;
		left -= items[k]!.probability;
	}
	return { expectedS, expectedTests };
}

const byRatio = (items: readonly Item[], lookS: number): number[] =>
	items
		.map((_, k) => k)
		.sort(
			(a, b) =>
				items[b]!.probability / (lookS + items[b]!.costS) -
					items[a]!.probability / (lookS + items[a]!.costS) || a - b
		);

/**
 * Least-expected-cost plan where several may be tried together: a test costs one look and the costs of all that are tried, and says whether it is among
 * them. It is found when a test of one alone says so. Up to 12 items exactly, by dynamic programme over all subsets; beyond, over runs of the best order
 * one by one, tested from either end: never worse than that order.
 */
export function planSets(items: readonly Item[], rest: number, lookS: number): Planned {
	if (items.length === 0) return { first: [], expectedS: 0, expectedTests: 0, method: 'exactSets' };
	return items.length <= exactUpTo ? exactSets(items, rest, lookS) : runsInOrder(items, rest, lookS);
}

/** Sums over every set of some values, by the bits of the set. */
function overSets(values: readonly number[]): Float64Array {
	const sums = new Float64Array(1 << values.length);
	for (let set = 1; set < sums.length; set++) {
		const low = set & -set;
		sums[set] = sums[set ^ low]! + values[31 - Math.clz32(low)]!;
	}
	return sums;
}

function exactSets(items: readonly Item[], rest: number, lookS: number): Planned {
	const size = 1 << items.length;
	const weight = overSets(items.map(({ probability }) => probability));
	const cost = overSets(items.map(({ costS }) => costS));
	// Without the rest: it is surely among the set. With it: it may be none of them, which testing all of them tells.
	const sure = new Float64Array(size);
	const sureTests = new Float64Array(size);
	const open = new Float64Array(size);
	const openTests = new Float64Array(size);
	const sureFirst = new Int32Array(size);
	const openFirst = new Int32Array(size);
	for (let set = 1; set < size; set++) {
		const alone = (set & (set - 1)) === 0;
		let best = Infinity;
		if (alone) {
			best = lookS + cost[set]!;
			sureTests[set] = 1;
			sureFirst[set] = set;
		}
		for (let test = alone ? 0 : (set - 1) & set; test > 0; test = (test - 1) & set) {
			const single = (test & (test - 1)) === 0;
			const share = weight[set]! > 0 ? weight[test]! / weight[set]! : 0.5;
			const value =
				lookS + cost[test]! + share * (single ? 0 : sure[test]!) + (1 - share) * sure[set ^ test]!;
			if (value < best) {
				best = value;
				sureFirst[set] = test;
				sureTests[set] = 1 + share * (single ? 0 : sureTests[test]!) + (1 - share) * sureTests[set ^ test]!;
			}
		}
		sure[set] = best;
		best = Infinity;
		const whole = weight[set]! + rest;
		for (let test = set; test > 0; test = (test - 1) & set) {
			const single = (test & (test - 1)) === 0;
			const share = whole > 0 ? weight[test]! / whole : 0.5;
			const value =
				lookS + cost[test]! + share * (single ? 0 : sure[test]!) + (1 - share) * open[set ^ test]!;
			if (value < best) {
				best = value;
				openFirst[set] = test;
				openTests[set] = 1 + share * (single ? 0 : sureTests[test]!) + (1 - share) * openTests[set ^ test]!;
			}
		}
		open[set] = best;
	}
	const all = size - 1;
	const [first, expectedS, expectedTests] =
		rest > 0
			? [openFirst[all]!, open[all]!, openTests[all]!]
			: [sureFirst[all]!, sure[all]!, sureTests[all]!];
	return {
		first: items.flatMap((_, k) => (first & (1 << k) ? [k] : [])),
		expectedS,
		expectedTests,
		method: 'exactSets'
	};
}

function runsInOrder(items: readonly Item[], rest: number, lookS: number): Planned {
	const order = byRatio(items, lookS);
	const n = order.length;
	const weights = [0];
	const costs = [0];
	for (const k of order) {
		weights.push(weights.at(-1)! + items[k]!.probability);
		costs.push(costs.at(-1)! + items[k]!.costS);
	}
	const between = (sums: readonly number[], from: number, to: number) => sums[to]! - sums[from]!;
	const at = (from: number, to: number) => from * (n + 1) + to;
	const make = () => new Float64Array((n + 1) * (n + 1));
	const value = [make(), make()] as const;
	const tests = [make(), make()] as const;
	let top: [number, number] = [0, 1];
	for (let length = 1; length <= n; length++)
		for (let from = 0; from + length <= n; from++) {
			const to = from + length;
			for (const withRest of [0, 1] as const) {
				const here = at(from, to);
				const whole = between(weights, from, to) + (withRest ? rest : 0);
				let best = Infinity;
				const weighUp = (a: number, b: number, restFrom: number, restTo: number) => {
					const share = whole > 0 ? between(weights, a, b) / whole : 0.5;
					const found = b - a === 1 ? 0 : value[0][at(a, b)]!;
					const cost =
						lookS +
						between(costs, a, b) +
						share * found +
						(1 - share) * value[withRest][at(restFrom, restTo)]!;
					if (cost >= best) return;
					best = cost;
					tests[withRest][here] =
						1 +
						share * (b - a === 1 ? 0 : tests[0][at(a, b)]!) +
						(1 - share) * tests[withRest][at(restFrom, restTo)]!;
					if (length === n) top = withRest === (rest > 0 ? 1 : 0) ? [a, b] : top;
				};
				if (length === 1) weighUp(from, to, to, to); // found alone: one look settles it
				for (let cut = from + 1; cut < to; cut++) {
					weighUp(from, cut, cut, to);
					weighUp(cut, to, from, cut);
				}
				if (withRest && length > 1) weighUp(from, to, to, to);
				value[withRest][here] = best;
			}
		}
	const which = rest > 0 ? 1 : 0;
	return {
		first: order.slice(top[0], top[1]),
		expectedS: value[which][at(0, n)]!,
		expectedTests: tests[which][at(0, n)]!,
		method: 'runsInOrder'
	};
}
