import { z } from 'zod';
import { own } from '../../house';
import { accept, refuse } from '../decision';
import { notShorted, ohmsInRange } from '../judge';
import { name, ohms, saying } from './said';
import type { StepModule } from './module';

/** Wires off, before the new part: hot to neutral of one cable, or of the tails. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('readBaseline'), group: name, value: ohms })
);
export type Asks = { readonly kind: 'readBaseline'; readonly group: string };

export const step: StepModule<'readBaseline', Asks> = {
	kind: 'readBaseline',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	by: 'group',
	due: ({ baselines }, { baseline }) => {
		const base = baselines.find(({ group }) => own(baseline, group) === undefined);
		return base ? { kind: 'readBaseline', group: base.group } : null;
	},
	judge: ({ expect }, _state, said) => {
		if (!ohmsInRange(said.value)) return refuse({ code: 'outOfRange' });
		const resistanceOhm = expect.baselineOhm(said.group);
		return accept(said, { passes: notShorted(said.value), expected: { resistanceOhm } });
	},
	applied: ({ state, said }) => ({ ...state, baseline: { ...state.baseline, [said.group]: said.value } })
};
