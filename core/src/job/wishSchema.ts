import { z } from 'zod';
import { partIds } from '../devices';
import { feeds } from '../wiring';

/** What somebody wishes to have in a box instead: stored with the job. */
export const wishSchema = z.strictObject({
	part: z.enum(partIds),
	feed: z.enum(feeds),
	switched: z.enum(['keep', 'alwaysOn']).default('keep'),
	connector: z.enum(['lever', 'twistOn']).default('lever'),
	wireEnd: z.enum(['clampPlate', 'hook']).default('clampPlate')
});
export type WishChoice = Readonly<z.infer<typeof wishSchema>>;
