import { z } from 'zod';
import { at as place, colour, how, role } from '../../house/schema';
import { energyOf } from '../../isolation';
import { accept, refuse } from '../decision';
import type { DeepReadonly } from '../events';
import { cantKeep, underNewPlan } from '../planAnew';
import { barePairIds, nothingTakenOff } from '../progress';
import { mustStop } from '../state';
import { name, saying } from './said';
import type { StepModule } from './module';

/** What is in the box, where it differs from the record: every conductor end, joint and tail, and which tabs are whole. */
export const found = saying(() =>
	z.strictObject({
		joints: z.array(z.strictObject({ id: name, how })).max(12),
		terminations: z
			.array(z.strictObject({ cable: name, conductor: name, at: place, how: how.optional() }))
			.min(1)
			.max(64),
		pigtails: z
			.array(z.strictObject({ id: name, role, colour, from: place, to: place, how: how.optional() }))
			.max(12),
		tabs: z.strictObject({ hot: z.boolean(), neutral: z.boolean() }).optional()
	})
);
export type Found = DeepReadonly<z.infer<typeof found>>;

export const schema = saying(() => z.strictObject({ kind: z.literal('planAnew'), found }));

/** Said when the box holds something else than the record has: the plan is made anew from that. The new plan is in force when it is applied (`whole.ts`). */
export const step: StepModule<'planAnew', never> = {
	kind: 'planAnew',
	concerns: 'box',
	record: 'work',
	at: 'work',
	beside: (context, state, said) => {
		const open = state.device === 'oldOut' || state.device === 'none' || state.device === 'newOut';
		// What ends the job for another reason isn’t lifted by another plan.
		const ends = mustStop({ ...state, stops: { ...state.stops, lookOver: null } }) !== null;
		if (!open || ends || !context.planAnew) return null;
		// Looking, nobody touches: with everything still on as it was found no proof is needed, and the proof is of what is found.
		const looking = nothingTakenOff(state) && energyOf(state.isolation) === 'expectedDead';
		if (!looking && energyOf(state.isolation) !== 'provenDead')
			return refuse({ code: 'notProvenDead', energy: energyOf(state.isolation), next: context.next() });
		const planned = context.planAnew(said.found);
		if (!planned.ok) return refuse({ code: 'cannotPlanAnew', failure: planned.failure });
		const lost = cantKeep(context.plan, planned.plan, state);
		return lost ? refuse(lost) : accept(said);
	},
	isolates: ({ plan, state }) => ({ kind: 'conductors', pairs: barePairIds(plan, state) }),
	applied: ({ plan, state }) => underNewPlan(plan, state)
};
