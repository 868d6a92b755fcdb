import { connections, maybeOne } from './db';
import { defaultsFor, type Settings } from '$lib/settings';
import type { Region } from '@wary/core/rules';

/** What a household has and prefers; what is usual in its region where it has said nothing. */
export async function latestSettings(householdId: string, region: Region): Promise<Settings> {
	const row = await maybeOne<{ settings: Settings }>(
		connections(),
		'select settings from settings_version where household_id = $1 order by version desc limit 1',
		[householdId]
	);
	const usual = defaultsFor(region);
	return { ...usual, ...row?.settings, search: { ...usual.search, ...row?.settings.search } };
}

/** Adds a version of the settings after the last one. */
export async function addSettings(householdId: string, settings: Settings): Promise<void> {
	await connections().query(
		`insert into settings_version (household_id, version, settings)
		select $1, coalesce(max(version), 0) + 1, $2 from settings_version where household_id = $1`,
		[householdId, JSON.stringify(settings)]
	);
}
