import type { Cable } from '@wary/core/house';
import type { Region } from '@wary/core/rules';
import { sizeWords } from '../terms';

const metals: Record<Region, Record<Cable['material'], string>> = {
	us: { copper: 'copper', aluminium: 'aluminum' },
	uk: { copper: 'copper', aluminium: 'aluminium' }
};
const sheathsOf = (armoured: string): Record<Cable['sheath'], string> => ({
	nonmetallic: 'plastic or cloth sheath',
	twinAndEarth: 'twin and earth',
	armoured,
	conduit: 'wires in metal conduit'
});
const sheaths: Record<Region, Record<Cable['sheath'], string>> = {
	us: sheathsOf('armored cable'),
	uk: sheathsOf('armoured cable')
};

export const words = {
	cables: 'Cables',
	panel: { us: 'the panel', uk: 'the consumer unit' } satisfies Record<Region, string>,
	from: (place: string) => `From ${place}`,
	to: (place: string) => `To ${place}`,
	/** In a line: size, metal, sheath, what it lacks. */
	what: ({ size, material, sheath, conductors, metal }: Cable, region: Region): string =>
		[
			sizeWords(size),
			...(material === 'copper' ? [] : [metals[region][material]]),
			sheaths[region][sheath],
			...(conductors.some(({ role }) => role === 'ground')
				? []
				: [
						region === 'uk'
							? metal
								? 'earthed by its metal alone'
								: 'no earth in it'
							: metal
								? 'grounded by its metal alone'
								: 'no ground in it'
					])
		].join(', '),
	line: (cable: string) => `cable ${cable}`,
	everywhere: 'The same for every cable of this circuit',
	size: 'Size, by the print on its sheath or the stripper notch that just bites',
	metal: 'Conductors of',
	metals,
	sheath: 'Sheath',
	sheaths,
	ground: { us: 'It has a ground wire', uk: 'It has an earth wire' } satisfies Record<Region, string>,
	metalGround: {
		us: 'Its metal is a path to ground',
		uk: 'Its metal is a path to earth'
	} satisfies Record<Region, string>,
	metalGroundWhy: {
		us: 'Only where that was shown: hot to the bare metal of the box reads full voltage with the meter at low impedance, or lights a lamp that draws current. Old armored cable without a bonding strip inside lights a lamp too, and is no ground.',
		uk: 'Only where that was shown: line to the bare metal of the box reads full voltage with a low-impedance tester, and the metal runs unbroken to the consumer unit.'
	} satisfies Record<Region, string>,
	length: 'Length, m',
	lengthAssumed: 'Length, m (assumed)',
	lengthRange: 'A length from 0.1 to 500 m.'
};
