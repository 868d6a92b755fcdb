import type { Family } from './family';

/** us: two grounded halves joined inside, and a charger. */
export const usb: Family = {
	id: 'usb',
	region: 'us',
	made: (ratingA) => ({ kind: 'usb', ratingA, style: 'decorator', tamperResistant: true, contacts: 'good' }),
	is: ({ kind }) => kind === 'usb',
	asks: ['plates', 'gaugeMm', 'torqueNm', 'depthMm', 'chargerW'],
	usualDepthMm: 41,
	usualGaugeMm: 16,
	usualTorqueNm: 1.8,
	arrivesTripped: false,
	usb: true,
	squareOpening: true,
	halvesApart: false
};
