import { z } from 'zod';
import { accept, refuse } from '../decision';
import { wishSchema } from '../wishSchema';
import { name, saying } from './said';
import type { StepModule } from './module';

/** A further outlet is taken into the job, and what sits in one box with it. `wish`: what goes in there; `null`: the same again. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('addBox'), box: name, wish: wishSchema.nullable() })
);

/** Said at any time. While power is off its turn waits: it is read live first, like every other. The new plans are in force when it is applied (`whole.ts`). */
export const step: StepModule<'addBox', never> = {
	kind: 'addBox',
	concerns: 'box',
	record: 'notes',
	at: 'work',
	beside: ({ addBox }, _state, said) => {
		if (!addBox) return null;
		const planned = addBox({ boxId: said.box, wish: said.wish });
		return planned.ok ? accept(said) : refuse({ code: 'cannotAdd', box: said.box, failure: planned.failure });
	}
};
