import { familyOf, soldIn } from '../devices';
import type { Device } from '../house';
import type { Region } from '../rules';

const ratingA: Readonly<Record<Region, number>> = { us: 15, uk: 13 };
const gfci = familyOf('gfci').made(ratingA.us) as Extract<Device, { kind: 'gfci' }>;
const twin = familyOf('socketTwin').made(ratingA.uk) as Extract<Device, { kind: 'socketTwin' }>;

/** Every family of the catalogue, as it comes out of its packet. */
const fromCatalogue = (region: Region): Record<string, Device> =>
	Object.fromEntries(soldIn(region).map(({ id, made }) => [id, made(ratingA[region])]));

/** Devices that can be fitted at the bench, by name within a region: the catalogue’s, and what one meets beside them. */
export const newDevices: Record<Region, Readonly<Record<string, Device>>> = {
	us: {
		...fromCatalogue('us'),
		twoSlot: { kind: 'twoSlot', ratingA: ratingA.us, contacts: 'good', tamperResistant: false },
		gfciOld: { ...gfci, make: 'old', indicator: 'showsTrip', tripped: false },
		dualFunction: { ...gfci, protection: 'dualFunction' },
		arcFault: { ...gfci, protection: 'arcFault' },
		switch: { kind: 'switch', ratingA: ratingA.us, on: true }
	},
	uk: {
		...fromCatalogue('uk'),
		socketTwinPlain: { ...twin, switched: false },
		fusedSpur: { kind: 'fusedSpur', ratingA: ratingA.uk, fuseA: 13, on: true, fuseBlown: false }
	}
};
