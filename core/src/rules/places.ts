import type { Region } from './regions';

/** Places of a home in which a rule asks for more than the same again. */
export type Place =
	'bathroom' | 'garage' | 'outdoors' | 'crawlSpace' | 'basement' | 'kitchen' | 'laundry' | 'outbuilding';

export interface PlaceRule {
	readonly place: Place;
	/** Words of a room's or an outlet's name that suggest it; the person says whether it is one. */
	readonly words: readonly string[];
	readonly clause: string;
}

/**
 * Where ground-fault protection is asked of a receptacle in a dwelling, us: NEC 210.8(A), which 406.4(D)(3) makes binding when one is replaced. uk: 701.512.3
 * of BS 7671 asks that there be no socket within 2.5 m of zone 1 (since A2:2022; 3 m before).
 */
export const placeRules: Readonly<
	Record<Region, { readonly code: string; readonly edition: string; readonly rules: readonly PlaceRule[] }>
> = {
	us: {
		code: 'NEC',
		edition: '2020',
		rules: [
			{
				place: 'bathroom',
				words: ['bath', 'bathroom', 'shower', 'ensuite', 'powder'],
				clause: '210.8(A)(1)'
			},
			{ place: 'garage', words: ['garage', 'carport'], clause: '210.8(A)(2)' },
			{ place: 'outbuilding', words: ['shed', 'greenhouse', 'barn', 'outbuilding'], clause: '210.8(A)(2)' },
			{
				place: 'outdoors',
				words: ['porch', 'patio', 'garden', 'deck', 'yard', 'outside', 'outdoor', 'outdoors', 'balcony'],
				clause: '210.8(A)(3)'
			},
			{ place: 'crawlSpace', words: ['crawl', 'crawlspace'], clause: '210.8(A)(4)' },
			{ place: 'basement', words: ['basement', 'cellar'], clause: '210.8(A)(5)' },
			{ place: 'kitchen', words: ['kitchen', 'counter', 'pantry'], clause: '210.8(A)(6)' },
			{ place: 'laundry', words: ['laundry', 'washer', 'utility'], clause: '210.8(A)(10)' }
		]
	},
	uk: {
		code: 'BS 7671',
		edition: '2018 + A2:2022',
		rules: [{ place: 'bathroom', words: ['bath', 'bathroom', 'shower', 'ensuite'], clause: '701.512.3' }]
	}
};

/** The largest breaker a conductor may stand under, A: us NEC 240.4(D), copper and aluminium; uk by use, see `usualSize`. */
export const breakerLimitA: Readonly<Record<string, Partial<Record<'copper' | 'aluminium', number>>>> = {
	'14AWG': { copper: 15 },
	'12AWG': { copper: 20, aluminium: 15 },
	'10AWG': { copper: 30, aluminium: 25 }
};
