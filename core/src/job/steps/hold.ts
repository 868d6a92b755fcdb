import { z } from 'zod';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('hold'),
		way: z.enum(['padlock', 'clip', 'tape', 'watch'])
	})
);

export const step: StepModule<'hold'> = {
	kind: 'hold',
	concerns: 'job',
	record: 'isolation',
	at: 'panelOff',
	isolates: ({ said }) => said
};
