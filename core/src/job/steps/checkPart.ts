import { z } from 'zod';
import { accept } from '../decision';
import { partFaults } from '../fitting';
import { partInHandSchema } from '../partInHand';
import type { JobPlan } from '../jobPlan';
import { untouched } from '../progress';
import type { JobState } from '../state';
import { saying } from './said';
import type { Said, StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('checkPart'),
		answers: z.strictObject({
			ratingA: z.number().min(0).max(100),
			tamperResistant: z.boolean(),
			sameKind: z.boolean(),
			grounded: z.boolean(),
			undamaged: z.boolean()
		}),
		/** What makes differ in. */
		hand: partInHandSchema.optional()
	})
);

export const step: StepModule<'checkPart'> = {
	kind: 'checkPart',
	concerns: 'box',
	record: 'work',
	at: 'start',
	due: ({ putBack }, { part }) => (putBack || part === 'fits' ? null : { kind: 'checkPart' }),
	beside: ({ plan }, state, said) =>
		untouched(state) && state.part !== null ? judged(plan, state, said) : null,
	judge: ({ plan }, state, said) => judged(plan, state, said),
	applied: ({ state, said, passed }) => ({
		...state,
		part: passed ? 'fits' : 'misfit',
		partRatingA: said.answers.ratingA,
		hand: said.hand ?? {}
	})
};

const judged = (plan: JobPlan, { feeder }: JobState, said: Said<'checkPart'>) =>
	accept(said, { passes: partFaults(plan, said.answers, feeder, said.hand).length === 0, expected: null });
