import { askVariant, variantsWithOneMore, type Branch, type Network, type Voltages } from '../network';
import { compileHouse } from './compile';
import { once } from './lookup';
import type { House } from './schema';
import { readingTakesS } from './settle';
import { dueTrips, first, opened, openedBranches, type Trip } from './trips';

/** A branch more, and the box whose own protection is worn out as long as that is there, if any. */
export interface OneMore {
	readonly branch: Branch;
	readonly wornOut?: string | undefined;
}

/**
 * A house that is still, settled with each of many branches by itself: what `settle` gives for every one of them, from one factorisation. What opens is a branch taken away
 * from it again, so that each costs its ways through the elimination tree and as many substitutions as something opens. `read` gets what stands in the end, and what opened
 * in order; what it wants to keep of the voltages, it copies.
 */
export function settleWithEach<Result>(
	still: House,
	each: readonly OneMore[],
	read: (voltageV: Voltages, trips: readonly Trip[], branch: Branch) => Result
): Result[] {
	const network = compileHouse(still);
	const numbers = numbersOf(network);
	const set = variantsWithOneMore(
		network,
		each.map(({ branch }) => branch)
	);
	return each.map(({ branch, wornOut }, k) => {
		const gone = new Set<string>();
		const trips: Trip[] = [];
		let house = still;
		/** Solved with what has opened: read where nothing more opens. */
		const settled = (): { readonly result: Result } | null => {
			const without = [...gone].flatMap((id) => numbers.get(id) ?? []);
			const taken = { branches: without.map((number) => ({ number, branch: null })) };
			return askVariant(set, [set.differences[k]!, taken], (found) => {
				const voltageV = found ?? none;
				const opening = first(
					dueTrips({ house, compiled: still, gone, extra: [branch], wornOut, voltageV }),
					readingTakesS
				);
				const before = gone.size;
				for (const id of openedBranches(house, opening)) gone.add(id);
				if (gone.size === before) return { result: read(voltageV, trips, branch) };
				house = opened(house, opening);
				trips.push(...opening);
				return null;
			});
		};
		for (;;) {
			const now = settled();
			if (now) return now.result;
		}
	});
}

const none: Voltages = new Map();

/** The branches of a network by id: their numbers. */
const numbersOf = once(
	({ branches }: Network): ReadonlyMap<string, number> => new Map(branches.map(({ id }, k) => [id, k]))
);
