import type { Family } from './family';
import { gfci } from './gfci';

/** us: a GFCI with a charger behind its face. */
export const gfciUsb: Family = {
	...gfci,
	id: 'gfciUsb',
	made: (ratingA) => ({
		...(gfci.made(ratingA) as Extract<ReturnType<typeof gfci.made>, { kind: 'gfci' }>),
		usb: true
	}),
	is: (device) => device.kind === 'gfci' && device.usb === true,
	asks: [...gfci.asks, 'chargerW'],
	usualDepthMm: 45,
	usb: true
};
