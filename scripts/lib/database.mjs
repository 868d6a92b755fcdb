import { createHash, randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const migrations = fileURLToPath(new URL('../../db/migrations', import.meta.url));
const homesFolder = new URL('../../data/homes/', import.meta.url);

/** The demo homes: as recorded, and as they are really wired. */
const demoHomes = [
	{ slug: 'fennel-lane', recorded: 'fennel-lane.house.json', actual: 'fennel-lane-as-wired.house.json' },
	{ slug: 'tannery-row', recorded: 'tannery-row.house.json', actual: 'tannery-row-as-wired.house.json' }
];

/** Brings the database's tables up to date. */
export async function migrate(databaseUrl) {
	const { runner } = await import('node-pg-migrate');
	const silent = () => {};
	const ran = await runner({
		databaseUrl,
		dir: migrations,
		direction: 'up',
		migrationsTable: 'pgmigrations',
		log: silent,
		logger: { debug: silent, info: silent, warn: silent, error: console.error }
	});
	return ran.length === 0 ? 'up to date' : `${ran.length} new`;
}

/**
 * Lets the application in as a role that owns nothing: it reads and adds everywhere, and changes or removes only where no trigger says that rows are only added. So nothing it is talked into
 * switches a trigger off, empties a table or reads beyond this database.
 */
export async function letApp(databaseUrl, password) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await client.query('begin');
		// Roles belong to the whole server: two starts at once must not both make it.
		await client.query('select pg_advisory_xact_lock(4175)');
		await client.query('revoke create on schema public from public');
		const { rowCount } = await client.query("select 1 from pg_roles where rolname = 'wary_app'");
		if (rowCount === 0) await client.query('create role wary_app login');
		await client.query(`alter role wary_app password ${client.escapeLiteral(password)}`);
		const { rows } = await client.query(`select c.relname as name, exists (
				select from pg_trigger t where t.tgrelid = c.oid and t.tgname = 'only_added') as only_added
			from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and c.relname <> 'pgmigrations'`);
		for (const { name, only_added: onlyAdded } of rows)
			await client.query(
				`grant select, insert${onlyAdded ? '' : ', update, delete'} on ${client.escapeIdentifier(name)} to wary_app`
			);
		await client.query('commit');
	} catch (error) {
		await client.query('rollback');
		throw error;
	} finally {
		await client.end();
	}
}

/** Has the server look at what its tables hold: right after a restore or an import it knows nothing of them, and reads too much. */
export async function lookAtTables(databaseUrl) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await client.query('analyze');
	} finally {
		await client.end();
	}
}

/** Loads the demo homes where there are none; with `reset`, retires those in use and loads them anew. Users' own homes are never touched. */
export async function seed(databaseUrl, { reset }) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await client.query('begin');
		// Two starts at once must not both find it empty.
		await client.query('select pg_advisory_xact_lock(4173)');
		if (reset)
			await client.query('update household set retired_at = now() where is_demo and retired_at is null');
		const { rows } = await client.query('select count(*)::int as count from household');
		if (rows[0].count > 0 && !reset) {
			await client.query('commit');
			return 'there already';
		}
		for (const { slug, recorded, actual } of demoHomes) {
			const { rows: made } = await client.query(
				'insert into household (household_id, slug, is_demo) values (gen_random_uuid(), $1, true) returning household_id',
				[slug]
			);
			const id = made[0].household_id;
			await client.query(
				'insert into house_version (household_id, version, house, why) values ($1, 1, $2, $3)',
				[id, read(recorded), 'demo home']
			);
			await client.query('insert into demo_wiring (household_id, house) values ($1, $2)', [id, read(actual)]);
		}
		await client.query('commit');
		return 'loaded';
	} catch (error) {
		await client.query('rollback');
		throw error;
	} finally {
		await client.end();
	}
}

const template = 'wary_template';
const testAppPassword = 'only-in-tests';

/** A test’s database as the application comes into it. */
export function asApp(databaseUrl) {
	const url = new URL(databaseUrl);
	url.username = 'wary_app';
	url.password = testAppPassword;
	return url.href;
}

/**
 * A database of its own for a test, by copying one that was migrated and seeded once: some ten milliseconds in place of seconds. `admin`: address of any database of that
 * server. The copy's address.
 */
export async function copyOfTemplate(admin, name) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: admin });
	const at = (database) => admin.replace(/\/[^/]*$/, `/${database}`);
	await client.connect();
	try {
		// One of several at once makes it, and nobody copies it while it is being made.
		await client.query('select pg_advisory_lock(4174)');
		const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [template]);
		if (rowCount === 0) {
			const making = `${template}_making`;
			await client.query(`drop database if exists ${making} with (force)`);
			await client.query(`create database ${making}`);
			await migrate(at(making));
			await seed(at(making), { reset: false });
			await letApp(at(making), testAppPassword);
			await client.query(`alter database ${making} rename to ${template}`);
		}
		await client.query(`create database ${name} template ${template}`);
	} finally {
		await client.end();
	}
	return at(name);
}

const read = (name) => readFileSync(new URL(name, homesFolder), 'utf8');

/** A one-time code that lets a device of the local network in for ten minutes; only its hash is kept. */
export async function newPairingCode(databaseUrl) {
	const { default: pg } = await import('pg');
	const code = randomBytes(16).toString('base64url');
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await client.query(
			"insert into pairing_code (code_hash, expires_at) values ($1, now() + interval '10 minutes')",
			[createHash('sha256').update(code).digest()]
		);
	} finally {
		await client.end();
	}
	return code;
}
