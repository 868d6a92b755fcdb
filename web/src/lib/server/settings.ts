import { defaultsFor } from '$lib/settings';
import { settingsSchema, type Settings } from '$lib/settingsSchema';
import { z } from 'zod';
import { againWhile, connections, maybeOne, readAs } from './db';
import type { Region } from '@wary/core/rules';

/** What a household has and prefers; what is usual in its region where it has said nothing. */
export async function latestSettings(householdId: string, region: Region): Promise<Settings> {
	const row = await maybeOne(connections(), {
		name: 'settings of a household',
		row: z.object({ settings: z.record(z.string(), z.unknown()) }),
		sql: 'select settings from settings_version where household_id = $1 order by version desc limit 1',
		values: [householdId]
	});
	const usual = defaultsFor(region);
	if (!row) return usual;
	// Earlier builds had less to set; what they hadn't is as usual.
	const stored: Partial<Settings> = row.settings;
	const merged = { ...usual, ...stored, search: { ...usual.search, ...stored.search } };
	return readAs(settingsSchema, `settings_version ${householdId}`, merged);
}

/** Adds a version of the settings after the last one: after that which another saved meanwhile, too. */
export async function addSettings(householdId: string, settings: Settings): Promise<void> {
	await againWhile('settings_version_pkey', () =>
		connections().query(
			`insert into settings_version (household_id, version, settings)
			select $1, coalesce(max(version), 0) + 1, $2 from settings_version where household_id = $1`,
			[householdId, JSON.stringify(settings)]
		)
	);
}
