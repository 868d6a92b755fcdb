import { terms } from './terms';
import type { Region } from '@wary/core/rules';
/** A date in words: “15 November 2026”. Times are stored in UTC and shown in it where only the day is asked for. */
export const day = (iso: string, locale: string): string =>
	new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(iso));

/** A date where there is little room: “15 Nov 2026”. */
export const shortDay = (iso: string, locale: string): string =>
	new Intl.DateTimeFormat(locale, { dateStyle: 'medium', timeZone: 'UTC' }).format(new Date(iso));

/** A time of day with its date: “24 Nov 2026, 14:06”; always 24 hours, UTC, so that a record reads the same everywhere. */
export const moment = (iso: string, locale: string): string =>
	new Intl.DateTimeFormat(locale, {
		dateStyle: 'medium',
		timeStyle: 'short',
		hourCycle: 'h23',
		timeZone: 'UTC'
	}).format(new Date(iso));

/** The same in a reader’s own time zone, with its name; UTC where the zone is unknown. */
export function momentIn(iso: string, locale: string, timeZone: string | null): string {
	const format = (zone: string) =>
		new Intl.DateTimeFormat(locale, {
			year: 'numeric',
			month: 'short',
			day: 'numeric',
			hour: '2-digit',
			minute: '2-digit',
			hourCycle: 'h23',
			timeZone: zone,
			timeZoneName: 'short'
		}).format(new Date(iso));
	try {
		return format(timeZone ?? 'UTC');
	} catch {
		return format('UTC');
	}
}

export const clock = (iso: string): string => iso.slice(11, 16);

/** A minute of the day as it is said there: “6:30 PM”, “18:30”; the end of a day is midnight again. */
export const clockWord = (minute: number, region: Region): string =>
	new Intl.DateTimeFormat(terms[region].locale, {
		hour: 'numeric',
		minute: '2-digit',
		timeZone: 'UTC'
	}).format(new Date(minute * 60_000));
