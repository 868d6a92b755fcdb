import type { PartId } from '@wary/core/devices';
import type { Feed } from '@wary/core/wiring';
import type { Region } from '@wary/core/rules';
import { terms } from './terms';

/** Parts as one asks for them in a shop. */
export const partWords: Record<PartId, { readonly name: string; readonly what: string }> = {
	duplex: { name: 'Duplex outlet', what: 'two halves, a screw a wire' },
	decorator: { name: 'Decorator outlet', what: 'two halves under a plate with one square opening' },
	single: { name: 'Single outlet', what: 'one receptacle' },
	twoSlot: { name: 'Two-slot outlet', what: 'two halves and no ground, where there is none' },
	usb: { name: 'USB outlet', what: 'two halves and a charger' },
	gfci: { name: 'GFCI outlet', what: 'opens at a leak; can protect what comes after it' },
	gfciUsb: { name: 'GFCI outlet with USB', what: 'opens at a leak, with a charger; deep' },
	dualFunction: {
		name: 'Dual-function outlet',
		what: 'opens at a leak and at arcs; can protect what comes after it'
	},
	socketSingle: { name: 'Single socket', what: 'one outlet, switched' },
	socketTwin: { name: 'Twin socket', what: 'two outlets, switched' },
	metalTwin: {
		name: 'Twin socket, metal plate',
		what: 'two outlets, switched; the plate is earthed, and read to the pin'
	},
	usbTwin: { name: 'Twin socket with USB', what: 'two outlets, switched, and a charger' },
	usbTwinUnswitched: { name: 'Twin socket with USB, unswitched', what: 'two outlets and a charger' },
	rcdTwin: { name: 'Twin socket with RCD', what: 'opens at a leak from what is plugged in here' }
};

/** How the next boxes are fed, with the reason for it. */
export function feedWords(feed: Feed, region: Region): { readonly name: string; readonly why: string } {
	const t = terms[region];
	switch (feed) {
		case 'asFound':
			return {
				name: 'As it is now',
				why: 'Joints that hold stay closed. Nothing is changed but the part.'
			};
		case 'throughDevice':
			return {
				name: `Over the ${t.outlet}’s own terminals`,
				why: 'Quicker. What comes after hangs on this part and its joints.'
			};
		case 'pigtails':
			return {
				name: 'By pigtails',
				why: `What comes after doesn’t depend on this ${t.outlet}. More in the box.`
			};
		case 'protected':
			return {
				name: 'Through its LOAD side',
				why: 'Everything after it is protected too, and goes dark with it.'
			};
	}
}
