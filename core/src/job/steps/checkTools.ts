import { z } from 'zod';
import { accept, refuse, type Decision } from '../decision';
import { toolsNeeded } from '../fitting';
import type { JobPlan } from '../jobPlan';
import { untouched } from '../progress';
import { name, saying } from './said';
import type { Said, StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('checkTools'),
		tester: z.enum(['multimeter', 'indicator', 'none']),
		has: z.array(name).max(30)
	})
);
export type Asks = { readonly kind: 'checkTools' } | { readonly kind: 'needTester' };

export const step: StepModule<'checkTools', Asks> = {
	kind: 'checkTools',
	concerns: 'job',
	record: 'work',
	at: (_state, { kind }) => (kind === 'needTester' ? 'work' : 'start'),
	due: (_plan, { tester }) => (tester === null ? { kind: 'checkTools' } : null),
	fits: ({ kind }, { tester }) => kind === 'checkTools' || tester !== 'none',
	beside: ({ plan }, state, said) =>
		untouched(state) && state.tester !== null && said.tester === state.tester ? tools(plan, said) : null,
	judge: ({ plan }, _state, said) => tools(plan, said),
	applied: ({ state, said }) => ({ ...state, tester: said.tester })
};

function tools(plan: JobPlan, said: Said<'checkTools'>): Decision {
	const missing = toolsNeeded(plan, said.tester).filter((tool) => !said.has.includes(tool));
	return missing.length === 0 ? accept(said) : refuse({ code: 'toolsMissing', missing });
}
