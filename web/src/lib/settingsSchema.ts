import { z } from 'zod';
import { searchSettingsSchema } from '@wary/core/search';
import { connectorSchema } from '@wary/core/sums';
import { testers } from '@wary/core/instruments';
import { holdGear } from './settings';

/** What a household has and prefers. */
export const settingsSchema = z.strictObject({
	instruments: z.array(z.enum([...testers, 'provingUnit'])).max(20),
	holdGear: z.array(z.enum(holdGear)).max(10),
	search: searchSettingsSchema,
	/** What one has to join wires with, by its own charts. */
	connectors: z.array(connectorSchema).max(30)
});
export type Settings = z.infer<typeof settingsSchema>;
