import { z } from 'zod';
import type { Half } from '../../house';
import { drawsCurrent, inRange, isTwoPoint } from '../../isolation';
import { accept, refuse, type Decision } from '../decision';
import type { Expectations } from '../expect';
import { showsGround } from '../judge';
import type { JobPlan } from '../jobPlan';
import { untouched } from '../progress';
import { half, saying, volts } from './said';
import type { Said, StepModule } from './module';

/** Power still on, at an outlet of two slots: from either slot to the screw of its plate, the larger of the two. It shows whether the metal of the box is grounded. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('readPlateScrew'), half, reading: volts })
);
export type Asks = { readonly kind: 'readPlateScrew'; readonly half: Half };

export const step: StepModule<'readPlateScrew', Asks> = {
	kind: 'readPlateScrew',
	concerns: 'box',
	record: 'live',
	at: 'liveFirst',
	by: 'half',
	// A lamp by itself can't be held between the two, and where nothing is live nothing is shown.
	due: ({ plateScrew, halves }, { boxLit, live, tester }) => {
		const lit = halves.find((each) => live[each] === 'passed');
		return plateScrew === null || boxLit !== null || lit === undefined || tester === 'none'
			? null
			: { kind: 'readPlateScrew', half: lit };
	},
	beside: ({ plan, expect }, state, said) =>
		untouched(state) && state.boxLit !== null ? judged(plan, expect, said) : null,
	judge: ({ plan, expect }, _state, said) => judged(plan, expect, said),
	applied: ({ plan, state, said }) => {
		const boxLit = showsGround(plan.region, said.reading);
		// What goes in would have its ground from this box, by the record, and there is none.
		const ends = plan.plateScrew === 'reliedOn' && !boxLit;
		return { ...state, boxLit, stops: { ...state.stops, ground: ends ? 'boxNotGround' : null } };
	}
};

function judged({ region }: JobPlan, expect: Expectations, said: Said<'readPlateScrew'>): Decision {
	if (!isTwoPoint(said.reading)) return refuse({ code: 'lampProvesNothing' });
	// A meter that draws nothing shows a floating box nearly as high as a grounded one.
	if (!drawsCurrent(said.reading)) return refuse({ code: 'needsCurrent' });
	if (!inRange(said.reading)) return refuse({ code: 'outOfRange' });
	const wanted = expect.plateScrewV(said.half);
	const expected = { instrument: 'multimeter', volts: wanted, mode: 'lowImpedance' } as const;
	return accept(said, {
		passes: showsGround(region, said.reading) === showsGround(region, expected),
		expected: { volts: wanted }
	});
}
