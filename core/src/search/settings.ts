import { z } from 'zod';
import { text } from '../text';
import { means } from './search';

/** The form of how one searches, where it enters. */
export const searchSettingsSchema = z.strictObject({
	means: z.enum(means),
	hearing: z.number().min(0.5).max(0.999),
	walkS: z.number().min(10).max(900),
	sets: z.boolean(),
	keepOn: z.array(text().max(120)).max(200)
});
