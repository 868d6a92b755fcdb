import type { Level } from '@wary/core/replacement';
import type { Region } from '@wary/core/rules';
import { terms } from '../terms';

export const words = {
	title: 'Rules',
	heading: 'The rules this goes by',
	lead: (code: string, edition: string) =>
		`What is judged when something goes back in, by ${code} ${edition}, with the clause each rests on. Information for the person with the screwdriver: your local code, the authority that enforces it and a licensed electrician decide.`,
	edition: 'Edition in force here',
	editionSet: (cited: string) => `Rules by the ${cited} edition`,
	effects: {
		stops: 'Stops everything',
		forbids: 'Not allowed',
		needs: 'Allowed if',
		asks: 'Done with it',
		permits: 'Allowed by',
		against: 'Speaks against it',
		note: 'Good to know'
	},
	ownRule: 'the thing itself',
	notInThis: 'not in this edition',
	placesTitle: 'Places that ask for protection',
	leak: 'Against a leak to ground',
	arc: 'Against arcs',
	only: { counter: 'at a worktop', unfinished: 'unless finished to live in' },
	everywhere: 'Every general socket: 30 mA (411.3.3).',
	nearWater: 'within 6 ft of a sink, bathtub or shower',
	dampIndoors: 'damp and wet places indoors',
	distance: (metres: number) => `No socket within ${metres} m of zone 1 (701.512.3).`,
	decidesNot: 'What isn’t decided here',
	place: 'Place'
};

/** What the product leaves to others. */
export const notDecided = (region: Region): readonly string[] =>
	region === 'uk'
		? [
				'Whether work is notifiable (Part P and its like in Wales, Scotland and Northern Ireland).',
				'Zones of bathrooms beyond the distance you say; saunas, pools, caravans.',
				'New circuits, spurs and rings, earthing and bonding, the consumer unit.',
				'Surge protection, arc-fault detection (421.1.7 asks for it in a few kinds of building).',
				'Rented homes, shared houses, places of work: other rules come on top.'
			]
		: [
				'Local amendments, permits and inspections.',
				'Spacing and number of outlets (210.52), new circuits and extensions.',
				'Ranges, dryers, water heaters and other fixed appliances; anything at 240 V.',
				'Panels, feeders, grounding and bonding of the service; whole-house surge protection.',
				'Pools, hot tubs, boathouses, mobile homes, places that aren’t dwellings.'
			];

export const byRules = {
	title: (code: string, edition: string) => `The rules: ${code} ${edition}`,
	all: 'All rules and their clauses',
	level: {
		right: 'Right here: allowed, and nothing speaks against it.',
		allowed: 'Allowed; something speaks against it.',
		allowedIf: 'Allowed if what is marked below is so, or is made so.',
		notAllowed: 'Not allowed here.'
	} satisfies Record<Level, string>,
	stopped: (region: Region) => `First a ${terms[region].handTo}: nothing is begun here before that.`,
	askFirst: 'Say this first: it changes the answer most',
	assumed: (what: string) => `Taken to be usual, since nobody has said otherwise: ${what}.`,
	sayMore: 'About the place',
	setIt: 'Set on the outlet’s page',
	lacks: {
		usb: 'no USB',
		decorator: 'not under a square opening',
		outlets: 'fewer outlets than wished for',
		ratingA: 'another rating'
	},
	wishes: 'What you would like',
	wishUsb: 'USB',
	wishDecorator: 'One square opening',
	instead: 'Right here instead',
	refused: 'This isn’t begun: the rule above is in the way. What would make it possible stands with it.',
	compare: 'Compare',
	comparing: 'Parts side by side',
	take: 'Take this one',
	point: 'Point',
	points: {
		level: 'By the rules',
		outlets: 'Outlets',
		leak: 'Opens at a leak',
		arc: 'Opens at arcs',
		after: 'Can guard what follows',
		usb: 'USB',
		depth: 'Depth behind the face',
		price: 'Price, as you entered it',
		damp: 'Sold for damp places',
		why: 'In the way',
		against: 'Against it'
	},
	clamps:
		'Look whether the cables are held by clamps inside the box. With clamps it is counted too full, without them not.',
	saidOfPlace: (name: string, what: string) => `${name}: ${what}`,
	groundless: 'Without a ground: all lawful ways'
};
