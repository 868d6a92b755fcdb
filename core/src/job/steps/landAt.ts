import { z } from 'zod';
import { energyOf } from '../../isolation';
import { accept, refuse } from '../decision';
import { otherTerminals, underNewLanding } from '../landAt';
import { mustStop } from '../state';
import { name, saying } from './said';
import type { StepModule } from './module';

/** A landing of the plan, and the terminal it goes to instead. */
export const schema = saying(() => z.strictObject({ kind: z.literal('landAt'), move: name, terminal: name }));

/** Said where the planned screw can't be had, or another is better: the model has to agree. The changed plan is in force when it is applied (`whole.ts`). */
export const step: StepModule<'landAt', never> = {
	kind: 'landAt',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	beside: (context, state, said) => {
		const { plan } = context;
		const open = state.device === 'none' || state.device === 'newOut';
		if (!open || mustStop(state) !== null || !context.landAt) return null;
		if (!otherTerminals(plan, state, said.move).includes(said.terminal)) return null;
		if (energyOf(state.isolation) !== 'provenDead')
			return refuse({ code: 'notProvenDead', energy: energyOf(state.isolation), next: context.next() });
		const planned = context.landAt(said.move, said.terminal);
		if (!planned) return null;
		return planned.ok ? accept(said) : refuse({ code: 'cannotPlanAnew', failure: planned.failure });
	},
	applied: ({ plan, state, said }) => underNewLanding(plan, state, said.terminal)
};
