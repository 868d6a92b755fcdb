import { deviceModel, findBox, points, type Half, type House } from '../house';
import type { Probes } from '../instruments';
import type { Earth } from './pairs';

/** Where a tester is proved: hot to ground at the end of the lead that brings the known ground. It shows both to be what they should. */
export const ownLead = 'lead';

export const groundProbes = (boxId: string, half: Half): Probes => ({
	red: points.contact(boxId, half, 'hot'),
	black: points.contact(boxId, half, 'ground')
});

/** Hot and ground of another outlet's first half, named as `outlet:ID`; `null` where it has none. */
export function earthProbes(house: House, source: string): Probes | null {
	const box = source.startsWith('outlet:') ? findBox(house, source.slice(7)) : undefined;
	const half = box?.device ? deviceModel(box.device).halves[0] : undefined;
	const grounded = box?.device && deviceModel(box.device).terminals.some(({ role }) => role === 'ground');
	return box && half && grounded ? groundProbes(box.id, half) : null;
}

/** The point that the lead from another outlet brings: its ground; `null` while none does. */
export const knownEarth = (house: House, earth: Earth): string | null =>
	typeof earth === 'object' && earth.source !== null
		? (earthProbes(house, earth.source)?.black ?? null)
		: null;
