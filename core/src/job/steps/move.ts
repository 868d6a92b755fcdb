import { z } from 'zod';
import { moved } from '../applyWork';
import { accept } from '../decision';
import { name, saying } from './said';
import type { StepModule } from './module';

/** A move of the work: made, and where it is a joint, whether it held a tug. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('move'), move: name, held: z.boolean() })
);
export type Asks = { readonly kind: 'move'; readonly move: string; readonly again: boolean };

export const step: StepModule<'move', Asks> = {
	kind: 'move',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	by: 'move',
	judge: (_context, _state, said) => accept(said, { passes: said.held, expected: null }),
	applied: ({ plan, state, said }) => moved(plan, state, said)
};
