import { z } from 'zod';
import { own } from '../../house';
import { accept } from '../decision';
import { afterPower } from '../progress';
import { name, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('checkNeighbour'), box: name, works: z.boolean() })
);
export type Asks = { readonly kind: 'checkNeighbour'; readonly box: string };

export const step: StepModule<'checkNeighbour', Asks> = {
	kind: 'checkNeighbour',
	concerns: 'box',
	record: 'tests',
	at: 'neighbours',
	by: 'box',
	due: ({ downstream, upstream }, { neighbours }) => {
		const box = [...downstream, ...upstream].find((each) => own(neighbours, each) === undefined);
		return box === undefined ? null : { kind: 'checkNeighbour', box };
	},
	judge: (_context, _state, said) => accept(said, { passes: said.works, expected: null }),
	applied: ({ plan, state, said, passed }) => {
		const neighbours = {
			...state.neighbours,
			[said.box]: passed ? ('passed' as const) : ('failed' as const)
		};
		// One before this box hangs on nothing that was done here; on a ring nothing comes before.
		const earlier = !plan.onRing && plan.upstream.includes(said.box);
		return earlier
			? { ...state, neighbours }
			: afterPower({ ...state, neighbours }, passed, 'neighbour', `neighbour ${said.box}`);
	}
};
