import { z } from 'zod';
import { accept } from '../decision';
import { untouched } from '../progress';
import { protectionDecisions } from '../vocabulary';
import { saying } from './said';
import type { StepModule } from './module';

/** A rule asks for more at this place: what the person makes of it. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('decideProtection'),
		decision: z.enum(protectionDecisions)
	})
);

export const step: StepModule<'decideProtection'> = {
	kind: 'decideProtection',
	concerns: 'box',
	record: 'live',
	at: 'start',
	due: (plan, { decided }) => (plan.asked && decided === null ? { kind: 'decideProtection' } : null),
	beside: (_context, state, said) => (untouched(state) && state.decided !== null ? accept(said) : null),
	applied: ({ state, said }) => ({ ...state, decided: said.decision })
};
