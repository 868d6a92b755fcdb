import { z } from 'zod';
import type { Half } from '../../house';
import { accept, refuse, type Decision } from '../decision';
import { pairsToRead } from '../pairs';
import type { JobPlan } from '../jobPlan';
import { untouched } from '../progress';
import type { JobState } from '../state';
import { half, name, saying } from './said';
import type { Said, StepModule } from './module';

/**
 * A half that can't be shown live first: burned, or an open conductor somewhere before it. `witness`: an outlet that hangs on the same breaker, where something is lit
 * now and has to go dark; `null`: nothing there is lit. What couldn't be shown live is treated as live until every conductor was read to a known earth.
 */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('deadFromStart'), half, witness: name.nullable() })
);

/** Asked where a new part stays dark, before the box is opened again. */
export type Asks = { readonly kind: 'deadFromStart'; readonly half: Half };

export const step: StepModule<'deadFromStart', Asks> = {
	kind: 'deadFromStart',
	concerns: 'box',
	record: 'live',
	at: ({ device }) => (device === 'newSeated' ? 'test' : 'liveFirst'),
	by: 'half',
	beside: ({ plan }, state, said) => {
		if (!plan.deadFromStart || !untouched(state) || state.live[said.half] !== 'failed') return null;
		return judged(plan, said);
	},
	judge: ({ plan }, _state, said) => judged(plan, said),
	isolates: ({ plan, state }) =>
		state.device === 'newSeated'
			? null
			: {
					kind: 'reference',
					facePairs: pairsToRead(plan, { source: null }).face.map(({ id }) => id)
				},
	applied: ({ state, said }) => {
		const witness = said.witness === null ? null : { box: said.witness, dark: false };
		return state.device === 'newSeated'
			? { ...state, witness, unseen: [...state.unseen, said.half] }
			: fromStart(state, said.half, witness);
	}
};

const judged = (plan: JobPlan, said: Said<'deadFromStart'>): Decision =>
	said.witness !== null && !plan.witnesses.includes(said.witness)
		? refuse({ code: 'noWitness', box: said.witness })
		: accept(said);

const fromStart = (state: JobState, half: Half, witness: JobState['witness']): JobState => ({
	...state,
	notLive: [...state.notLive.filter((each) => each !== half), half],
	witness,
	earth: { source: null },
	toKnown: {}
});
