import { z } from 'zod';
import type { Half } from '../../house';
import {
	deadBand,
	drawsCurrent,
	inRange,
	isTwoPoint,
	type DeadBand,
	type VoltReading
} from '../../isolation';
import { accept, refuse } from '../decision';
import { half, saying, volts } from './said';
import type { StepModule } from './module';

/** Power still on: the ground or the neutral of a half to the known ground. */
export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('readGroundEarth'),
		half,
		of: z.enum(['ground', 'neutral']),
		reading: volts
	})
);
export type Asks = {
	readonly kind: 'readGroundEarth';
	readonly half: Half;
	readonly of: 'ground' | 'neutral';
	readonly lowImpedance: boolean;
};

export const step: StepModule<'readGroundEarth', Asks> = {
	kind: 'readGroundEarth',
	concerns: 'box',
	record: 'live',
	at: 'liveFirst',
	fits: (step, said) => step.half === said.half && step.of === said.of,
	/** Wherever a known ground is brought: lamps that are lit show no ground, and a contactless tester that is silent shows none either. */
	due: ({ grounded, halves, controls }, { earth, toKnown }) => {
		if (typeof earth !== 'object' || earth.source === null || controls !== null) return null;
		const of = (grounded ? (['ground', 'neutral'] as const) : (['neutral'] as const)).find(
			(each) => toKnown[each] === undefined || toKnown[each] === 'unresolved'
		);
		return of === undefined
			? null
			: { kind: 'readGroundEarth', half: halves[0]!, of, lowImpedance: toKnown[of] === 'unresolved' };
	},
	judge: ({ expect }, { toKnown }, said) => {
		if (!isTwoPoint(said.reading)) return refuse({ code: 'lampProvesNothing' });
		if (!inRange(said.reading)) return refuse({ code: 'outOfRange' });
		// What is drained by a low-impedance input was only induced.
		if (toKnown[said.of] === 'unresolved' && !drawsCurrent(said.reading))
			return refuse({ code: 'needsLowImpedance' });
		const volts = said.of === 'neutral' ? expect.neutralEarthV(said.half) : 0;
		return accept(said, { passes: toKnownBand(said.reading) === 'dead', expected: { volts } });
	},
	alive: ({ reading }) => toKnownBand(reading) === 'live',
	applied: ({ state, said }) => {
		const band = toKnownBand(said.reading);
		const liveGround = said.of === 'ground' && band === 'live';
		return {
			...state,
			toKnown: { ...state.toKnown, [said.of]: band },
			stops: { ...state.stops, ground: liveGround ? 'liveGround' : state.stops.ground }
		};
	}
};

/** What floats beside a live conductor shows a sensitive meter more than 50 V: nothing is called alive by that alone. */
export function toKnownBand(reading: VoltReading): DeadBand {
	const band = deadBand(reading);
	return band === 'live' && !drawsCurrent(reading) ? 'unresolved' : band;
}
