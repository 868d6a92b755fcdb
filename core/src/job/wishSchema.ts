import { z } from 'zod';
import { partIds } from '../devices';
import { feeds } from '../wiring';

/** What somebody wishes to have in a box instead: stored with the job. */
export const wishSchema = z.strictObject({
	part: z.enum(partIds),
	/** Left out: what was there, where it fits, else the first that does, A. */
	ratingA: z.number().min(1).max(63).optional(),
	feed: z.enum(feeds),
	switched: z.enum(['keep', 'alwaysOn']).default('keep'),
	connector: z.enum(['lever', 'twistOn']).default('lever'),
	wireEnd: z.enum(['clampPlate', 'hook']).default('clampPlate')
});
export type WishChoice = Readonly<z.infer<typeof wishSchema>>;

/** A device that is only taken out, read dead with the others of its box, and put back as it is: a wall switch beside an outlet that is replaced. */
export const wishedSchema = z.union([wishSchema, z.literal('putBack')]);
/** `null`: the same again. */
export type Wished = Readonly<z.infer<typeof wishedSchema>> | null;
