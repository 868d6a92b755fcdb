import { z } from 'zod';
import type { Half } from '../../house';
import { deadBand, drawsCurrent, inRange, isTwoPoint } from '../../isolation';
import { accept, refuse } from '../decision';
import { half, saying, volts } from './said';
import type { StepModule } from './module';

/** Power still on: the ground contact of a half, at which a contactless tester alarmed, to the known earth. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('readGroundEarth'), half, reading: volts })
);
export type Asks = { readonly kind: 'readGroundEarth'; readonly half: Half; readonly lowImpedance: boolean };

export const step: StepModule<'readGroundEarth', Asks> = {
	kind: 'readGroundEarth',
	concerns: 'box',
	record: 'live',
	at: 'liveFirst',
	by: 'half',
	/** An alarm at the ground is settled by reading it to an earth that is known. */
	due: (_plan, { groundAlarm }) =>
		groundAlarm === null || groundAlarm.settled
			? null
			: { kind: 'readGroundEarth', half: groundAlarm.half, lowImpedance: groundAlarm.lowImpedance },
	judge: (_context, { groundAlarm }, said) => {
		if (!isTwoPoint(said.reading)) return refuse({ code: 'lampProvesNothing' });
		if (!inRange(said.reading)) return refuse({ code: 'outOfRange' });
		// What is drained by a low-impedance input was only induced.
		if (groundAlarm?.lowImpedance && !drawsCurrent(said.reading))
			return refuse({ code: 'needsLowImpedance' });
		return accept(said, { passes: deadBand(said.reading) === 'dead', expected: { volts: 0 } });
	},
	applied: ({ state, said }) => {
		const band = deadBand(said.reading);
		return {
			...state,
			groundAlarm: { half: said.half, settled: band === 'dead', lowImpedance: band === 'unresolved' },
			stops: { ...state.stops, ground: band === 'live' ? 'liveGround' : null }
		};
	}
};
