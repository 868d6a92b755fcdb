import { readStoredHouse, type House } from '@wary/core/house';
import { z } from 'zod';
import { bounded } from './caches';
import { packedOnce } from './packed';
import {
	connections,
	many,
	maybeOne,
	one,
	transaction,
	UnreadableRow,
	violatedConstraint,
	type Queryable
} from './db';

export interface Household {
	readonly id: string;
	readonly slug: string;
	readonly isDemo: boolean;
}

export interface HouseVersion {
	readonly version: number;
	readonly house: House;
}

const householdRow = z.object({ household_id: z.string(), slug: z.string(), is_demo: z.boolean() });
const toHousehold = (row: z.infer<typeof householdRow>): Household => ({
	id: row.household_id,
	slug: row.slug,
	isDemo: row.is_demo
});

export async function maybeHousehold(slug: string): Promise<Household | null> {
	const row = await maybeOne(connections(), {
		name: 'household by its short name',
		row: householdRow,
		sql: 'select household_id, slug, is_demo from household where slug = $1 and retired_at is null',
		values: [slug]
	});
	return row && toHousehold(row);
}

export interface ListedHome {
	readonly slug: string;
	readonly name: string;
	readonly isDemo: boolean;
	readonly region: House['region'];
}

/** How many homes one answer lists. */
export const homesListedAtMost = 20;

/**
 * Homes in use whose name has these words in it, demo homes first, then by name; at most `homesListedAtMost`, behind the home with the short name `after`. Read along an index
 * from there on: what stands before costs nothing.
 */
export async function manyHomes(
	search = '',
	after: string | null = null,
	atMost = homesListedAtMost
): Promise<ListedHome[]> {
	const pattern = `%${search.toLowerCase().replace(/[\\%_]/g, '\\$&')}%`;
	const rows = await many(connections(), {
		name: 'homes by name',
		row: z.object({ slug: z.string(), name: z.string(), is_demo: z.boolean(), region: z.enum(['us', 'uk']) }),
		sql: `select slug, name, region, is_demo from home_listing
		where ($1 = '%%' or lower(name) like $1)${
			after === null
				? ''
				: ` and ((not is_demo), lower(name), slug) >
			(select (not is_demo), lower(name), slug from home_listing where slug = $2)`
		}
		order by (not is_demo), lower(name), slug
		limit ${atMost}`,
		values: after === null ? [pattern] : [pattern, after]
	});
	return rows.map(({ slug, name, is_demo, region }) => ({ slug, name, isDemo: is_demo, region }));
}

/** Where the address alone leads: the home that was looked at last, or the first; null while there is none. */
export async function maybeFirstHome(lastSlug: string | undefined): Promise<string | null> {
	const last = lastSlug === undefined ? null : await maybeHousehold(lastSlug);
	return last?.slug ?? (await manyHomes('', null, 1))[0]?.slug ?? null;
}

/** A house is read by `readStoredHouse`, which knows earlier forms. */
const houseRow = z.object({ house: z.unknown() });

/** A house as recorded never changes once it is a version, nor does a demo’s wiring: they are kept. */
const kept = bounded<House>('houses', 64, (house) => bytesOfSign * JSON.stringify(house).length);
/** Measured on the bungalow: 1.4 bytes a sign of its text by itself, 2 with its places found, 4.1 with its network and what Protection and plans work out of it; and packed, or as text for a thread. */
const bytesOfSign = 5;

/** The house as recorded, latest version. Inside a transaction its own connection is handed in: a second one might never come. */
export async function latestHouse(householdId: string, on: Queryable = connections()): Promise<HouseVersion> {
	const { version } = await one(on, {
		name: 'latest version of a house',
		row: z.object({ version: z.int() }),
		sql: 'select max(version) as version from house_version where household_id = $1',
		values: [householdId]
	});
	return { version, house: await houseAt(householdId, version, on) };
}

/** The house as it was recorded at a version, as far as this build knows it; what it can't read is an error with its key. */
export async function houseAt(
	householdId: string,
	version: number,
	on: Queryable = connections()
): Promise<House> {
	const key = `${householdId} ${version}`;
	const known = kept.get(key);
	if (known) return known;
	const { house } = await one(on, {
		name: 'house at a version',
		row: houseRow,
		sql: 'select house from house_version where household_id = $1 and version = $2',
		values: [householdId, version]
	});
	return keeping(key, parsedHouse(house, `house_version ${key}`));
}

function keeping(key: string, house: House): House {
	kept.set(key, packedOnce(house));
	return house;
}

function parsedHouse(value: unknown, key: string): House {
	const read = readStoredHouse(value);
	if (!read.ok) throw new UnreadableRow(key, read.at, read.fault);
	return read.house;
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
	const key = `demo_wiring ${householdId}`;
	const known = kept.get(key);
	if (known) return known;
	const row = await maybeOne(connections(), {
		name: 'wiring of a demo home',
		row: houseRow,
		sql: 'select house from demo_wiring where household_id = $1',
		values: [householdId]
	});
	return row && keeping(key, parsedHouse(row.house, key));
}

/** Whether a home has wiring of its own to measure: the user's have none. */
export async function isSimulated(householdId: string): Promise<boolean> {
	const { is } = await one(connections(), {
		name: 'whether a home has wiring of its own',
		row: z.object({ is: z.boolean() }),
		sql: 'select exists(select from demo_wiring where household_id = $1) as is',
		values: [householdId]
	});
	return is;
}

/** Adds a user's own home; null where the short name is in use. */
export async function addHousehold(slug: string, house: House): Promise<Household | null> {
	try {
		return await transaction(async (on) => {
			const row = await one(on, {
				name: 'new household',
				row: householdRow,
				sql: 'insert into household (household_id, slug, is_demo) values (gen_random_uuid(), $1, false) returning household_id, slug, is_demo',
				values: [slug]
			});
			await addHouseVersion(on, row.household_id, 1, house, 'house file');
			return toHousehold(row);
		});
	} catch (error) {
		if (violatedConstraint(error) === 'household_slug_in_use') return null;
		throw error;
	}
}
