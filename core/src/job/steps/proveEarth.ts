import { z } from 'zod';
import { deadBand, drawsCurrent, inRange } from '../../isolation';
import { accept, refuse } from '../decision';
import { name, saying, volts } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('proveEarth'), source: name, reading: volts })
);

export const step: StepModule<'proveEarth'> = {
	kind: 'proveEarth',
	concerns: 'box',
	record: 'isolation',
	at: ({ isolation }) => (isolation.power === 'asFound' ? 'liveFirst' : 'work'),
	due: (_plan, { earth }) =>
		typeof earth === 'object' && earth.source === null ? { kind: 'proveEarth' } : null,
	judge: ({ expect }, _state, said) => {
		if (said.reading.instrument === 'lamp') return refuse({ code: 'lampProvesNothing' });
		if (!drawsCurrent(said.reading)) return refuse({ code: 'needsCurrent' });
		if (!inRange(said.reading)) return refuse({ code: 'outOfRange' });
		const volts = expect.earthV(said.source);
		if (volts === null) return refuse({ code: 'unknownSource', source: said.source });
		return accept(said, { passes: deadBand(said.reading) === 'live', expected: { volts } });
	},
	applied: ({ state, said, passed }) => ({ ...state, earth: { source: passed ? said.source : null } })
};
