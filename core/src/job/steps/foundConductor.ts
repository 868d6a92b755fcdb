import { z } from 'zod';
import { colour } from '../../house/schema';
import { accept, refuse } from '../decision';
import { foundPairs } from '../pairs';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('foundConductor'),
		id: z.string().regex(/^[a-z0-9-]{1,40}$/),
		colour,
		where: z.enum(['passing', 'onDevice'])
	})
);

export const step: StepModule<'foundConductor', never> = {
	kind: 'foundConductor',
	concerns: 'box',
	record: 'work',
	at: 'work',
	beside: (_context, { isolation, found }, said) => {
		if (isolation.closed) return null;
		return found.includes(said.id) ? refuse({ code: 'conductorKnown', id: said.id }) : accept(said);
	},
	isolates: ({ plan, said }) => ({ kind: 'foundConductor', pairs: foundPairs(plan, said.id) }),
	applied: ({ state, said }) => ({
		...state,
		found: [...state.found, said.id],
		stops: { ...state.stops, found: said.where === 'onDevice' ? 'foundOnDevice' : state.stops.found }
	})
};
