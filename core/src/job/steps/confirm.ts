import { z } from 'zod';
import { accept } from '../decision';
import { confirmedSteps, type Confirmed } from '../vocabulary';
import { confirmable } from './confirmable';
import { saying } from './said';
import type { StepModule } from './module';

/** What is simply done or not. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('confirm'), step: z.enum(confirmedSteps) })
);
export type Asks = { readonly kind: 'confirm'; readonly step: Confirmed };

export const step: StepModule<'confirm', Asks> = {
	kind: 'confirm',
	concerns: 'box',
	at: (state, { step: which }) => {
		const { at } = confirmable[which];
		return typeof at === 'function' ? at(state) : at;
	},
	by: 'step',
	touches: ({ step: which }) => confirmable[which].touches ?? false,
	// Whatever a stop still asks for may be done on the way to it.
	beside: (context, _state, said) => {
		const way = context.towardsStop();
		return way.kind === 'confirm' && way.step === said.step ? accept(said) : null;
	},
	isolates: ({ plan, state, said }) => confirmable[said.step].isolates?.(plan, state) ?? null,
	applied: ({ plan, state, said }) => confirmable[said.step].applied(state, plan)
};
