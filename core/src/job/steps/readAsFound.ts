import { z } from 'zod';
import type { Half } from '../../house';
import { sameLamps } from '../../instruments';
import { accept } from '../decision';
import { soundLamps } from '../judge';
import { untouched } from '../progress';
import { half, lamps, saying } from './said';
import type { StepModule } from './module';

/** Before anything is switched off: what a plug-in tester shows in each half, and whether a plug holds. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readAsFound'),
		half,
		lamps,
		holds: z.boolean()
	})
);
export type Asks = { readonly kind: 'readAsFound'; readonly half: Half };

export const step: StepModule<'readAsFound', Asks> = {
	kind: 'readAsFound',
	concerns: 'box',
	record: 'live',
	at: 'liveFirst',
	by: 'half',
	due: ({ asFound, halves }, state) => {
		const left = asFound ? halves.find((each) => state.asFound[each] === undefined) : undefined;
		return left ? { kind: 'readAsFound', half: left } : null;
	},
	beside: ({ expect }, state, said) =>
		untouched(state) && state.asFound[said.half] ? accept(said, judged(expect.lamps(said.half), said)) : null,
	judge: ({ expect }, _state, said) => accept(said, judged(expect.lamps(said.half), said)),
	applied: ({ state, said: { half: where, lamps, holds } }) => ({
		...state,
		asFound: { ...state.asFound, [where]: { lamps, holds } }
	})
};

type Lamps = Parameters<typeof sameLamps>[0];
/** Nothing hangs on it but what is compared at the end: what was wrong before wasn't made here. */
const judged = (lamps: Lamps, said: { readonly lamps: Lamps; readonly holds: boolean }) => ({
	passes: sameLamps(said.lamps, soundLamps) && said.holds,
	expected: { lamps }
});
