import { z } from 'zod';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('finish') }));

export const step: StepModule<'finish'> = {
	kind: 'finish',
	concerns: 'job',
	at: 'close',
	due: () => ({ kind: 'finish' }),
	isolates: () => ({ kind: 'over' }),
	applied: ({ state }) => ({ ...state, status: 'finished' })
};
