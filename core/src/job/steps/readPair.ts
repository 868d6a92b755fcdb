import { z } from 'zod';
import { own } from '../../house';
import { deadBand, inRange, isTwoPoint } from '../../isolation';
import { accept, refuse, type Decision } from '../decision';
import { isBorrowed, meaningOf } from '../borrowed';
import type { JobPlan } from '../jobPlan';
import { pairsToRead } from '../pairs';
import type { JobState } from '../state';
import { name, saying, volts } from './said';
import type { Deciding, Said, StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('readPair'), pair: name, reading: volts })
);
export type Asks = { readonly kind: 'readPair'; readonly pair: string; readonly lowImpedance: boolean };

export const step: StepModule<'readPair', Asks> = {
	kind: 'readPair',
	concerns: 'box',
	at: 'work',
	by: 'pair',
	beside: (context, state, said) =>
		own(state.isolation.proof.pairs, said.pair) && inReach(state) ? judged(context, state, said) : null,
	judge: (context, state, said) => judged(context, state, said),
	alive: ({ reading }) => deadBand(reading) === 'live',
	isolates: ({ plan, state, said, event }) => ({
		...said,
		id: event.id,
		// What switches the neutral feeds it all the same.
		...meaningOf(
			said.reading,
			event,
			switchesNeutral(plan, state, said) ? state.isolation.off : state.provenWith
		)
	}),
	applied: ({ plan, before, state, said }) =>
		switchesNeutral(plan, before, said)
			? { ...state, stops: { ...state.stops, found: 'breakerInNeutral' } }
			: state
};

/** The hot alive to ground, and dead to its neutral in the same row: the breaker that is off opens the neutral. */
function switchesNeutral(
	plan: JobPlan,
	{ isolation, earth, live }: JobState,
	said: Said<'readPair'>
): boolean {
	if (deadBand(said.reading) !== 'live' || !Object.values(live).includes('passed')) return false;
	const { face, bare } = pairsToRead(plan, earth);
	const all = [...face, ...bare];
	const read = all.find(({ id }) => id === said.pair);
	const across = all.filter(({ kind, red }) => kind === 'hotNeutral' && red === read?.red);
	return (
		read?.kind === 'hotGround' &&
		across.length > 0 &&
		across.every(({ id }) => own(isolation.proof.pairs, id)?.band === 'dead')
	);
}

function judged(
	{ expect, plan }: Deciding,
	{ isolation, earth }: JobState,
	said: Said<'readPair'>
): Decision {
	const { pair, reading } = said;
	if (!isTwoPoint(reading)) return refuse({ code: 'lampProvesNothing' });
	if (!isolation.proof.required.includes(pair)) return refuse({ code: 'unknownPair', pair });
	if (!inRange(reading)) return refuse({ code: 'outOfRange' });
	const wasUnresolved = own(isolation.proof.pairs, pair)?.band === 'unresolved';
	// The same instrument again would only show the same again: the question is whether anything stands behind the voltage.
	if (wasUnresolved && !(reading.instrument === 'multimeter' && reading.mode !== 'highImpedance'))
		return refuse({ code: 'needsLowImpedance' });
	const passes = deadBand(reading) === 'dead' && !isBorrowed(plan, earth, pair, reading);
	return accept(said, { passes, expected: { volts: expect.pairV(pair) } });
}

/** Whether the proof in hand can be read from where the device is now. */
const inReach = ({ isolation }: JobState): boolean =>
	isolation.power === 'off' &&
	isolation.hold !== null &&
	isolation.doubt?.until !== 'panel' &&
	isolation.proof.before !== null &&
	isolation.closed === (isolation.proof.scope === 'face');
