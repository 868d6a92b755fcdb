import { z } from 'zod';
import { accept } from '../decision';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('changed'),
		what: z.enum(['powerSeen', 'ohmmeterLive', 'foundUnlocked', 'wasAway', 'otherBoxOpened'])
	})
);

export const step: StepModule<'changed', never> = {
	kind: 'changed',
	concerns: 'job',
	record: 'isolation',
	at: 'work',
	beside: (_context, _state, said) => accept(said),
	isolates: ({ said }) => said
};
