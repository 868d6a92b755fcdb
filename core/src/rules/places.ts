import type { Edition } from './editions';

/** Kinds of places in and around a home that rules tell apart. */
export const places = [
	'bathroom',
	'kitchen',
	'foodArea',
	'laundry',
	'garage',
	'outbuilding',
	'outdoors',
	'crawlSpace',
	'basement',
	'bedroom',
	'living',
	'hall',
	'other'
] as const;
export type Place = (typeof places)[number];

/** Words of a room's or an outlet's name that suggest a place; the person says whether it is one. The first that is met counts. */
export const placeWords: readonly { readonly place: Place; readonly words: readonly string[] }[] = [
	{ place: 'bathroom', words: ['bath', 'bathroom', 'shower', 'ensuite', 'powder'] },
	{ place: 'garage', words: ['garage', 'carport'] },
	{ place: 'outbuilding', words: ['shed', 'greenhouse', 'barn', 'outbuilding'] },
	{
		place: 'outdoors',
		words: ['porch', 'patio', 'garden', 'deck', 'yard', 'outside', 'outdoor', 'outdoors', 'balcony']
	},
	{ place: 'crawlSpace', words: ['crawl', 'crawlspace'] },
	{ place: 'basement', words: ['basement', 'cellar'] },
	{ place: 'kitchen', words: ['kitchen', 'counter', 'pantry'] },
	{ place: 'foodArea', words: ['kitchenette', 'bar', 'wetbar'] },
	{ place: 'laundry', words: ['laundry', 'washer', 'utility'] },
	{ place: 'bedroom', words: ['bedroom', 'nursery', 'guest'] },
	{
		place: 'living',
		words: ['living', 'family', 'dining', 'lounge', 'den', 'library', 'parlor', 'parlour', 'sunroom', 'sewing', 'music', 'reading', 'study', 'office', 'playroom'] // prettier-ignore
	},
	{ place: 'hall', words: ['hall', 'hallway', 'landing', 'closet', 'stairs'] }
];

/** Where a residual device is asked for though no kind of place says so. */
export type Condition = 'nearWater' | 'dampIndoors';

export interface AskedPlace {
	readonly clause: string;
	/** Only there: at a worktop, or where the room isn’t finished as a habitable one. */
	readonly only?: 'counter' | 'unfinished';
}

type ByPlace = Readonly<Partial<Record<Place | Condition, AskedPlace>>>;

/** Places that keep their number through these editions; and those that 2023 numbers anew. */
const numbered: ByPlace = {
	bathroom: { clause: '210.8(A)(1)' },
	garage: { clause: '210.8(A)(2)' },
	outbuilding: { clause: '210.8(A)(2)' },
	outdoors: { clause: '210.8(A)(3)' },
	crawlSpace: { clause: '210.8(A)(4)' },
	basement: { clause: '210.8(A)(5)' }
};
const since2017: ByPlace = {
	kitchen: { clause: '210.8(A)(6)', only: 'counter' },
	nearWater: { clause: '210.8(A)(7), (9)' },
	laundry: { clause: '210.8(A)(10)' }
};

/**
 * Where ground-fault protection is asked of a receptacle in a dwelling: NEC 210.8(A), which 406.4(D)(3) makes binding when one is replaced. Of a numbered list that later
 * editions add to, each keeps its own numbers. BS 7671 asks it of every general socket (411.3.3): no place is named.
 */
export const groundFaultAsked: Readonly<Record<Edition, ByPlace>> = {
	'2017': {
		...numbered,
		basement: { clause: '210.8(A)(5)', only: 'unfinished' },
		...since2017
	},
	'2020': {
		...numbered,
		...since2017,
		dampIndoors: { clause: '210.8(A)(11)' }
	},
	'2023': {
		...numbered,
		kitchen: { clause: '210.8(A)(6)' },
		foodArea: { clause: '210.8(A)(7)' },
		nearWater: { clause: '210.8(A)(8), (10)' },
		laundry: { clause: '210.8(A)(11)' },
		dampIndoors: { clause: '210.8(A)(12)' }
	},
	'2018': {},
	'2018A2': {}
};

/** Where arc-fault protection is asked for: NEC 210.12, binding at a replacement by 406.4(D)(4). */
export const arcFaultAsked: Readonly<Record<Edition, ByPlace>> = {
	'2017': arcPlaces('210.12(A)'),
	'2020': arcPlaces('210.12(A)'),
	'2023': arcPlaces('210.12(B)'),
	'2018': {},
	'2018A2': {}
};

/** Where wiring of such a room is extended: NEC 210.12(D), from 2023 on (E). By a breaker, or an outlet that opens at arcs as the first of the circuit. */
export const arcFaultExtended: Readonly<Record<Edition, string | null>> = {
	'2017': '210.12(D)',
	'2020': '210.12(D)',
	'2023': '210.12(E)',
	'2018': null,
	'2018A2': null
};

/** Kitchens, family, dining, living and like rooms, bedrooms, closets, hallways, laundry areas. */
function arcPlaces(clause: string): ByPlace {
	const rooms = ['kitchen', 'living', 'bedroom', 'hall', 'laundry'] as const;
	return Object.fromEntries(rooms.map((place) => [place, { clause }]));
}

/** How far from zone 1 of a bath or shower a socket has to be, m (BS 7671 701.512.3); `null`: no such distance is asked. */
export const metresFromBath: Readonly<Record<Edition, number | null>> = {
	'2017': null,
	'2020': null,
	'2023': null,
	'2018': 3,
	'2018A2': 2.5
};

/** The largest breaker a conductor may stand under, A: us NEC 240.4(D), copper and aluminium; uk by use, see `usualSize`. */
export const breakerLimitA: Readonly<Record<string, Partial<Record<'copper' | 'aluminium', number>>>> = {
	'14AWG': { copper: 15 },
	'12AWG': { copper: 20, aluminium: 15 },
	'10AWG': { copper: 30, aluminium: 25 }
};

/** The place that a name suggests; `null`: none. */
export const placeNamed = (said: ReadonlySet<string>): Place | null =>
	placeWords.find(({ words }) => words.some((word) => said.has(word)))?.place ?? null;
