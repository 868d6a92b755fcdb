import type { HoursOfDay } from '@wary/core/house';
import { minutesInDay } from '@wary/core/sums';

/** A minute of the day as a clock shows it: “18:30”. Midnight at the end of a day is 24:00. */
export const clockOf = (minute: number): string =>
	`${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** The minute a clock shows; `null` where it shows none. */
export function minuteOf(clock: string): number | null {
	const read = /^(\d\d):(\d\d)/.exec(clock);
	const minute = read ? Number(read[1]) * 60 + Number(read[2]) : null;
	return minute !== null && minute < minutesInDay ? minute : null;
}

/** A beginning and an end as two clocks show them; empty: not typed. */
export interface Clocks {
	readonly from: string;
	readonly to: string;
}

/** The fields for when something runs: one pair that is empty where nobody has said. */
export const clocksOf = (hours: readonly HoursOfDay[] | null): readonly Clocks[] =>
	hours?.map(({ fromMin, toMin }) => ({ from: clockOf(fromMin), to: clockOf(toMin) })) ?? [
		{ from: '', to: '' }
	];

/** What stands in them: hours (`null`: at any time), an end still missing, or one pair that ends as it begins. A pair that is empty is none. */
export function stretchesIn(
	rows: readonly Clocks[]
):
	| { readonly code: 'read'; readonly hours: readonly HoursOfDay[] | null }
	| { readonly code: 'half' | 'sameMinute' } {
	const read = rows
		.map(({ from, to }) => ({ fromMin: minuteOf(from), toMin: minuteOf(to) }))
		.filter(({ fromMin, toMin }) => fromMin !== null || toMin !== null);
	if (read.some(({ fromMin, toMin }) => fromMin === toMin)) return { code: 'sameMinute' };
	const whole = read.filter((each): each is HoursOfDay => each.fromMin !== null && each.toMin !== null);
	if (whole.length < read.length) return { code: 'half' };
	return { code: 'read', hours: whole.length > 0 ? whole : null };
}
