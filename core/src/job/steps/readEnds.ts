import { z } from 'zod';
import { own } from '../../house';
import { accept, refuse, type Decision } from '../decision';
import type { Expectations } from '../expect';
import { judgeEnds, ohmsInRange } from '../judge';
import { ohms, saying } from './said';
import type { Said, StepModule } from './module';

/** Legs apart, dead: from the end of one cable to that of the other, conductor by conductor. It tells a ring from a radial, and a broken one from a whole one. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readEnds'),
		role: z.enum(['hot', 'neutral', 'ground']),
		value: ohms
	})
);
export type Asks = { readonly kind: 'readEnds'; readonly role: 'hot' | 'neutral' | 'ground' };

export const step: StepModule<'readEnds', Asks> = {
	kind: 'readEnds',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	by: 'role',
	due: (plan, { ends }) => {
		const left = plan.ends.find(({ role }) => own(ends, role) === undefined);
		return left ? { kind: 'readEnds', role: left.role } : null;
	},
	// Read again as long as the legs are apart: a tip that didn’t touch reads open.
	beside: ({ expect }, state, said) =>
		state.device === 'none' && own(state.ends, said.role) !== undefined ? judged(expect, said) : null,
	judge: ({ expect }, _state, said) => judged(expect, said),
	applied: ({ plan, state, said, passed }) => {
		const ends = { ...state.ends, [said.role]: passed ? ('passed' as const) : ('failed' as const) };
		// All of them are read before it ends: who mends it is told which are open. A ring with a leg open goes on working, and no swap cures that.
		const read = plan.ends.every(({ role }) => own(ends, role) !== undefined);
		const open = plan.onRing && read && Object.values(ends).includes('failed');
		return { ...state, ends, stops: { ...state.stops, ends: open ? 'ringOpen' : null } };
	}
};

function judged(expect: Expectations, said: Said<'readEnds'>): Decision {
	if (!ohmsInRange(said.value)) return refuse({ code: 'outOfRange' });
	const resistanceOhm = expect.endsOhm(said.role);
	return accept(said, { passes: judgeEnds(said.value, resistanceOhm), expected: { resistanceOhm } });
}
