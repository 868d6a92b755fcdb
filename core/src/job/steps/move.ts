import { z } from 'zod';
import { moved } from '../applyWork';
import { deviceModel } from '../../house';
import { accept, refuse } from '../decision';
import { freedFromJoint } from '../freed';
import { wayNow } from '../work';
import { name, saying } from './said';
import type { StepModule } from './module';

/** A move of the work: made, and where it is a joint, whether it held a tug. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('move'),
		move: name,
		held: z.boolean(),
		/** In a box that was opened again: where an end sat that belonged elsewhere, before it was put right: a terminal, or `bare`. */
		sat: name.optional()
	})
);
export type Asks = { readonly kind: 'move'; readonly move: string; readonly again: boolean };

export const step: StepModule<'move', Asks> = {
	kind: 'move',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	by: 'move',
	judge: (context, state, said) => {
		const { plan } = context;
		if (said.sat === undefined) return accept(said, { passes: said.held, expected: null });
		// Only a joint that was made can have been made elsewhere, and only another place is elsewhere.
		const move = wayNow(plan.work!, state).moves.find(({ id }) => id === said.move);
		const again = state.moved[said.move] === 'loose' && move?.kind === 'land';
		const terminals = deviceModel(plan.newDevice).terminals.map(({ name: id }) => id);
		if (!again || said.sat === move.terminal || !['bare', ...terminals].includes(said.sat))
			return refuse({ code: 'notNow', next: context.next() });
		return accept(said, { passes: said.held, expected: null });
	},
	isolates: ({ plan, state, said }) => ({ kind: 'freed', pairs: freedFromJoint(plan, state, said.move) }),
	applied: ({ plan, state, said }) => moved(plan, state, said)
};
