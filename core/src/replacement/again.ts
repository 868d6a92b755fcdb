import { familyFor } from '../devices';
import { findBox, type House } from '../house';
import { judgePart, stopsOf, type Reason } from './choose';
import type { Known } from './factsOf';

/** Told, and decided on, in the job itself. */
const decidedInJob: readonly Reason['rule'][] = ['groundFaultPlace', 'rating', 'ratingAlone'];

/** What the rules ask for at an outlet that the same again doesn’t give: what stops everything first. Empty for what isn’t an outlet. */
export function askedOfAgain(house: House, boxId: string, { facts }: Known): readonly Reason[] {
	const device = findBox(house, boxId)?.device;
	const family = device && familyFor(device);
	if (!family) return [];
	const { reasons } = judgePart(facts, family.id);
	return [
		...stopsOf(facts),
		...reasons.filter(
			({ rule, effect, state }) =>
				(effect === 'needs' || effect === 'forbids') && state === 'holds' && !decidedInJob.includes(rule)
		)
	];
}
