import { z } from 'zod';
import { accept, refuse } from '../decision';
import { name, saying } from './said';
import type { StepModule } from './module';

const searchEvent = saying(() =>
	z.discriminatedUnion('kind', [
		z.strictObject({
			kind: z.literal('answer'),
			off: z.array(name).min(1).max(200),
			answer: z.enum(['dark', 'on', 'unsure']),
			by: z.enum(['lamp', 'radio', 'helper'])
		}),
		z.strictObject({ kind: z.literal('signal'), strongest: name.nullable() })
	])
);
export const schema = saying(() => z.strictObject({ kind: z.literal('searched'), event: searchEvent }));

export const step: StepModule<'searched', never> = {
	kind: 'searched',
	concerns: 'job',
	record: 'isolation',
	at: 'panelOff',
	beside: (context, state, said) => {
		// A search touches nothing: breakers go off and on again, and one looks. Once the box is open that is no way to look any more.
		const { event } = said;
		const named = event.kind === 'answer' ? event.off : event.strongest ? [event.strongest] : [];
		const unknown = named.find((id) => !context.plan.breakers.includes(id));
		if (unknown !== undefined) return refuse({ code: 'unknownBreaker', breaker: unknown });
		return context.next()?.kind === 'switchOff' && state.device === 'oldSeated' ? accept(said) : null;
	},
	applied: ({ state, said }) => ({
		...state,
		search: { ...state.search, events: [...state.search.events, said.event] }
	})
};
