import { z } from 'zod';
import { inRange, isTwoPoint } from '../../isolation';
import { cableRead } from '../applySupply';
import { accept, refuse } from '../decision';
import { judgeSupplyVolts } from '../supply';
import { name, saying, volts } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readSupplyVolts'),
		cable: name,
		hotNeutral: volts,
		hotGround: volts
	})
);
export type Asks = { readonly kind: 'readSupplyVolts'; readonly cable: string };

export const step: StepModule<'readSupplyVolts', Asks> = {
	kind: 'readSupplyVolts',
	concerns: 'box',
	record: 'work',
	at: 'supplyRead',
	by: 'cable',
	judge: ({ expect }, _state, said) => {
		const { hotNeutral, hotGround } = said;
		if (!isTwoPoint(hotNeutral) || !isTwoPoint(hotGround)) return refuse({ code: 'lampProvesNothing' });
		if (!inRange(hotNeutral) || !inRange(hotGround)) return refuse({ code: 'outOfRange' });
		const cable = judgeSupplyVolts(hotNeutral, hotGround);
		const expected = { volts: expect.supplyV('supply') };
		return accept(said, { passes: cable !== 'odd', cable, expected });
	},
	applied: ({ plan, state, event }) => cableRead(plan, state, event)
};
