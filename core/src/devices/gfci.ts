import type { Family } from './family';

const made = (ratingA: number) =>
	({
		kind: 'gfci',
		ratingA,
		tamperResistant: true,
		weatherResistant: false,
		protection: 'groundFault',
		make: 'current',
		indicator: 'showsPower',
		tripped: true,
		senses: true,
		tripMa: 5,
		contacts: 'good'
	}) as const;

/** us: supply in, load out to the boxes that it protects (UL 943). */
export const gfci: Family = {
	id: 'gfci',
	region: 'us',
	made,
	is: (device) => device.kind === 'gfci' && device.protection !== 'dualFunction' && !device.usb,
	asks: ['plates', 'gaugeMm', 'torqueNm', 'depthMm', 'lineAt', 'indicator'],
	usualDepthMm: 34,
	usualGaugeMm: 16,
	usualTorqueNm: 1.6,
	arrivesTripped: true,
	usb: false,
	squareOpening: true,
	halvesApart: false
};
