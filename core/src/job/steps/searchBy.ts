import { z } from 'zod';
import { searchSettingsSchema } from '../../search';
import { accept } from '../decision';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({ kind: z.literal('searchBy'), settings: searchSettingsSchema })
);

export const step: StepModule<'searchBy', never> = {
	kind: 'searchBy',
	concerns: 'job',
	at: 'panelOff',
	beside: (_context, _state, said) => accept(said),
	applied: ({ state, said }) => ({ ...state, search: { ...state.search, settings: said.settings } })
};
