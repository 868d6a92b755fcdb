import { z } from 'zod';
import type { Half } from '../../house';
import { deadBand, drawsCurrent, inRange } from '../../isolation';
import { accept, refuse, type Decision } from '../decision';
import type { Expectations } from '../expect';
import { pairsToRead } from '../pairs';
import { untouched } from '../progress';
import { half, saying, volts } from './said';
import type { Said, StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readLiveGround'),
		half,
		reading: volts,
		touchless: z.enum(['silent', 'alarms', 'none'])
	})
);
export type Asks = { readonly kind: 'readLiveGround'; readonly half: Half };

export const step: StepModule<'readLiveGround', Asks> = {
	kind: 'readLiveGround',
	concerns: 'box',
	record: 'live',
	at: 'liveFirst',
	by: 'half',
	due: ({ halves }, { earth }) =>
		earth === 'untested' ? { kind: 'readLiveGround', half: halves[0]! } : null,
	beside: ({ expect }, state, said) =>
		untouched(state) && state.earth !== 'untested' && state.notLive.length === 0
			? judged(expect, said)
			: null,
	judge: ({ expect }, _state, said) => judged(expect, said),
	alive: ({ reading }) => deadBand(reading) === 'live',
	isolates: ({ plan, event }) => ({
		kind: 'reference',
		facePairs: pairsToRead(plan, event.judged?.passes ? 'box' : { source: null }).face.map(({ id }) => id)
	}),
	applied: ({ state, passed }) => ({
		...state,
		earth: passed ? 'box' : { source: null },
		toKnown: {},
		stops: { ...state.stops, ground: null }
	})
};

function judged(expect: Expectations, said: Said<'readLiveGround'>): Decision {
	if (said.reading.instrument === 'lamp') return refuse({ code: 'lampProvesNothing' });
	if (!drawsCurrent(said.reading)) return refuse({ code: 'needsCurrent' });
	if (!inRange(said.reading)) return refuse({ code: 'outOfRange' });
	const passes = deadBand(said.reading) === 'live' && said.touchless === 'silent';
	return accept(said, { passes, expected: { volts: expect.liveGroundV(said.half) } });
}
