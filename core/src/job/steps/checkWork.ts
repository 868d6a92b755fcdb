import { z } from 'zod';
import { accept } from '../decision';
import { afterPower } from '../progress';
import type { JobState } from '../state';
import { checkId, tripsWithinS } from '../work';
import { name, saying } from './said';
import type { StepModule } from './module';

/** What the new part adds to the tests: as it should be, or not. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('checkWork'),
		check: name,
		passes: z.boolean(),
		/** What a tester that times it shows, s. */
		tripS: z.number().min(0).max(60).optional()
	})
);
/** Checks by which the part opens. */
const opens: readonly string[] = ['button', 'tester'];
export type Asks = { readonly kind: 'checkWork'; readonly check: string };

export const step: StepModule<'checkWork', Asks> = {
	kind: 'checkWork',
	concerns: 'box',
	record: 'tests',
	at: 'test',
	by: 'check',
	due: ({ work }, { checks }) => {
		const check = work?.checks.map(checkId).find((each) => checks[each] === undefined);
		return check === undefined ? null : { kind: 'checkWork', check };
	},
	judge: ({ plan }, _state, said) => {
		const inTime = said.tripS === undefined || said.tripS <= tripsWithinS(plan.region);
		return accept(said, { passes: said.passes && inTime, expected: null });
	},
	applied: ({ plan, state, said, passed }) => {
		const tried: JobState = {
			...state,
			checks: { ...state.checks, [said.check]: passed ? 'passed' : 'failed' },
			// Opened, or meant to be: what the face showed before says nothing any more.
			face: opens.includes(said.check) ? {} : state.face
		};
		// A part without supply does nothing, and that there is none was so before.
		const dead = plan.halves.length > 0 && plan.halves.every((half) => state.notLive.includes(half));
		return dead ? tried : afterPower(tried, passed, 'finalTest', `check ${said.check}`);
	}
};
