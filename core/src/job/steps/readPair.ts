import { z } from 'zod';
import { own } from '../../house';
import { deadBand, inRange, isTwoPoint } from '../../isolation';
import { accept, refuse, type Decision } from '../decision';
import type { Expectations } from '../expect';
import type { JobState } from '../state';
import { name, saying, volts } from './said';
import type { Said, StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('readPair'), pair: name, reading: volts })
);
export type Asks = { readonly kind: 'readPair'; readonly pair: string; readonly lowImpedance: boolean };

export const step: StepModule<'readPair', Asks> = {
	kind: 'readPair',
	concerns: 'box',
	at: 'work',
	by: 'pair',
	beside: ({ expect }, state, said) =>
		own(state.isolation.proof.pairs, said.pair) && inReach(state) ? judged(expect, state, said) : null,
	judge: ({ expect }, state, said) => judged(expect, state, said),
	alive: ({ reading }) => deadBand(reading) === 'live',
	isolates: ({ said, event }) => ({ ...said, id: event.id })
};

function judged(expect: Expectations, { isolation }: JobState, said: Said<'readPair'>): Decision {
	const { pair, reading } = said;
	if (!isTwoPoint(reading)) return refuse({ code: 'lampProvesNothing' });
	if (!isolation.proof.required.includes(pair)) return refuse({ code: 'unknownPair', pair });
	if (!inRange(reading)) return refuse({ code: 'outOfRange' });
	const wasUnresolved = own(isolation.proof.pairs, pair)?.band === 'unresolved';
	// The same instrument again would only show the same again: the question is whether anything stands behind the voltage.
	if (wasUnresolved && !(reading.instrument === 'multimeter' && reading.mode !== 'highImpedance'))
		return refuse({ code: 'needsLowImpedance' });
	return accept(said, { passes: deadBand(reading) === 'dead', expected: { volts: expect.pairV(pair) } });
}

/** Whether the proof in hand can be read from where the device is now. */
const inReach = ({ isolation }: JobState): boolean =>
	isolation.power === 'off' &&
	isolation.hold !== null &&
	isolation.doubt?.until !== 'panel' &&
	isolation.proof.before !== null &&
	isolation.closed === (isolation.proof.scope === 'face');
