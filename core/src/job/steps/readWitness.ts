import { z } from 'zod';
import { name, saying } from './said';
import type { StepModule } from './module';

/** The outlet that stands for one that was dead from the start: whether what was lit there has gone dark. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('readWitness'), box: name, lit: z.boolean() })
);
export type Asks = { readonly kind: 'readWitness'; readonly box: string };

export const step: StepModule<'readWitness', Asks> = {
	kind: 'readWitness',
	concerns: 'box',
	record: 'isolation',
	at: 'work',
	by: 'box',
	due: (_plan, { witness }) => (witness && !witness.dark ? { kind: 'readWitness', box: witness.box } : null),
	// Still lit: it is as if the outlet itself had been read live.
	alive: ({ lit }) => lit,
	isolates: ({ said }) => (said.lit ? { kind: 'stayedLive', at: said.box } : null),
	applied: ({ state, said }) => ({ ...state, witness: { box: said.box, dark: !said.lit } })
};
