import { z } from 'zod';
import type { Half } from '../../house';
import { deadBand, inRange, isTwoPoint } from '../../isolation';
import { accept, refuse } from '../decision';
import { outletPasses } from '../judge';
import { tested, untestedHalf } from '../progress';
import { half, saying, volts } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readOutlet'),
		half,
		hotNeutral: volts,
		neutralEarth: volts
	})
);
export type Asks = { readonly kind: 'readOutlet'; readonly half: Half };

export const step: StepModule<'readOutlet', Asks> = {
	kind: 'readOutlet',
	concerns: 'box',
	record: 'tests',
	at: 'test',
	by: 'half',
	due: (plan, state) => {
		const left = untestedHalf(plan, state);
		return left && !plan.newGrounded ? { kind: 'readOutlet', half: left } : null;
	},
	judge: ({ expect }, _state, said) => {
		const { hotNeutral, neutralEarth } = said;
		if (!isTwoPoint(hotNeutral) || !isTwoPoint(neutralEarth)) return refuse({ code: 'lampProvesNothing' });
		if (!inRange(hotNeutral) || !inRange(neutralEarth)) return refuse({ code: 'outOfRange' });
		return accept(said, { passes: outletPasses(said), expected: { volts: expect.liveV(said.half) } });
	},
	applied: ({ state, said, passed }) => {
		const lit = deadBand(said.hotNeutral) === 'live';
		return tested(state, said.half, {
			passed,
			lit,
			seen: `volts ${deadBand(said.hotNeutral)} ${deadBand(said.neutralEarth)}`,
			inherited:
				!lit && (state.notLive.includes(said.half) || state.asFound[said.half]?.lamps.hotNeutral === false)
		});
	}
};
