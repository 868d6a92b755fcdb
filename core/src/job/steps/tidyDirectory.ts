import { z } from 'zod';
import { nameText } from '../../text';
import { saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() => z.strictObject({ kind: z.literal('tidyDirectory'), label: nameText(80) }));

export const step: StepModule<'tidyDirectory'> = {
	kind: 'tidyDirectory',
	concerns: 'job',
	record: 'tests',
	at: 'close',
	due: (_plan, { directory }) => (directory === null ? { kind: 'tidyDirectory' } : null),
	applied: ({ state, said }) => ({ ...state, directory: said.label })
};
