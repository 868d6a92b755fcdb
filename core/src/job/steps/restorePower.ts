import { z } from 'zod';
import { accept } from '../decision';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('restorePower'), held: z.boolean() }));

export const step: StepModule<'restorePower'> = {
	kind: 'restorePower',
	concerns: 'job',
	record: 'tests',
	at: ({ device }) => (device === 'none' ? 'supplyOn' : 'panelOn'),
	judge: (_context, _state, said) => accept(said, { passes: said.held, expected: null }),
	alive: () => true,
	isolates: ({ said }) => said,
	applied: ({ state, said }) => {
		const untagged = {
			...state,
			tagged: false,
			face: {},
			unseen: [],
			witness: null,
			controlled: { ...state.controlled, lit: null, dark: null, works: null }
		};
		if (said.held || state.device === 'oldSeated') return untagged;
		// Tripped with every end capped and apart: the fault is in a cable.
		return state.device === 'none'
			? {
					...untagged,
					supply: { ...state.supply, outcome: 'none' },
					stops: { ...state.stops, supply: 'noArrangement' }
				}
			: { ...untagged, redo: 'tripped' };
	}
};
