import { z } from 'zod';
import { plateLabels, type PlateLabel } from '../../rules';
import { saying } from './said';
import type { StepModule } from './module';

/** The plate says what the outlet under it lacks, and what guards it: for whoever plugs in next. */
export const schema = saying(() =>
	z.strictObject({ kind: z.literal('fixLabel'), label: z.enum(plateLabels) })
);
export type Asks = { readonly kind: 'fixLabel'; readonly label: PlateLabel };

export const step: StepModule<'fixLabel', Asks> = {
	kind: 'fixLabel',
	concerns: 'box',
	record: 'tests',
	at: 'close',
	by: 'label',
	due: ({ labels }, { labelled }) => {
		const label = labels.find((each) => !labelled.includes(each));
		return label ? { kind: 'fixLabel', label } : null;
	},
	applied: ({ state, said }) => ({ ...state, labelled: [...state.labelled, said.label] })
};
