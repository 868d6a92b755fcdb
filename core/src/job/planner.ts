import { checkHouse, type House, type HouseProblem } from '../house';
import type { JobPlan } from './plan';
import { asFoundIn } from './planAnew';
import { planWhole, type BoxWish, type WholeFailure } from './planWhole';
import type { Found } from './steps/planAnew';
import { sameAgain } from './work';

/** Plans from here on at one of the boxes (`at`: its place), from what was found in it. */
export type Planner = (
	plans: readonly JobPlan[],
	at: number,
	found: Found
) => { ok: true; plans: readonly JobPlan[] } | { ok: false; failure: AnewFailure };

export type AnewFailure =
	| WholeFailure
	/** What was said to be there can't be. */
	| { readonly code: 'foundImpossible'; readonly problem: HouseProblem };

/**
 * The planner of a record: the box as found, the same wishes (where the same was to go in again, that, by moves on conductor ends), and the boxes that come after it on
 * the house as it will leave it. Those that were worked at before keep their plans.
 */
export const plannerOn =
	(house: House): Planner =>
	(plans, at, found) => {
		const here = plans[at]!;
		const had = new Set(checkHouse(house).map((problem) => JSON.stringify(problem)));
		const seen = asFoundIn(house, here.boxId, found);
		const problem = checkHouse(seen).find((each) => !had.has(JSON.stringify(each)));
		if (problem) return { ok: false, failure: { code: 'foundImpossible', problem } };
		const wishes = plans.map(({ boxId, work, oldDevice, putBack }, k): BoxWish => {
			if (putBack) return { boxId, wish: 'putBack' };
			if (work && !work.same) return { boxId, wish: work.wish };
			return k === at ? { boxId, wish: sameAgain(oldDevice), same: true } : { boxId, wish: null };
		});
		const planned = planWhole(seen, wishes, here.school, here.procedure);
		if (!planned.ok) return planned;
		return {
			ok: true,
			plans: plans.map((plan, k) =>
				k < at
					? plan
					: {
							...planned.plans.find(({ boxId }) => boxId === plan.boxId)!,
							...(k === at ? { foundAs: found } : {})
						}
			)
		};
	};
