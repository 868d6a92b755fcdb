import { hasMetalFace } from '../house';
import type { Family } from './family';

const uk = {
	region: 'uk',
	usualGaugeMm: 9,
	usualTorqueNm: 1.2,
	arrivesTripped: false,
	usb: false,
	squareOpening: false,
	halvesApart: false,
	asks: ['gaugeMm', 'torqueNm']
} as const;

/** uk: BS 1363, one outlet. */
export const socketSingle: Family = {
	...uk,
	id: 'socketSingle',
	made: (ratingA) => ({
		kind: 'socketSingle',
		ratingA,
		tamperResistant: true,
		switched: true,
		contacts: 'good'
	}),
	is: ({ kind }) => kind === 'socketSingle',
	usualDepthMm: 14
};

const twin = (switched: boolean, usb: boolean) => (ratingA: number) =>
	({
		kind: 'socketTwin',
		ratingA,
		tamperResistant: true,
		switched,
		...(usb ? { usb: true } : {}),
		contacts: 'good'
	}) as const;

export const socketTwin: Family = {
	...uk,
	id: 'socketTwin',
	made: twin(true, false),
	is: (device) => device.kind === 'socketTwin' && !device.usb && !hasMetalFace(device),
	usualDepthMm: 15
};

/** uk: a twin with a face of metal, which is earthed through the socket; a flat face leaves its works deeper in the box. */
export const metalTwin: Family = {
	...uk,
	id: 'metalTwin',
	made: (ratingA) => ({ ...twin(true, false)(ratingA), plate: 'metal' }) as const,
	is: (device) => device.kind === 'socketTwin' && !device.usb && hasMetalFace(device),
	asks: ['gaugeMm', 'torqueNm', 'depthMm'],
	usualDepthMm: 25
};

/** uk: a twin with a charger; deeper than it looks. */
export const usbTwin: Family = {
	...uk,
	id: 'usbTwin',
	made: twin(true, true),
	is: (device) => device.kind === 'socketTwin' && device.usb === true && device.switched,
	asks: ['gaugeMm', 'torqueNm', 'depthMm', 'chargerW'],
	usualDepthMm: 22,
	usb: true
};

export const usbTwinUnswitched: Family = {
	...usbTwin,
	id: 'usbTwinUnswitched',
	made: twin(false, true),
	is: (device) => device.kind === 'socketTwin' && device.usb === true && !device.switched
};

/** uk: a twin with its own residual-current device, which guards its face (BS 7288). */
export const rcdTwin: Family = {
	...uk,
	id: 'rcdTwin',
	made: (ratingA) => ({
		kind: 'socketRcd',
		ratingA,
		tamperResistant: true,
		switched: true,
		tripped: true,
		senses: true,
		tripMa: 30,
		contacts: 'good'
	}),
	is: ({ kind }) => kind === 'socketRcd',
	asks: ['gaugeMm', 'torqueNm', 'depthMm', 'indicator'],
	usualDepthMm: 28,
	arrivesTripped: true
};
