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
