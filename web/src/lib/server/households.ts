import type { House } from '@wary/core/house';
import { connections, many, maybeOne, one, transaction, violatedConstraint, type Queryable } from './db';

export interface Household {
	readonly id: string;
	readonly slug: string;
	readonly isDemo: boolean;
}

export interface HouseVersion {
	readonly version: number;
	readonly house: House;
}

type HouseholdRow = { household_id: string; slug: string; is_demo: boolean };
const toHousehold = (row: HouseholdRow): Household => ({
	id: row.household_id,
	slug: row.slug,
	isDemo: row.is_demo
});

export async function maybeHousehold(slug: string): Promise<Household | null> {
	const row = await maybeOne<HouseholdRow>(
		connections(),
		'select household_id, slug, is_demo from household where slug = $1 and retired_at is null',
		[slug]
	);
	return row && toHousehold(row);
}

/** The homes in use with their names, demo homes first. */
export async function manyHomes(): Promise<
	{ slug: string; name: string; isDemo: boolean; region: House['region'] }[]
> {
	const rows = await many<{ slug: string; name: string; is_demo: boolean; region: House['region'] }>(
		connections(),
		`select h.slug, v.house->>'name' as name, v.house->>'region' as region, h.is_demo
		from household h
		join lateral (select house from house_version where household_id = h.household_id order by version desc limit 1) v on true
		where h.retired_at is null
		order by h.is_demo desc, h.created_at, h.slug`,
		[]
	);
	return rows.map(({ slug, name, is_demo, region }) => ({ slug, name, isDemo: is_demo, region }));
}

/** A house as recorded never changes once it is a version, so it is kept. */
const kept = new Map<string, House>();
const keptAtMost = 100;

/** The house as recorded, latest version. */
export async function latestHouse(householdId: string): Promise<HouseVersion> {
	const { version } = await one<{ version: number }>(
		connections(),
		'select max(version) as version from house_version where household_id = $1',
		[householdId]
	);
	return { version, house: await houseAt(householdId, version) };
}

/** The house as it was recorded at a version. */
export async function houseAt(householdId: string, version: number): Promise<House> {
	const key = `${householdId} ${version}`;
	const known = kept.get(key);
	if (known) return known;
	const { house } = await one<{ house: House }>(
		connections(),
		'select house from house_version where household_id = $1 and version = $2',
		[householdId, version]
	);
	if (kept.size >= keptAtMost) kept.delete(kept.keys().next().value!);
	kept.set(key, house);
	return house;
}

export async function addHouseVersion(
	on: Queryable,
	householdId: string,
	version: number,
	house: House,
	why: string
): Promise<void> {
	await on.query('insert into house_version (household_id, version, house, why) values ($1, $2, $3, $4)', [
		householdId,
		version,
		JSON.stringify(house),
		why
	]);
}

/** How a demo home is really wired; null for a user's own. */
export async function maybeDemoWiring(householdId: string): Promise<House | null> {
	const row = await maybeOne<{ house: House }>(
		connections(),
		'select house from demo_wiring where household_id = $1',
		[householdId]
	);
	return row && row.house;
}

/** Adds a user's own home; null where the short name is in use. */
export async function addHousehold(slug: string, house: House): Promise<Household | null> {
	try {
		return await transaction(async (on) => {
			const row = await one<HouseholdRow>(
				on,
				'insert into household (household_id, slug, is_demo) values (gen_random_uuid(), $1, false) returning household_id, slug, is_demo',
				[slug]
			);
			await addHouseVersion(on, row.household_id, 1, house, 'house file');
			return toHousehold(row);
		});
	} catch (error) {
		if (violatedConstraint(error) === 'household_slug_in_use') return null;
		throw error;
	}
}
