import { z } from 'zod';
import { cableRead } from '../applySupply';
import { accept } from '../decision';
import { name, saying } from './said';
import type { StepModule } from './module';

/** Power on, box closed, one cable alone on LINE of the new part: whether it lets itself be reset. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('trySupply'), cable: name, resets: z.boolean() })
);
export type Asks = { readonly kind: 'trySupply'; readonly cable: string };

export const step: StepModule<'trySupply', Asks> = {
	kind: 'trySupply',
	concerns: 'box',
	record: 'work',
	at: 'supplyRead',
	by: 'cable',
	// Neither answer is a failure: it tells one cable from the others.
	judge: (_context, _state, said) => accept(said),
	applied: ({ plan, state, event }) => cableRead(plan, state, event)
};
