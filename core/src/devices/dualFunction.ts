import type { Family } from './family';
import { gfci } from './gfci';

/** us: opens at a leak and at an arc, with a load side like a GFCI’s (UL 1699A and UL 943). Arcs aren’t modelled: what is tried is its part against leaks. */
export const dualFunction: Family = {
	...gfci,
	id: 'dualFunction',
	made: (ratingA) => ({
		...(gfci.made(ratingA) as Extract<ReturnType<typeof gfci.made>, { kind: 'gfci' }>),
		protection: 'dualFunction'
	}),
	is: (device) => device.kind === 'gfci' && device.protection === 'dualFunction' && !device.usb
};
