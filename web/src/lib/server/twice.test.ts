import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { defaultsFor } from '$lib/settings';
import { connections } from './db';
import { maybeHousehold, type Household } from './households';
import { addSettings } from './settings';
import { freshDatabase } from './test/database';
import { appendEvent, startJob } from './useCases';

let client: pg.Client;
let drop: () => Promise<void>;
let home: Household;
beforeAll(async () => {
	({ client, drop } = await freshDatabase());
	home = (await maybeHousehold('fennel-lane'))!;
});
afterAll(async () => {
	await connections().end();
	await drop();
});
const begin = (id: string, boxId: string) =>
	startJob(home, { id, boxId, school: 'groundFirst', who: 'Avery Quill' });

describe('asked twice', () => {
	it('a job is begun once, and its answer comes again', async () => {
		const id = randomUUID();
		const all = await Promise.all(Array.from({ length: 6 }, () => begin(id, 'living-sofa')));
		expect(all).toEqual(all.map(() => ({ code: 'started', jobId: id })));
		const { rows } = await client.query('select 1 from job where job_id = $1', [id]);
		expect(rows).toHaveLength(1);
	});

	it('another job under an id that is in use is none; begun elsewhere in the same moment it is refused, not stumbled over', async () => {
		const id = randomUUID();
		expect((await begin(id, 'living-bookcase')).code).toBe('started');
		expect(await begin(id, 'living-desk')).toEqual({ code: 'idTaken' });
		const second = randomUUID();
		const both = await Promise.all([begin(second, 'music-piano'), begin(second, 'music-door-wall')]);
		expect(both.map(({ code }) => code).sort()).toEqual(['idTaken', 'started']);
	});

	it('settings saved by many at once are all kept, one after the other', async () => {
		const settings = defaultsFor('us');
		await Promise.all(Array.from({ length: 16 }, () => addSettings(home.id, settings)));
		const { rows } = await client.query(
			'select version from settings_version where household_id = $1 order by version',
			[home.id]
		);
		expect(rows.map(({ version }: { version: number }) => version)).toEqual(rows.map((_, k) => k + 1));
		expect(rows.length).toBeGreaterThanOrEqual(16);
	});
});

it('what is said first in a job has a time that can be', async () => {
	const id = randomUUID();
	await begin(id, 'bedroom-window');
	const said = (at: string) =>
		appendEvent(home, id, {
			id: randomUUID(),
			at,
			expectedVersion: 0,
			command: { kind: 'confirm', step: 'cautions' }
		});
	for (const at of [
		'0001-01-01T00:00:00Z',
		'1970-01-01T00:00:00Z',
		'2025-12-31T23:59:59Z',
		'9999-12-31T23:59:59Z'
	])
		expect([at, await said(at)]).toEqual([at, { code: 'timeWrong', lastAt: null }]);
	expect((await said(new Date().toISOString())).code).toBe('stored');
});
