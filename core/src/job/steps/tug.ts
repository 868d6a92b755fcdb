import { z } from 'zod';
import { accept } from '../decision';
import { name, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('tug'), terminal: name, held: z.boolean() })
);
export type Asks = { readonly kind: 'tug'; readonly terminal: string };

export const step: StepModule<'tug', Asks> = {
	kind: 'tug',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	by: 'terminal',
	due: ({ putOn }, { wires }) => {
		const loose = putOn.find(({ terminal }) => wires[terminal] === 'onNew');
		return loose ? { kind: 'tug', terminal: loose.terminal } : null;
	},
	judge: (_context, _state, said) => accept(said, { passes: said.held, expected: null }),
	applied: ({ state, said }) => ({
		...state,
		wires: { ...state.wires, [said.terminal]: said.held ? 'tugged' : 'ready' }
	})
};
