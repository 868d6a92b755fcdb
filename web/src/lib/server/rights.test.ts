import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { asApp } from '../../../../scripts/lib/database.mjs';
import { Cluster } from '../../../../scripts/lib/postgres.mjs';
import { connections } from './db';
import { freshDatabase } from './test/database';

let drop: () => Promise<void>;
let app: pg.Client;
beforeAll(async () => {
	({ drop } = await freshDatabase());
	app = new pg.Client({ connectionString: asApp(process.env.DATABASE_URL!) });
	await app.connect();
});
afterAll(async () => {
	await app.end();
	await connections().end();
	await drop();
});

it.each([
	'alter table job_event disable trigger all',
	'alter table job_event owner to wary_app',
	'drop trigger only_added on house_version',
	'truncate bench',
	'truncate job_event',
	'update job_event set at = now()',
	'delete from house_version',
	'create table mine (n int)',
	'select * from pgmigrations',
	'set session_replication_role = replica',
	"copy household to program 'cat'",
	"select pg_read_file('/etc/passwd')",
	'create role other superuser'
])('the application may not: %s', async (sql) => {
	await expect(app.query(sql)).rejects.toMatchObject({ code: '42501' });
});

it('the application reads and adds, and changes what is meant to change', async () => {
	const { rows } = await app.query<{ slug: string }>('select slug from household order by slug');
	expect(rows.map(({ slug }) => slug)).toEqual(['fennel-lane', 'tannery-row']);
	await app.query('begin');
	await app.query(
		`insert into household (household_id, slug, is_demo) values (gen_random_uuid(), 'a', false)`
	);
	await app.query('update pairing_code set used_at = now()');
	await app.query('rollback');
});

it('no user of the machine comes into a private database without its password, which only its owner can read', async () => {
	const folder = mkdtempSync(join(tmpdir(), 'wary-rights-'));
	const cluster = new Cluster({ folder, port: 0, name: 'rights' });
	try {
		await cluster.start();
		const url = new URL(cluster.url('postgres'));
		expect(statSync(join(folder, 'database-access.json')).mode & 0o777).toBe(0o600);
		for (const [user, password, code] of [
			['wary', '', undefined],
			['wary', 'guessed', '28P01'],
			['postgres', 'guessed', '28P01']
		] as const) {
			url.username = user;
			url.password = password;
			const client = new pg.Client({ connectionString: url.href });
			client.on('error', () => {});
			const failed = await client.connect().then(
				() => 'let in',
				(error: { code?: string }) => error.code
			);
			expect([user, password, failed]).toEqual([user, password, code]);
		}
		// One that was made before, and trusts everybody, asks from the next start on.
		const rules = join(cluster.data, 'pg_hba.conf');
		await cluster.stop();
		writeFileSync(rules, readFileSync(rules, 'utf8').replaceAll('scram-sha-256', 'trust'));
		rmSync(join(folder, 'database-access.json'));
		const again = new Cluster({ folder, port: 0, name: 'rights' });
		await again.start();
		expect(readFileSync(rules, 'utf8').replace(/^#.*$/gm, '')).not.toContain('trust');
		expect(readFileSync(`${rules}.before`, 'utf8')).toContain('trust');
		const owner = new pg.Client({ connectionString: again.url('postgres') });
		await owner.connect();
		await owner.end();
		const stranger = new pg.Client({ connectionString: again.url('postgres').replace(/:[^:@]*@/, ':x@') });
		stranger.on('error', () => {});
		await expect(stranger.connect()).rejects.toMatchObject({ code: '28P01' });
	} finally {
		await cluster.discard();
		rmSync(folder, { recursive: true, force: true });
	}
}, 60_000);
