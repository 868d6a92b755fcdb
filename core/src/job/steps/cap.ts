import { z } from 'zod';
import { accept } from '../decision';
import { isBare, mapWires } from '../state';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('cap') }));

export const step: StepModule<'cap'> = {
	kind: 'cap',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	beside: (_context, { wires }, said) => (Object.values(wires).some(isBare) ? accept(said) : null),
	applied: ({ state }) => ({
		...state,
		wires: mapWires(state, (wire) => (isBare(wire) ? 'capped' : wire))
	})
};
