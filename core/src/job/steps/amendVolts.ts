import { z } from 'zod';
import { deadBand, inRange } from '../../isolation';
import { isBorrowed, meaningOf } from '../borrowed';
import { accept, refuse } from '../decision';
import { saying, volts } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('amendVolts'), of: z.uuid(), reading: volts })
);

export const step: StepModule<'amendVolts', never> = {
	kind: 'amendVolts',
	concerns: 'job',
	record: 'notes',
	at: 'work',
	beside: ({ find, plan }, { earth }, said) => {
		const { of, reading } = said;
		const original = find(of);
		if (!original || (original.body.kind !== 'readPair' && original.body.kind !== 'proveTester'))
			return refuse({ code: 'unknownReading', id: of });
		const { reading: before } = original.body;
		const sameMode =
			before.instrument !== 'multimeter' ||
			(reading.instrument === 'multimeter' && reading.mode === before.mode);
		if (before.instrument !== reading.instrument || !sameMode) return refuse({ code: 'otherInstrument' });
		if (!inRange(reading)) return refuse({ code: 'outOfRange' });
		const shouldBeLive = original.body.kind === 'proveTester';
		const borrowed =
			original.body.kind === 'readPair' && isBorrowed(plan, earth, original.body.pair, reading);
		return accept(said, {
			passes:
				(deadBand(reading) === 'live') === shouldBeLive && deadBand(reading) !== 'unresolved' && !borrowed,
			expected: original.judged?.expected ?? null
		});
	},
	isolates: ({ state, said, event }) => ({
		...said,
		...meaningOf(said.reading, event, state.provenWith)
	}),
	// A slip of the pen that called the breaker one in the neutral is none any more.
	applied: ({ state, said }) =>
		state.stops.found === 'breakerInNeutral' && deadBand(said.reading) !== 'live'
			? { ...state, stops: { ...state.stops, found: null } }
			: state
};
