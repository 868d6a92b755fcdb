import { z } from 'zod';
import { cableRead } from '../applySupply';
import { name, saying } from './said';
import type { StepModule } from './module';

/** Power on, ends capped and apart: a contactless tester along the insulation of one cable’s hot. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('touchSupply'), cable: name, alarms: z.boolean() })
);
export type Asks = { readonly kind: 'touchSupply'; readonly cable: string };

export const step: StepModule<'touchSupply', Asks> = {
	kind: 'touchSupply',
	concerns: 'box',
	record: 'work',
	at: 'supplyRead',
	by: 'cable',
	applied: ({ plan, state, event }) => cableRead(plan, state, event)
};
