import { usuallyFound } from '../devices';
import { findBox, isBlank, withBox, type House } from '../house';
import type { JobPlan } from '../job';
import type { RuleId } from '../rules';
import { wiredAs } from '../wiring';
import { judgePart, stopsOf } from './choose';
import { factsOf, type Known } from './factsOf';

/** A rule that stands in the way of something that was planned. */
export interface RuledOut {
	readonly box: string;
	readonly rule: RuleId;
	readonly clause: string;
}

/** What the rules know of a box of a job: the others as the job leaves them. */
export function factsIn(house: House, plans: readonly JobPlan[], boxId: string): Known | null {
	const wired = plans.reduce(
		(made, { boxId: id, work }) => (work && id !== boxId ? wiredAs(made, id, work.ways[0]!.wanted) : made),
		house
	);
	const known = factsOf(fitted(wired, boxId), boxId);
	return known && isBlank(findBox(house, boxId)?.device)
		? { ...known, facts: { ...known.facts, outletsNow: 0 } }
		: known;
}

/** Where nothing is fitted yet the rules are asked as of what usually goes there. */
const fitted = (house: House, boxId: string): House =>
	withBox(house, boxId, (box) =>
		isBlank(box.device) ? { ...box, device: usuallyFound[house.region](usualRatingA) } : box
	);
/** Of a receptacle on any branch circuit that has several (NEC table 210.21(B)(3)); a uk one has but one rating. */
const usualRatingA = 15;

/**
 * The first rule that is in the way of putting something else in, for sure; `null`: none. What hangs on something that nobody has said isn't in the way, nor is anything in that
 * of the same again: that is the person's to decide, and written down. Of an outlet where there was none what a rule needs is needed: nothing is as it was before.
 */
export function ruledOut(house: House, plans: readonly JobPlan[]): RuledOut | null {
	for (const { boxId, work } of plans) {
		const known = work && !work.same ? factsIn(house, plans, boxId) : null;
		if (!work || !known) continue;
		const { part, ratingA } = work.wish;
		const judged = judgePart(known.facts, part, ratingA === undefined ? {} : { ratingA });
		const [stop] = stopsOf(known.facts);
		const isNew = known.facts.outletsNow === 0;
		const against =
			stop ??
			judged.reasons.find(
				({ effect, state }) => state === 'holds' && (effect === 'forbids' || (isNew && effect === 'needs'))
			);
		if (against) return { box: boxId, rule: against.rule, clause: against.clause };
	}
	return null;
}
