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
	plan.work ? openedForWork(plan, state, reopened(plan, state)) : reopened(plan, state);

/** Out of the box again: every joint is to be made or tugged anew, and what was tested no longer counts. */
function reopened(plan: JobPlan, state: JobState): JobState {
	const swapped = state.redo === 'grip';
	return {
		...state,
		device: swapped ? 'oldOut' : 'newOut',
		part: swapped ? null : state.part,
		// A uk face is its own plate.
		plate: plan.separatePlate ? 'off' : state.plate,
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
