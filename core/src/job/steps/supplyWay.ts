import { z } from 'zod';
import { accept, refuse } from '../decision';
import { noSupply, tellsSupply } from '../supply';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('supplyWay'), way: z.enum(['dead', 'live', 'device', 'skip']) })
);
export type Asks = { readonly kind: 'supplyWay'; readonly silent: boolean };

export const step: StepModule<'supplyWay', Asks> = {
	kind: 'supplyWay',
	concerns: 'box',
	record: 'work',
	at: 'work',
	// Where the work depends on which cable it is, it is found, never left.
	judge: ({ plan }, _state, said) =>
		plan.work && plan.work.candidates.length > 0 && said.way === 'skip'
			? refuse({ code: 'supplyNeeded' })
			: plan.beside.length > 0 && (said.way === 'live' || said.way === 'device')
				? refuse({ code: 'besideOpen', box: plan.beside[0]! })
				: said.way === 'device' && !tellsSupply(plan)
					? refuse({ code: 'partTellsNoSupply' })
					: accept(said),
	applied: ({ state, said }) => ({
		...state,
		supply: said.way === 'skip' ? { ...noSupply, outcome: 'skipped' } : { ...noSupply, way: said.way }
	})
};
