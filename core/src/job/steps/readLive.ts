import { z } from 'zod';
import type { Half } from '../../house';
import { deadBand, inRange, isTwoPoint } from '../../isolation';
import { accept, refuse, type Decision } from '../decision';
import type { Expectations } from '../expect';
import { farOff } from '../judge';
import { untouched } from '../progress';
import { initialJob, type JobState } from '../state';
import { half, saying, volts } from './said';
import type { Said, StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('readLive'), half, reading: volts }));
export type Asks = { readonly kind: 'readLive'; readonly half: Half };

export const step: StepModule<'readLive', Asks> = {
	kind: 'readLive',
	concerns: 'box',
	record: 'live',
	at: 'liveFirst',
	by: 'half',
	due: ({ halves }, { live, notLive }) => {
		const left = halves.find((each) => live[each] !== 'passed' && !notLive.includes(each));
		return left ? { kind: 'readLive', half: left } : null;
	},
	beside: ({ expect }, state, said) =>
		untouched(state) && state.live[said.half] ? judged(expect, state, said) : null,
	judge: ({ expect }, state, said) => judged(expect, state, said),
	alive: ({ reading }) => deadBand(reading) === 'live',
	// Power came after all: what had stood for it isn't needed any more.
	isolates: ({ plan, state, said, event }) =>
		event.judged?.passes && isLast(state.notLive, said.half)
			? { kind: 'reference', facePairs: plan.facePairs.map(({ id }) => id) }
			: null,
	applied: ({ plan, state, said, passed }) => {
		const off = passed && farOff(plan.region, said.reading);
		const live: JobState = {
			...state,
			live: { ...state.live, [said.half]: passed ? 'passed' : 'failed' },
			stops: { ...state.stops, supply: off ? 'supplyOff' : null }
		};
		if (!passed || !state.notLive.includes(said.half)) return live;
		const notLive = state.notLive.filter((each) => each !== said.half);
		return isLast(state.notLive, said.half)
			? { ...live, notLive, witness: null, earth: initialJob(plan).earth, toKnown: {} }
			: { ...live, notLive };
	}
};

const isLast = (notLive: readonly Half[], half: Half): boolean => notLive.length === 1 && notLive[0] === half;

function judged(expect: Expectations, { tester }: JobState, said: Said<'readLive'>): Decision {
	const { reading } = said;
	// A lamp is taken here only from somebody who has nothing better yet: it shows that there is power, which is what is asked.
	if (!isTwoPoint(reading) && (tester !== 'none' || reading.instrument !== 'lamp'))
		return refuse({ code: 'otherInstrument' });
	if (!inRange(reading)) return refuse({ code: 'outOfRange' });
	return accept(said, {
		passes: deadBand(reading) === 'live',
		expected: { volts: expect.liveV(said.half) }
	});
}
