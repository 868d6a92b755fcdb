import type { WishChoice } from '../src/job';

/** A wish with the usual schools. */
export const wishOf = (
	part: WishChoice['part'],
	feed: WishChoice['feed'] = 'asFound',
	more: Partial<WishChoice> = {}
): WishChoice => ({
	part,
	feed,
	switched: 'keep',
	connector: 'lever',
	wireEnd: 'clampPlate',
	...more
});
