import { z } from 'zod';
import type { Half } from '../../house';
import { accept } from '../decision';
import { wrongAsFound } from '../compared';
import type { Expectations } from '../expect';
import type { JobPlan } from '../jobPlan';
import { untouched } from '../progress';
import { half, lamps, saying } from './said';
import type { Said, StepModule } from './module';

/** Before anything is switched off: what a plug-in tester shows in each half, and whether a plug holds. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readAsFound'),
		half,
		lamps,
		holds: z.boolean()
	})
);
export type Asks = { readonly kind: 'readAsFound'; readonly half: Half };

export const step: StepModule<'readAsFound', Asks> = {
	kind: 'readAsFound',
	concerns: 'box',
	record: 'live',
	at: 'liveFirst',
	by: 'half',
	due: ({ asFound, halves }, state) => {
		const left = asFound ? halves.find((each) => state.asFound[each] === undefined) : undefined;
		return left ? { kind: 'readAsFound', half: left } : null;
	},
	beside: (context, state, said) =>
		untouched(state) && state.asFound[said.half] ? accept(said, judged(context, said)) : null,
	judge: (context, _state, said) => accept(said, judged(context, said)),
	applied: ({ state, said: { half: where, lamps, holds } }) => ({
		...state,
		asFound: { ...state.asFound, [where]: { lamps, holds } }
	})
};

/** Nothing hangs on it but what is compared at the end: what was wrong before wasn't made here. */
const judged = (
	{ plan, expect }: { readonly plan: JobPlan; readonly expect: Expectations },
	said: Said<'readAsFound'>
) => ({ passes: !wrongAsFound(plan, said), expected: { lamps: expect.lamps(said.half) } });
