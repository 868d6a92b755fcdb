import { z } from 'zod';
import { nameText } from '../../text';
import { accept } from '../decision';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('note'), text: nameText(500) }));

export const step: StepModule<'note', never> = {
	kind: 'note',
	concerns: 'box',
	record: 'notes',
	at: 'work',
	beside: (_context, _state, said) => accept(said)
};
