import { z } from 'zod';
import { accept, refuse } from '../decision';
import { name, saying } from './said';
import type { StepModule } from './module';

/** The outlet that was taken in last is left out again, untouched as it is, with what sits in one box with it. */
export const schema = saying(() => z.strictObject({ kind: z.literal('dropBox'), box: name }));

export const step: StepModule<'dropBox', never> = {
	kind: 'dropBox',
	concerns: 'box',
	record: 'notes',
	at: 'work',
	beside: (context, _state, said) =>
		context.mayDrop(said.box) ? accept(said) : refuse({ code: 'cannotDrop', box: said.box })
};
