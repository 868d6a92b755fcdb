import { z } from 'zod';
import { accept } from '../decision';
import { afterPower } from '../progress';
import { checkId } from '../work';
import { name, saying } from './said';
import type { StepModule } from './module';

/** What the new part adds to the tests: as it should be, or not. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('checkWork'), check: name, passes: z.boolean() })
);
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
	judge: (_context, _state, said) => accept(said, { passes: said.passes, expected: null }),
	applied: ({ state, said, passed }) =>
		afterPower(
			{ ...state, checks: { ...state.checks, [said.check]: passed ? 'passed' : 'failed' } },
			passed,
			'finalTest'
		)
};
