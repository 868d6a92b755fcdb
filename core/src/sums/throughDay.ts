import type { House, Load } from '../house';
import { circuitLoad, type LoadLine } from './circuitLoad';

export const minutesInDay = 1440;

/** A part of the day in which the same things run. */
export interface Stretch {
	/** Minutes after midnight; the end is left out, 1440 is midnight again. */
	readonly fromMin: number;
	readonly toMin: number;
	/** What runs then by its hours, A. */
	readonly byHoursA: number;
	/** With all that may run at any time, A. */
	readonly mostA: number;
	/** Ids of what runs then by its hours. */
	readonly loads: readonly string[];
}

export interface Day {
	readonly stretches: readonly Stretch[];
	/** Of what has watts and no hours: it may come on at any time, A. */
	readonly anyTimeA: number;
	/** The most there can be at once, A; less than all together where hours keep things apart. */
	readonly peakA: number;
	/** When that is: the first stretch of it. */
	readonly peak: Stretch;
	/** Whether anything has hours: without them a day says nothing that the sum doesn't. */
	readonly told: boolean;
}

/**
 * A circuit through a day: what runs when, by the hours given, and what it comes to at most with everything that may run at any time. Amps at the region's nominal voltage, of what has
 * watts. `null` for an unknown circuit.
 */
export function throughDay(house: House, circuitId: string, more: readonly Load[] = []): Day | null {
	const load = circuitLoad(house, circuitId, more);
	if (!load) return null;
	const known = load.lines.filter(({ amps }) => amps !== null);
	const timed = known.filter(({ hours }) => hours !== null);
	const anyTimeA = sum(known.filter(({ hours }) => hours === null));
	const edges = new Set([
		0,
		...timed.flatMap(({ hours }) => hours!.flatMap(({ fromMin, toMin }) => [fromMin, toMin]))
	]);
	const starts = [...edges].sort((a, b) => a - b);
	const stretches = starts.map((fromMin, k): Stretch => {
		const now = timed.filter((line) => runsAt(line, fromMin));
		const byHoursA = sum(now);
		return {
			fromMin,
			toMin: starts[k + 1] ?? minutesInDay,
			byHoursA,
			mostA: byHoursA + anyTimeA,
			loads: now.map((line) => line.load)
		};
	});
	const peak = stretches.reduce((most, each) => (each.mostA > most.mostA ? each : most));
	return { stretches, anyTimeA, peakA: peak.mostA, peak, told: timed.length > 0 };
}

const sum = (lines: readonly LoadLine[]): number => lines.reduce((all, { amps }) => all + (amps ?? 0), 0);

/** Past midnight where it ends at an earlier minute than it begins. */
function runsAt({ hours }: LoadLine, minute: number): boolean {
	return hours!.some(({ fromMin, toMin }) =>
		fromMin < toMin ? minute >= fromMin && minute < toMin : minute >= fromMin || minute < toMin
	);
}
