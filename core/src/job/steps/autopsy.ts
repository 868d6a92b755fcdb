import { z } from 'zod';
import { accept, refuse } from '../decision';
import { autopsyFaults, ohmsInRange } from '../judge';
import { ohms, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('autopsy'),
		autopsy: z.strictObject({
			looks: z.enum(['sound', 'discoloured', 'scorched', 'cracked']),
			grip: z.enum(['firm', 'weak', 'none']),
			hotNeutral: ohms,
			hotGround: ohms.nullable(),
			through: ohms
		})
	})
);

export const step: StepModule<'autopsy', never> = {
	kind: 'autopsy',
	concerns: 'box',
	record: 'work',
	at: 'work',
	beside: (_context, { device }, said) => {
		if (device === 'oldSeated' || device === 'oldOut') return null;
		const { hotNeutral, hotGround, through } = said.autopsy;
		const values = [hotNeutral, through, ...(hotGround ? [hotGround] : [])];
		if (!values.every(ohmsInRange)) return refuse({ code: 'outOfRange' });
		return accept(said, { passes: autopsyFaults(said.autopsy).length === 0, expected: null });
	}
};
