import type { ObservationBody } from '@wary/core/observations';
import type { Region } from '@wary/core/rules';
import { lampsWords } from './lamps';
import { moneyWord } from './money';
import { capital, halfWords, terms } from './terms';

export const words = {
	title: (name: string) => `Log · ${name} · Wary Hand`,
	log: 'Log',
	lead: 'What was tried, read and seen, newest first. Entries are added; none is changed.',
	buttons: 'Test buttons',
	how: {
		us: 'Plug a lamp in. Press TEST: it clicks, and the lamp and every outlet behind it go dark. Press RESET: they light again.',
		uk: 'Plug a lamp in. Press T: it clicks and the lamp goes dark. Push it back in: it lights again.'
	},
	due: 'due',
	notDue: (day: string) => `next ${day}`,
	last: (day: string) => `last ${day}`,
	never: 'never written down',
	failed: { stayedLit: 'did nothing', noReset: 'didn’t reset' },
	wentDark: 'Dark, and back',
	stayedLit: 'Stayed lit',
	noReset: 'Won’t reset',
	none: {
		us: 'No GFCI is on record. Where one is put in, its button is asked for here every month.',
		uk: 'No RCD socket is on record. Where one is put in, its button is asked for here every six months. That of the consumer unit is six-monthly too.'
	},
	calendar: 'These dates as a calendar',
	entries: 'Entries',
	at: 'Outlet',
	when: 'When',
	what: 'What',
	inAJob: 'in a job',
	nothingYet: 'Nothing yet. Every finished job adds its tests, and every button pressed above is a line.',
	noticed: 'Something noticed',
	where: 'Where',
	note: 'What',
	save: 'Write it down',
	saved: 'Written down',
	only: (place: string) => `Only ${place}.`,
	all: 'All of the house'
};

/** What work cost, in a line. */
export const costWords = (
	{ parts, minutes, callOut }: Extract<ObservationBody, { kind: 'cost' }>,
	region: Region
): string =>
	[
		`parts ${moneyWord(parts, region)}`,
		...(minutes === null ? [] : [`${Math.round((minutes / 60) * 100) / 100} h of own time`]),
		...(callOut === null ? [] : [`a call-out would have been ${moneyWord(callOut, region)}`])
	].join('; ');

/** One entry in a line: what, and what it came to; `bad` where something is wrong. */
export function observationWords(
	body: ObservationBody,
	region: Region
): { readonly what: string; readonly shows: string; readonly bad: boolean } {
	switch (body.kind) {
		case 'buttonTest':
			return {
				what: 'Test button',
				shows: { dark: 'went dark, and came back', stayedLit: 'stayed lit', noReset: 'didn’t reset' }[
					body.shows
				],
				bad: body.shows !== 'dark'
			};
		case 'plugTest': {
			const sound = body.lamps.hotNeutral && body.lamps.hotGround && !body.lamps.neutralGround;
			return {
				what: `${body.when === 'asFound' ? 'As found' : 'Final test'}, ${halfWords[body.half]}`,
				shows: `${lampsWords(body.lamps, region)}${body.holds === null ? '' : body.holds ? '; a plug holds' : '; a plug slips'}`,
				bad: !sound || body.holds === false
			};
		}
		case 'loadedTest':
			return {
				what: `With ${Math.round(body.watts)} W`,
				shows: `${body.offV.toFixed(1)} V without, ${body.onV.toFixed(1)} V with it on`,
				bad: false
			};
		case 'cost':
			return { what: 'What it cost', shows: costWords(body, region), bad: false };
		case 'look':
			return { what: 'Noticed', shows: body.note, bad: false };
	}
}

export const calendarWords = {
	name: (home: string) => `Test buttons, ${home}`,
	press: (place: string) => `Press the test button: ${place}`,
	how: (region: Region) => `${words.how[region]} ${capital(terms[region].outlet)} and result go into the log.`
};
