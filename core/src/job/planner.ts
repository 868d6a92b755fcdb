import { checkHouse, type House, type HouseProblem } from '../house';
import { ruledOut, type RuledOut } from '../replacement/admitted';
import { wiredAs } from '../wiring';
import type { JobPlan } from './jobPlan';
import { landedAt, type LandAtFailure } from './planLandAt';
import { asFoundIn } from './planAnew';
import { amongOthers, planEach, planWhole, withBeside, type BoxWish, type WholeFailure } from './planWhole';
import type { JobState } from './state';
import type { Found } from './steps/planAnew';
import { sameAgain, wayFor } from './work';

type PlansOr<Failure> =
	| { readonly ok: true; readonly plans: readonly JobPlan[] }
	| { readonly ok: false; readonly failure: Failure };

/** Plans a job while it runs. */
export interface Planner {
	/** From here on at one of the boxes (`at`: its place), from what was found in it. */
	anew(plans: readonly JobPlan[], at: number, found: Found): PlansOr<AnewFailure>;
	/** With a landing at one of the boxes on another terminal; `null`: it can't go there. */
	landAt(
		plans: readonly JobPlan[],
		boxes: readonly JobState[],
		at: number,
		landing: { readonly move: string; readonly terminal: string }
	): PlansOr<LandAtFailure> | null;
	/** With a further outlet, and what sits in one box with it: those that there are, the new ones after them. */
	add(plans: readonly JobPlan[], boxes: readonly JobState[], wish: BoxWish): PlansOr<AddFailure>;
}

/** Why an outlet can't be taken into a job under way. */
export type AddFailure =
	| WholeFailure
	/** A rule is in the way of what is wished for there. */
	| { readonly code: 'ruledOut'; readonly by: RuledOut };

export type AnewFailure =
	| WholeFailure
	/** What was said to be there can't be. */
	| { readonly code: 'foundImpossible'; readonly problem: HouseProblem };

/**
 * The planner of a record: the box as found, the same wishes (where the same was to go in again, that, by moves on conductor ends), and the boxes that come after it on
 * the house as it will leave it. Those that were worked at before keep their plans.
 */
export function plannerOn(house: House): Planner {
	const { anew, landAt, add } = planning(house);
	const anewKnown = remembering<ReturnType<typeof anew>>();
	const landAtKnown = remembering<ReturnType<typeof landAt>>();
	const addKnown = remembering<ReturnType<typeof add>>();
	return {
		anew: (plans, at, found) => anewKnown(plans, JSON.stringify([at, found]), () => anew(plans, at, found)),
		landAt: (plans, boxes, at, landing) => {
			const { supply, hand, moved } = boxes[at]!;
			return landAtKnown(plans, JSON.stringify([at, landing, supply.found, hand, moved]), () =>
				landAt(plans, boxes, at, landing)
			);
		},
		add: (plans, boxes, wish) =>
			addKnown(plans, JSON.stringify([wish, boxes.map(({ supply }) => supply.found)]), () =>
				add(plans, boxes, wish)
			)
	};
}

/** So many plans of a job are kept: more than it is planned anew. */
const rememberedAtMost = 16;

/** A job is replayed from its beginning at every entry, and plans the same each time: kept by the plans it came from and by what else was asked. */
function remembering<Result>() {
	const known: { readonly plans: readonly JobPlan[]; readonly asked: string; readonly result: Result }[] = [];
	return (plans: readonly JobPlan[], asked: string, work: () => Result): Result => {
		const had = known.find((each) => each.plans === plans && each.asked === asked);
		if (had) return had.result;
		const result = work();
		if (known.length >= rememberedAtMost) known.shift();
		known.push({ plans, asked, result });
		return result;
	};
}

const planning = (house: House): Planner => ({
	anew(plans, at, found) {
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
		const planned = planWhole(seen, wishes, here.school);
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
	},
	landAt(plans, boxes, at, { move, terminal }) {
		const here = plans[at]!;
		const left = leftBy(house, plans.slice(0, at));
		const seen = here.foundAs ? asFoundIn(left, here.boxId, here.foundAs) : left;
		const planned = landedAt(seen, here, boxes[at]!, move, terminal);
		if (!planned?.ok) return planned;
		return { ok: true, plans: plans.map((plan, k) => (k === at ? planned.plan : plan)) };
	},
	add(plans, boxes, wish) {
		const more = withBeside(house, [wish]);
		const twice = more.find(({ boxId }) => plans.some((plan) => plan.boxId === boxId));
		if (twice) return { ok: false, failure: { code: 'boxTwice', box: twice.boxId } };
		const { school } = plans[0]!;
		const ids = [...plans, ...more].map(({ boxId }) => boxId);
		// The new ones are judged on the supply that was found, or else on the recorded one.
		const settled = plans.map((plan, k) => {
			const { work } = plan;
			return amongOthers(
				work
					? { ...plan, work: { ...work, ways: [wayFor(work, boxes[k]!.supply.found) ?? work.ways[0]!] } }
					: plan,
				ids
			);
		});
		const planned = planEach(leftBy(house, settled), settled, more, school);
		if (!planned.ok) return planned;
		const by = ruledOut(house, planned.plans);
		return by ? { ok: false, failure: { code: 'ruledOut', by } } : planned;
	}
});

/** The house as the work of these plans will leave it. */
const leftBy = (house: House, plans: readonly JobPlan[]): House =>
	plans.reduce((made, { boxId, foundAs, work }) => {
		const seen = foundAs ? asFoundIn(made, boxId, foundAs) : made;
		return work ? wiredAs(seen, boxId, work.ways[0]!.wanted) : seen;
	}, house);
