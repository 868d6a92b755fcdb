import { z } from 'zod';
import { deadBand, inRange, isTwoPoint, liveAboveV } from '../../isolation';
import { accept, refuse } from '../decision';
import { ownLead } from '../earth';
import { name, saying, volts } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('proveTester'),
		when: z.enum(['before', 'after']),
		source: name,
		reading: volts
	})
);
export type Asks = { readonly kind: 'proveTester'; readonly when: 'before' | 'after' };

export const step: StepModule<'proveTester', Asks> = {
	kind: 'proveTester',
	concerns: 'box',
	at: 'work',
	by: 'when',
	judge: ({ expect }, _state, said) => {
		if (!isTwoPoint(said.reading)) return refuse({ code: 'lampProvesNothing' });
		if (!inRange(said.reading)) return refuse({ code: 'outOfRange' });
		// What all of it is read to is shown to be a ground, before and after: with the main switch off nothing can show it.
		if (said.source !== ownLead && (expect.sourceV(ownLead) ?? 0) > liveAboveV)
			return refuse({ code: 'proveOnLead' });
		const volts = expect.sourceV(said.source);
		if (volts === null) return refuse({ code: 'unknownSource', source: said.source });
		return accept(said, { passes: deadBand(said.reading) === 'live', expected: { volts } });
	},
	isolates: ({ said, event }) => ({ ...said, id: event.id }),
	// Nothing there: the tester has failed, or the lead's ground has.
	applied: ({ state, said, passed }) =>
		said.source === ownLead && !passed ? { ...state, earth: { source: null } } : state
};
