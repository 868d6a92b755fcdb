import { z } from 'zod';
import type { Half } from '../../house';
import { accept } from '../decision';
import { afterPower } from '../progress';
import { half, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('grip'), half, holds: z.boolean() }));
export type Asks = { readonly kind: 'grip'; readonly half: Half };

export const step: StepModule<'grip', Asks> = {
	kind: 'grip',
	concerns: 'box',
	record: 'tests',
	at: 'close',
	by: 'half',
	due: ({ newHalves, putBack }, { grip }) => {
		// One that was only taken out has the contacts it had.
		const left = putBack ? undefined : newHalves.find((each) => grip[each] === undefined);
		return left ? { kind: 'grip', half: left } : null;
	},
	judge: (_context, _state, said) => accept(said, { passes: said.holds, expected: null }),
	applied: ({ state, said, passed }) =>
		afterPower(
			{ ...state, grip: { ...state.grip, [said.half]: passed ? 'passed' : 'failed' } },
			passed,
			'grip',
			// Each time another part.
			null
		)
};
