import { deviceModel, hasMetalFace, takesGround } from '../house';
import type { PartFacts } from '../rules';
import type { Family } from './family';

/** What the rules ask of a part of this family with such a rating: read off the part itself. */
export function forRules(family: Family, ratingA: number): PartFacts {
	const name = `${family.id} ${ratingA}`;
	const known = read.get(name) ?? readOff(family, ratingA);
	read.set(name, known);
	return known;
}
/** Asked for over and over: a handful of parts in a handful of ratings. */
const read = new Map<string, PartFacts>();

function readOff(family: Family, ratingA: number): PartFacts {
	const device = family.made(ratingA);
	const { halves, protection, terminals } = deviceModel(device);
	const protects = 'protection' in device ? device.protection : null;
	return {
		outlets: halves.length,
		takesGround: takesGround(device),
		groundFault: protection?.kind === 'residual',
		arcFault: protects === 'arcFault' || protects === 'dualFunction',
		feedsOn: terminals.some(({ side }) => side === 'load'),
		tamperResistant: 'tamperResistant' in device && device.tamperResistant,
		// With a charger none is sold for damp places.
		weather: 'weatherResistant' in device && !family.usb,
		metalFace: hasMetalFace(device),
		usb: family.usb,
		ratingA: 'ratingA' in device ? device.ratingA : ratingA,
		depthMm: family.usualDepthMm,
		tab: family.halvesApart
	};
}
