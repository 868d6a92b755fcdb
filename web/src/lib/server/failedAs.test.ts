import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { constraints, failedAs, statuses } from './failedAs';
import { connections } from './db';
import { freshDatabase } from './test/database';

let client: pg.Client;
let drop: () => Promise<void>;
beforeAll(async () => ({ client, drop } = await freshDatabase()));
afterAll(async () => {
	await connections().end();
	await drop();
});

it('every constraint of the schema has its meaning, and every meaning its constraint', async () => {
	const { rows } = await client.query<{ name: string; kind: string }>(`
		select conname as name, contype as kind from pg_constraint
		where connamespace = 'public'::regnamespace and conrelid <> 'pgmigrations'::regclass and contype <> 'n'
		union
		select relname, 'u' from pg_index join pg_class on pg_class.oid = indexrelid
		where indisunique and relnamespace = 'public'::regnamespace and indrelid <> 'pgmigrations'::regclass`);
	const meaning = { p: 'taken', u: 'taken', f: 'gone', c: 'malformed' };
	const inSchema = Object.fromEntries(
		rows.map(({ name, kind }) => [name, meaning[kind as keyof typeof meaning]])
	);
	expect(constraints).toEqual(inSchema);
});

it('what runs into one is known by it; what doesn’t isn’t', async () => {
	const failing = async (sql: string, values: unknown[] = []): Promise<unknown> =>
		client.query(sql, values).then(
			() => null,
			(error: unknown) => error
		);
	const insert = 'insert into household (household_id, slug, is_demo) values ($1, $2, false)';
	const [id] = [randomUUID()];
	expect(await failing(insert, [id, 'a-home'])).toBeNull();
	expect(failedAs(await failing(insert, [id, 'another']))).toBe('taken');
	expect(failedAs(await failing(insert, [randomUUID(), 'a-home']))).toBe('taken');
	expect(failedAs(await failing(insert, [randomUUID(), 'Not A Slug']))).toBe('malformed');
	const settings = 'insert into settings_version (household_id, version, settings) values ($1, 1, $2)';
	expect(failedAs(await failing(settings, [randomUUID(), '{}']))).toBe('gone');
	expect(failedAs(await failing('select * from nowhere'))).toBeNull();
	expect(failedAs(new Error('23505'))).toBeNull();
});

it('a lock held elsewhere costs its own request two seconds, and no other waits behind it', async () => {
	const slug = 'update household set slug = slug where slug = $1';
	await client.query('begin');
	await client.query(slug, ['fennel-lane']);
	const held = Array.from({ length: 12 }, () =>
		connections()
			.query(slug, ['fennel-lane'])
			.then(
				() => 'done',
				(error: unknown) => failedAs(error)
			)
	);
	const other = connections().query('select 1');
	expect(new Set(await Promise.all(held))).toEqual(new Set(['busy']));
	expect((await other).rowCount).toBe(1);
	await client.query('rollback');
	expect(statuses.busy).toBe(503);
});

it('space and damage are told apart from being away', () => {
	const failing = (code: string) => Object.assign(new pg.DatabaseError('', 0, 'error'), { code });
	expect(
		['53100', 'XX001', 'XX002', '57P01', '22P05', '57014'].map((code) => failedAs(failing(code)))
	).toEqual(['diskFull', 'damaged', 'damaged', 'databaseAway', 'malformed', 'busy']);
});
