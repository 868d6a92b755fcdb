import { z } from 'zod';
import type { Half } from '../../house';
import { liveAboveV, multimeterRangeV } from '../../isolation';
import { accept, refuse } from '../decision';
import { judgeLoaded, loadFromW, loadToW } from '../loaded';
import { half, saying } from './said';
import type { StepModule } from './module';

/** Why a loaded test was left: kept on record. */
export const leftBecause = ['noLoad', 'notNow'] as const;
const voltsRead = () => z.number().min(0).max(multimeterRangeV);

/** A kettle or heater plugged in: what it does to the volts. A lamp lights through a joint that burns under load. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readLoaded'),
		half,
		read: z.discriminatedUnion('kind', [
			z.strictObject({
				kind: z.literal('volts'),
				watts: z.number().min(loadFromW).max(loadToW),
				offV: voltsRead(),
				onV: voltsRead(),
				neutralGroundV: voltsRead().nullable()
			}),
			z.strictObject({ kind: z.literal('left'), because: z.enum(leftBecause) })
		])
	})
);
export type Asks = { readonly kind: 'readLoaded'; readonly half: Half };

export const step: StepModule<'readLoaded', Asks> = {
	kind: 'readLoaded',
	concerns: 'box',
	record: 'tests',
	at: 'test',
	by: 'half',
	// It takes a meter, since an indicator knows steps of volts only: who proves with one has a meter with them for the resistances.
	due: ({ newHalves, putBack }, { loaded, tester, final }) => {
		// Where nothing is right there is nothing to load.
		const half = newHalves.find((each) => final[each] === 'passed');
		return half !== undefined && !putBack && loaded === null && tester !== 'none'
			? { kind: 'readLoaded', half }
			: null;
	},
	judge: ({ plan, expect }, _state, said) => {
		if (said.read.kind === 'left') return accept(said);
		const { offV, onV } = said.read;
		// More with the load on than without is a slip of the pen, or another outlet. Hardly anything left is the worst joint there is.
		if (offV <= liveAboveV || onV > offV + 2) return refuse({ code: 'loadedCant', offV, onV });
		const model = expect.loaded(said.half, said.read.watts);
		const loaded = judgeLoaded(plan.region, said.read, model);
		const sound = loaded.feed === 'sound' && loaded.neutral !== 'none' && loaded.neutral !== 'high';
		return accept(said, { passes: sound, expected: { volts: model.onV }, loaded });
	},
	// What it finds may lie anywhere between the panel and here: it is said and kept, and no reason to open this box again.
	applied: ({ state, said, passed }) => ({
		...state,
		loaded: said.read.kind === 'left' ? 'left' : passed ? 'passed' : 'failed'
	})
};
