import { z } from 'zod';
import { planWhole, wishedSchema, withBeside, type JobPlan, type WholeFailure } from '../job';
import type { House } from '../house';
import { ruledOut } from '../replacement';
import { identifier } from '../house/schema';
import { needsOfJob, summed, type Needed } from './needs';

/** A plan that is kept to be bought for and begun another day: what goes in where. It is planned anew on the house as it is then. */
export const keptPlanSchema = z.strictObject({
	boxes: z
		.array(z.strictObject({ boxId: identifier, wish: wishedSchema.nullable() }))
		.min(1)
		.max(20)
});
export type KeptPlan = Readonly<z.infer<typeof keptPlanSchema>>;

export type Kept = {
	readonly id: string;
	readonly keptAt: string;
	readonly plan: KeptPlan;
} & (
	| { readonly ok: true; readonly plans: readonly JobPlan[]; readonly needs: readonly Needed[] }
	/** The house has changed, or a rule: it can’t be done as it was kept. */
	| {
			readonly ok: false;
			readonly failure: WholeFailure | { readonly code: 'ruledOut'; readonly box: string };
	  }
);

/** A kept plan on the house as it is now. */
export function asOfNow(
	house: House,
	{ id, keptAt, plan }: { readonly id: string; readonly keptAt: string; readonly plan: KeptPlan }
): Kept {
	const planned = planWhole(house, withBeside(house, plan.boxes));
	if (!planned.ok) return { id, keptAt, plan, ok: false, failure: planned.failure };
	const by = ruledOut(house, planned.plans);
	if (by) return { id, keptAt, plan, ok: false, failure: { code: 'ruledOut', box: by.box } };
	const { plans } = planned;
	return { id, keptAt, plan, ok: true, plans, needs: needsOfJob(house, plans) };
}

/** What all of them need together; plans that can’t be done need nothing. */
export const neededBy = (kept: readonly Kept[]): readonly Needed[] =>
	summed(kept.flatMap((each) => (each.ok ? each.needs : [])));
