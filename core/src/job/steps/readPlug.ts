import { z } from 'zod';
import type { Half } from '../../house';
import { inRange } from '../../isolation';
import { sameLamps, type PlugLamps } from '../../instruments';
import { accept, refuse } from '../decision';
import { soundLamps } from '../judge';
import { tested, untestedHalf } from '../progress';
import { half, lamps, saying, volts } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readPlug'),
		half,
		lamps,
		volts: volts.optional()
	})
);
export type Asks = { readonly kind: 'readPlug'; readonly half: Half };

export const step: StepModule<'readPlug', Asks> = {
	kind: 'readPlug',
	concerns: 'box',
	record: 'tests',
	at: 'test',
	by: 'half',
	due: (plan, state) => {
		const left = untestedHalf(plan, state);
		return left && plan.newGrounded ? { kind: 'readPlug', half: left } : null;
	},
	judge: ({ expect }, _state, said) => {
		if (said.volts && !inRange(said.volts)) return refuse({ code: 'outOfRange' });
		const lamps = expect.lamps(said.half);
		// Both: as the model says, and as it should be; were the record itself wrong, the same wrong lamps would not pass.
		return accept(said, {
			passes: sameLamps(said.lamps, lamps) && sameLamps(said.lamps, soundLamps),
			expected: { lamps }
		});
	},
	applied: ({ state, said, passed }) => {
		const was = state.asFound[said.half]?.lamps;
		return tested(state, said.half, {
			passed,
			lit: Object.values(said.lamps).includes(true),
			seen: lampKey(said.lamps),
			inherited: was !== undefined && !sameLamps(was, soundLamps) && sameLamps(was, said.lamps)
		});
	}
};

const lampKey = ({ hotNeutral, hotGround, neutralGround }: PlugLamps): string =>
	`lamps ${[hotNeutral, hotGround, neutralGround].map(Number).join('')}`;
