import { z } from 'zod';
import { openedForWork } from '../applyWork';
import type { JobPlan } from '../jobPlan';
import { barePairIds } from '../progress';
import { mapWires, noClosing, type JobState } from '../state';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('reopen') }));

export const step: StepModule<'reopen'> = {
	kind: 'reopen',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	isolates: ({ plan, state }) => ({ kind: 'exposed', pairs: barePairIds(plan, state) }),
	applied: ({ plan, state }) => openedAgain(plan, state)
};

/** Out of the box again; where something else was put in, with its moves to be gone over. */
export const openedAgain = (plan: JobPlan, state: JobState): JobState =>
	plan.work ? openedForWork(plan, state, reopened(state)) : reopened(state);

/** Out of the box again: every joint is to be made or tugged anew, and what was tested no longer counts. */
function reopened(state: JobState): JobState {
	const swapped = state.redo === 'grip';
	return {
		...state,
		landed: swapped ? {} : state.landed,
		device: swapped ? 'oldOut' : 'newOut',
		part: swapped ? null : state.part,
		plate: 'off',
		wires: mapWires(state, () => (swapped ? 'onOld' : 'onNew')),
		closing: noClosing,
		resistance: {},
		final: {},
		checks: {},
		neighbours: {},
		loaded: null,
		grip: {},
		nothingLeft: false,
		face: {},
		unseen: [],
		redo: null
	};
}
