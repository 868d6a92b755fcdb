import { solve, type Branch, type Network, type SolveOutcome } from '../network';
import { compileHouse } from './compile';
import { allBreakers } from './lookup';
import type { House } from './schema';
import { untilStill, type Stillness } from './still';
import { dueTrips, first, opened, type Trip } from './trips';

export interface Settled {
	readonly house: House;
	readonly network: Network;
	readonly solution: SolveOutcome;
	/** What opened, in order. */
	readonly trips: readonly Trip[];
	/** What would still open if things stay as they are, later than was waited for; soonest first. */
	readonly coming: readonly Trip[];
	readonly ended: Stillness;
}

/** Whatever acts within this time has acted by the time a reading is taken, s. */
export const readingTakesS = 10;

/**
 * Solves the house, opens what opens first by its current and its curve, and solves again until nothing more opens within `withinS`. There is no clock: time is only the
 * order in which devices act. `extra` branches (instruments) stay connected.
 */
export function settle(house: House, extra: readonly Branch[] = [], withinS = readingTakesS): Settled {
	const asked = JSON.stringify([withinS, extra]);
	const at = settledLately.findIndex((each) => each.house === house && each.asked === asked);
	const [found] = at < 0 ? [] : settledLately.splice(at, 1);
	const now = found ?? { house, asked, settled: settledNow(house, extra, withinS) };
	settledLately.unshift(now);
	settledLately.length = Math.min(settledLately.length, readingsKept);
	return now.settled;
}

/** The latest first. A house is a value: what is asked of it again (a reading judged, shown, told) is what it was. */
const settledLately: { readonly house: House; readonly asked: string; readonly settled: Settled }[] = [];
/** Chosen: the pairs of a box or two, of whichever houses; not of each, since a server holds hundreds of them. */
const readingsKept = 32;

function settledNow(house: House, extra: readonly Branch[], withinS: number): Settled {
	const devices =
		allBreakers(house).length +
		house.panels.flatMap((panel) => panel.residualDevices).length +
		house.boxes.length;
	const { state, ended } = untilStill(
		solved(house, extra, []),
		(now) => {
			const opening = first(now.due, withinS);
			if (opening.length === 0) return null;
			return solved(opened(now.house, opening), extra, [...now.trips, ...opening]);
		},
		({ trips }) => trips.map(({ device, where }) => `${where} ${device}`).join(),
		devices + 1
	);
	const { due, ...settled } = state;
	return { ...settled, coming: due, ended };
}

function solved(house: House, extra: readonly Branch[], trips: readonly Trip[]) {
	const compiled = compileHouse(house);
	const network = {
		...compiled,
		branches: extra.length > 0 ? [...compiled.branches, ...extra] : compiled.branches
	};
	const solution = solve(network);
	const due =
		solution.outcome === 'singular'
			? []
			: dueTrips({ house, compiled: house, gone: nothing, extra, voltageV: solution.voltageV });
	return { house, network, solution, trips, due };
}
const nothing: ReadonlySet<string> = new Set();
