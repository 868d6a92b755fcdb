import type { MetalBox } from '@wary/core/rules';

export const words = {
	whatIsThere: 'What is there',
	outletOf: (name: string | number, device: string | number) => `${name}: ${device}`,
	asRecorded: 'as recorded',
	depth: 'Depth, mm',
	depthOf: (name: string | number, depth: string | number) => `${name}: ${depth} mm deep`,
	depthRange: 'A depth from 5 to 200 mm.',
	soldAs: 'Size it is sold under, in',
	anotherSize: 'another, or not known',
	soldSize: ({ shape, size, volumeIn3 }: MetalBox) =>
		`${{ device: 'device', utility: 'utility', round: 'round or octagonal', square: 'square' }[shape]} ${size}: ${volumeIn3} in³`,
	volume: 'Stamped volume, in³',
	volumeOf: (name: string | number, volume: string | number) => `${name}: ${volume} in³`,
	volumeRange: 'A volume from 1 to 200 in³.',
	rating: 'Rating marked on it',
	ratingOf: (name: string | number, amps: string | number) => `${name}: ${amps} A`,
	marks: {
		us: { tamperResistant: 'TR on its face', weatherResistant: 'WR on its face' },
		uk: { tamperResistant: 'shutters (BS 1363)', weatherResistant: 'for outdoors' }
	},
	markOf: (name: string | number, mark: string, is: boolean) => `${name}: ${is ? mark : `no ${mark}`}`,
	oneBoxWith: 'Sits in',
	boxOfOther: (name: string | number) => `one box with ${name}`,
	ownBox: 'a box of its own',
	besideOf: (name: string | number, other: string | null) =>
		other === null ? `${name}: a box of its own` : `${name}: in one box with ${other}`,
	whatTheBoxIsMade: 'What the box is made of',
	metal: 'metal',
	plastic: 'plastic',
	boxOf: (name: string | number, material: string | number) => `box of ${name}: ${material}`
};
