import { z } from 'zod';
import { sameLamps } from '../../instruments';
import { accept, refuse } from '../decision';
import { soundLamps } from '../judge';
import { isOn } from '../progress';
import { lamps, name, saying } from './said';
import type { StepModule } from './module';

/** A lead from an outlet on another circuit: three lamps of a plug-in tester, at its far end. Its own ground may be open, and a lit lamp to ground alone shows no good one. */
export const schema = saying(() => z.strictObject({ kind: z.literal('proveEarth'), source: name, lamps }));

export const step: StepModule<'proveEarth'> = {
	kind: 'proveEarth',
	concerns: 'box',
	record: 'isolation',
	at: (state) => (isOn(state) ? 'liveFirst' : 'work'),
	due: (_plan, { earth }) =>
		typeof earth === 'object' && earth.source === null ? { kind: 'proveEarth' } : null,
	judge: ({ expect, plan }, _state, said) => {
		// Brought from elsewhere: what is in question here shows nothing of itself.
		const own = [plan.boxId, ...plan.beside].some((id) => said.source === `outlet:${id}`);
		if (own || expect.earthV(said.source) === null)
			return refuse({ code: 'unknownSource', source: said.source });
		return accept(said, { passes: sameLamps(said.lamps, soundLamps), expected: { lamps: soundLamps } });
	},
	applied: ({ state, said, passed }) => ({ ...state, earth: { source: passed ? said.source : null } })
};
