import { partInHandSchema, searchedSchema } from '@wary/core/job';
import { searchSettingsSchema } from '@wary/core/search';
import { z } from 'zod';

/* Forms of what a device keeps, fetched when there is something to read. */

/** What was read off a part, asked once for the same kind. */
export const handForm = partInHandSchema;

/** A search for a breaker half done. */
export const searchForm = z.strictObject({
	events: z.array(searchedSchema.shape.event).max(1000),
	settings: searchSettingsSchema,
	arranged: z.array(z.string().min(1).max(120)).max(200)
});
