/** A date in words: “15 November 2026”. Times are stored in UTC and shown in it where only the day is asked for. */
export const day = (iso: string, locale: string): string =>
	new Intl.DateTimeFormat(locale, { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(iso));

/** A time of day with its date: “24 Nov 2026, 14:06”; always 24 hours, UTC, so that a record reads the same everywhere. */
export const moment = (iso: string, locale: string): string =>
	new Intl.DateTimeFormat(locale, { dateStyle: 'medium', timeStyle: 'short', hourCycle: 'h23', timeZone: 'UTC' }).format(new Date(iso));

export const clock = (iso: string): string => iso.slice(11, 16);
