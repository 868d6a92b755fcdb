import { z } from 'zod';
import { ownReadingFromOhm } from '../../house';
import { accept, refuse } from '../decision';
import { judgeOhms, lowestOf, ohmsInRange } from '../judge';
import type { JobPlan } from '../jobPlan';
import { resistanceChecks, type ResistanceCheck } from '../vocabulary';
import type { JobState } from '../state';
import { ohms, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readOhms'),
		check: z.enum(resistanceChecks),
		value: ohms
	})
);
export type Asks = { readonly kind: 'readOhms'; readonly check: ResistanceCheck };

export const step: StepModule<'readOhms', Asks> = {
	kind: 'readOhms',
	concerns: 'box',
	record: 'tests',
	at: 'work',
	by: 'check',
	due: (plan, state) => {
		const check = checksNow(plan, state).find((each) => state.resistance[each] === undefined);
		return check ? { kind: 'readOhms', check } : null;
	},
	judge: ({ plan, expect }, { baseline }, said) => {
		if (!ohmsInRange(said.value)) return refuse({ code: 'outOfRange' });
		const resistanceOhm = expect.resistanceOhm(said.check);
		const { passes } = judgeOhms(
			said.check,
			said.value,
			resistanceOhm,
			lowestOf(baseline),
			ownReadingFromOhm(plan.newDevice)
		);
		return accept(said, { passes, expected: { resistanceOhm } });
	},
	applied: ({ state, said, passed }) => ({
		...state,
		resistance: { ...state.resistance, [said.check]: passed ? 'passed' : 'failed' }
	})
};

/** Ground to the box is asked of a metal one. */
export const checksNow = (
	{ resistanceChecks, newGrounded }: JobPlan,
	{ metalBox }: JobState
): ResistanceCheck[] => [
	...resistanceChecks.filter((check) => check !== 'groundBox'),
	...(metalBox && newGrounded ? (['groundBox'] as const) : [])
];
