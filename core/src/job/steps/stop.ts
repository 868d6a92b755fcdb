import { z } from 'zod';
import { freeText } from '../../text';
import { accept, refuse } from '../decision';
import { stopReasons } from '../vocabulary';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('stop'),
		reason: z.enum(stopReasons),
		note: freeText(500)
	})
);

export const step: StepModule<'stop'> = {
	kind: 'stop',
	concerns: 'job',
	record: 'notes',
	at: ({ device }) => (device === 'oldSeated' ? 'liveFirst' : 'work'),
	beside: (context, _state, said) => {
		const way = context.towardsStop(true);
		return way.kind === 'stop' ? accept(said) : refuse({ code: 'makeSafeFirst', next: way });
	},
	isolates: () => ({ kind: 'over' }),
	applied: ({ state, said }) => ({ ...state, status: 'stopped', stopReason: said.reason })
};
