import { allBreakers, findCircuit, mainSwitch, walkChain, withBreakers, type House } from '../house';
import { feedOf, type LoadedReading } from '../job/loaded';
import { loadedAt } from '../job/loadedAt';
import { halfOf } from './halfOf';

/** A loaded test at an outlet. */
export type FedTest = Pick<LoadedReading, 'watts' | 'offV' | 'onV'> & { readonly box: string };

/** What is more than the cables explain between one tested outlet and the one before it. */
export interface JointFound {
	/** Tested, too, and nearer the panel. */
	readonly after: 'panel' | { readonly box: string };
	readonly box: string;
	readonly ohm: number;
	/** Twice the standard deviation, Ω. */
	readonly plusMinusOhm: number;
	/** Larger than its own uncertainty, and than plugs and good joints make up. */
	readonly telling: boolean;
	/** What it makes as heat at the current of the test, W. */
	readonly heatW: number;
}

/** Mains moves between two readings by so much, V, standard deviation (chosen). */
const mainsMovesV = 0.3;
/** Plugs and good joints differ by as much, Ω (chosen). */
const ordinaryOhm = 0.15;

/**
 * Where a bad joint sits, from loaded tests at several outlets of a circuit: what feeds each, less what the model says for its cables, told apart into a part for each stretch,
 * none of them less than nothing (non-negative least squares, weighted by what each test can tell). Stretches nearest the panel first; on a ring each outlet by itself.
 */
export function jointsAlong(house: House, circuitId: string, tests: readonly FedTest[]): JointFound[] {
	const circuit = findCircuit(house, circuitId);
	if (!circuit || tests.length === 0) return [];
	const places = walkChain(house, circuitId);
	// As it is tested: with power, whatever the record last saw.
	const on = withBreakers(
		house,
		Object.fromEntries([
			...allBreakers(house).map(({ id }) => [id, true] as const),
			...house.panels.map(({ id }) => [mainSwitch(id), true] as const)
		])
	);
	const feeds = places.flatMap(({ box }) => {
		const half = halfOf(box);
		const mine = tests.filter((test) => test.box === box.id);
		if (half === null || mine.length === 0) return [];
		const each = mine.map((test) => {
			const { ohm, amps } = feedOf(house.region, { ...test, neutralGroundV: null });
			const expected = feedOf(house.region, loadedAt(on, box.id, half, test.watts)).ohm;
			return { excessOhm: ohm - expected, amps, varianceOhm2: 2 * (mainsMovesV / amps) ** 2 };
		});
		// Dead by the record, behind something that is tripped or switched off: there is nothing to compare with.
		if (!each.every(({ excessOhm }) => Number.isFinite(excessOhm))) return [];
		const weight = each.reduce((sum, { varianceOhm2 }) => sum + 1 / varianceOhm2, 0);
		return [
			{
				box: box.id,
				weight,
				excessOhm: each.reduce((sum, test) => sum + test.excessOhm / test.varianceOhm2, 0) / weight,
				amps: Math.max(...each.map(({ amps }) => amps))
			}
		];
	});
	const before = feeds.map(({ box }) => {
		// A ring’s current comes both ways: what each outlet shows can’t be parted into stretches.
		if (circuit.arrangement === 'ring') return null;
		let at = places.find((place) => place.box.id === box)!;
		while (at.after !== 'panel') {
			const { box: up } = at.after;
			const found = feeds.findIndex((feed) => feed.box === up);
			if (found >= 0) return found;
			at = places.find((place) => place.box.id === up)!;
		}
		return null;
	});
	const stretches = nonNegative(feeds, before);
	return feeds.map(({ box, weight, amps }, k): JointFound => {
		const up = before[k] === null || before[k] === undefined ? null : feeds[before[k]]!;
		const plusMinusOhm = 2 * Math.sqrt(1 / weight + (up ? 1 / up.weight : 0));
		const ohm = stretches[k]!;
		return {
			after: up ? { box: up.box } : 'panel',
			box,
			ohm,
			plusMinusOhm,
			telling: ohm > Math.max(plusMinusOhm, ordinaryOhm),
			heatW: amps * amps * ohm
		};
	});
}

/** Each stretch's own part of what is measured at the ends of all that lie behind it, by coordinate descent: the sum of squares is convex, so it ends at the least. */
function nonNegative(
	feeds: readonly { readonly weight: number; readonly excessOhm: number }[],
	before: readonly (number | null)[]
): number[] {
	const path = feeds.map((_, k) => {
		const on: number[] = [];
		for (let at: number | null = k; at !== null; at = before[at] ?? null) on.push(at);
		return on;
	});
	const behind = feeds.map((_, j) => path.flatMap((on, k) => (on.includes(j) ? [k] : [])));
	const part = feeds.map(() => 0);
	const total = (k: number) => path[k]!.reduce((sum, j) => sum + part[j]!, 0);
	for (let round = 0, moved = Infinity; round < mostRounds && moved > stillOhm; round++) {
		moved = 0;
		for (let j = 0; j < part.length; j++) {
			const weight = behind[j]!.reduce((sum, k) => sum + feeds[k]!.weight, 0);
			const short = behind[j]!.reduce(
				(sum, k) => sum + feeds[k]!.weight * (feeds[k]!.excessOhm - total(k)),
				0
			);
			const next = Math.max(0, part[j]! + short / weight);
			moved = Math.max(moved, Math.abs(next - part[j]!));
			part[j] = next;
		}
	}
	return part;
}
/** A circuit has some tens of outlets at most; by then nothing moves that anybody could measure. */
const mostRounds = 2000;
const stillOhm = 1e-9;
