import { z } from 'zod';
import { deadBand, drawsCurrent, inRange } from '../../isolation';
import { accept, refuse } from '../decision';
import { isOn } from '../progress';
import { name, saying, volts } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('proveEarth'), source: name, reading: volts })
);

export const step: StepModule<'proveEarth'> = {
	kind: 'proveEarth',
	concerns: 'box',
	record: 'isolation',
	at: (state) => (isOn(state) ? 'liveFirst' : 'work'),
	due: (_plan, { earth }) =>
		typeof earth === 'object' && earth.source === null ? { kind: 'proveEarth' } : null,
	judge: ({ expect, plan }, _state, said) => {
		if (said.reading.instrument === 'lamp') return refuse({ code: 'lampProvesNothing' });
		if (!drawsCurrent(said.reading)) return refuse({ code: 'needsCurrent' });
		if (!inRange(said.reading)) return refuse({ code: 'outOfRange' });
		// Brought from elsewhere: what is in question here shows nothing of itself.
		const own = [plan.boxId, ...plan.beside].some((id) => said.source === `outlet:${id}`);
		const volts = own ? null : expect.earthV(said.source);
		if (volts === null) return refuse({ code: 'unknownSource', source: said.source });
		return accept(said, { passes: deadBand(said.reading) === 'live', expected: { volts } });
	},
	applied: ({ state, said, passed }) => ({ ...state, earth: { source: passed ? said.source : null } })
};
