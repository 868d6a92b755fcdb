import { z } from 'zod';
import { nameText } from '../../text';
import { accept, refuse } from '../decision';
import { name, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('arranged'), thing: name, how: nameText(500) })
);

export const step: StepModule<'arranged', never> = {
	kind: 'arranged',
	concerns: 'job',
	record: 'isolation',
	at: 'panelOff',
	beside: ({ plan }, { arranged }, said) => {
		const known = Object.values(plan.hard).some((things) => things.some(({ id }) => id === said.thing));
		if (!known) return refuse({ code: 'unknownThing', thing: said.thing });
		return arranged.includes(said.thing) ? null : accept(said);
	},
	applied: ({ state, said }) => ({ ...state, arranged: [...state.arranged, said.thing] })
};
