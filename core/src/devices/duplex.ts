import type { Family } from './family';

const us = {
	region: 'us',
	usualGaugeMm: 16,
	usualTorqueNm: 1.8,
	arrivesTripped: false,
	usb: false,
	squareOpening: false,
	asks: ['plates', 'gaugeMm', 'torqueNm']
} as const;

const made =
	(style: 'standard' | 'decorator', tamperResistant = true) =>
	(ratingA: number) =>
		({
			kind: 'duplex',
			ratingA,
			style,
			tamperResistant,
			weatherResistant: false,
			tabs: { hot: true, neutral: true },
			contacts: 'good'
		}) as const;

/** us: two grounded halves, bridged by tabs. */
export const duplex: Family = {
	...us,
	id: 'duplex',
	made: made('standard'),
	is: (device) => device.kind === 'duplex' && device.style === 'standard',
	usualDepthMm: 25,
	halvesApart: true
};

/** As it is mostly found: from before shutters were asked for (NEC 406.12, since 2008). */
export const oldDuplex: Family['made'] = made('standard', false);

/** us: the same under a plate with one square opening. */
export const decorator: Family = {
	...us,
	id: 'decorator',
	made: made('decorator'),
	is: (device) => device.kind === 'duplex' && device.style === 'decorator',
	squareOpening: true,
	usualDepthMm: 28,
	halvesApart: true
};

/** us: one grounded receptacle. */
export const single: Family = {
	...us,
	id: 'single',
	made: (ratingA) => ({ kind: 'single', ratingA, tamperResistant: true, contacts: 'good' }),
	is: ({ kind }) => kind === 'single',
	usualDepthMm: 25,
	halvesApart: false
};

/** us: two slots and no place for a ground, as NEC 406.4(D)(2)(a) still lets it be replaced where there is none. */
export const twoSlot: Family = {
	...us,
	id: 'twoSlot',
	made: (ratingA) => ({ kind: 'twoSlot', ratingA, tamperResistant: false, contacts: 'good' }),
	is: ({ kind }) => kind === 'twoSlot',
	usualDepthMm: 25,
	halvesApart: false
};
