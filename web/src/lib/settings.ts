import { z } from 'zod';
import type { Region } from '@wary/core/rules';
import { searchSettingsSchema } from '@wary/core/search';
import { testers } from '@wary/core/instruments';

/** Ways of holding a breaker off that one has the things for. */
export const holdGear = ['clip', 'padlock', 'tape', 'tag'] as const;

/** What a household has and prefers. */
export const settingsSchema = z.strictObject({
	instruments: z.array(z.enum([...testers, 'provingUnit'])).max(20),
	holdGear: z.array(z.enum(holdGear)).max(10),
	search: searchSettingsSchema
});
export type Settings = z.infer<typeof settingsSchema>;

/** What is taken for granted until somebody says otherwise. */
export const defaultsFor = (region: Region): Settings => ({
	instruments:
		region === 'uk'
			? ['indicator', 'provingUnit', 'multimeter', 'plugTester', 'contactless', 'lamp']
			: ['multimeter', 'plugTester', 'contactless', 'lamp'],
	holdGear: ['tape', 'tag'],
	search: { means: 'lamp', hearing: 0.95, walkS: 60, sets: true, keepOn: [] }
});
