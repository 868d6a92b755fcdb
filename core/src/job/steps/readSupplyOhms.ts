import { z } from 'zod';
import { cableRead } from '../applySupply';
import { judgeAlone } from '../contrast';
import { accept, refuse } from '../decision';
import { ohmsInRange } from '../judge';
import { name, ohms, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('readSupplyOhms'), cable: name, value: ohms })
);
export type Asks = { readonly kind: 'readSupplyOhms'; readonly cable: string };

export const step: StepModule<'readSupplyOhms', Asks> = {
	kind: 'readSupplyOhms',
	concerns: 'box',
	record: 'work',
	at: 'work',
	touches: true,
	by: 'cable',
	judge: ({ expect }, _state, said) => {
		if (!ohmsInRange(said.value)) return refuse({ code: 'outOfRange' });
		const resistanceOhm = expect.supplyOhm('supply');
		const cable = judgeAlone(said.value, resistanceOhm);
		return accept(said, { passes: cable !== 'odd', cable, expected: { resistanceOhm } });
	},
	applied: ({ plan, state, event }) => cableRead(plan, state, event)
};
