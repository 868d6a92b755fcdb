import { randomUUID } from 'node:crypto';
import { closeSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { Cluster } from '../scripts/lib/postgres.mjs';
import { startJob, stepOf } from './jobDriver';
import { Application, expect, test as base } from './server';

/** An application whose database server is its own, so that it can be killed. */
const test = base.extend<{ own: { cluster: Cluster; application: Application } }>({
	// eslint-disable-next-line no-empty-pattern
	own: async ({}, use) => {
		const folder = mkdtempSync(join(tmpdir(), 'wary-away-'));
		const cluster = new Cluster({ folder, port: 0, name: 'away' });
		await cluster.start();
		const application = await Application.start(cluster.url('postgres'));
		await use({ cluster, application });
		await application.kill();
		await cluster.discard();
		rmSync(folder, { recursive: true, force: true });
	}
});

test('the database is killed under load, thrice: the server lives, answers 503, and no acknowledged event is lost or there twice', async ({
	own: { cluster, application }
}) => {
	test.setTimeout(180_000);
	const at = (path: string) => `${application.address}${path}`;
	const post = application.post.bind(application);
	const boxes = ['sewing-closet', 'music-piano', 'living-sofa', 'bedroom-window'];
	const jobs = boxes.map((boxId) => ({ id: randomUUID(), boxId }));
	for (const { id, boxId } of jobs)
		expect((await post('/api/fennel-lane/jobs', { id, boxId, who: 'Load' })).status).toBe(201);

	const acknowledged = new Map(jobs.map(({ id }) => [id as string, [] as string[]]));
	const seen = { away: 0, retryAfter: new Set<string | null>() };
	let going = true;
	/** One device: sends its events in order, each until it is acknowledged. */
	const device = async (job: string) => {
		for (let k = 0; going; k++) {
			const event = {
				id: randomUUID(),
				at: new Date().toISOString(),
				expectedVersion: k,
				command: { kind: 'note', text: `note ${k}` }
			};
			for (;;) {
				// A kept-alive connection that was just ended gives no answer: sent again, as a page does.
				const response = await post(`/api/fennel-lane/jobs/${job}/events`, event).catch(() => null);
				if (!response) {
					expect(application.running).toBe(true);
					continue;
				}
				const answer = (await response.json()) as { ok: boolean; code?: string };
				if (answer.ok) break;
				expect([response.status, answer.code]).toEqual([503, 'databaseAway']);
				seen.away++;
				seen.retryAfter.add(response.headers.get('retry-after'));
				await new Promise((resolve) => setTimeout(resolve, 50));
			}
			acknowledged.get(job)!.push(event.id);
		}
	};
	const devices = jobs.map(({ id }) => device(id));
	for (let killed = 0; killed < 3; killed++) {
		await new Promise((resolve) => setTimeout(resolve, 1200));
		cluster.kill();
		await new Promise((resolve) => setTimeout(resolve, 700));
		// A page says so too, and a health check.
		const page = await fetch(at('/fennel-lane'), { headers: { accept: 'text/html' } });
		expect([page.status, page.headers.get('retry-after') !== null]).toEqual([503, true]);
		expect(await page.text()).toContain('is away for a moment');
		const health = await fetch(at('/health'));
		expect([health.status, ((await health.json()) as { code: string }).code]).toEqual([503, 'databaseAway']);
		expect(await cluster.revive()).toBe(true);
	}
	await new Promise((resolve) => setTimeout(resolve, 1500));
	going = false;
	await Promise.all(devices);
	expect(application.running).toBe(true);
	expect(seen.away).toBeGreaterThan(10);
	expect([...seen.retryAfter]).toEqual(['2']);

	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	for (const { id } of jobs) {
		const { rows } = await client.query('select event_id from job_event where job_id = $1 order by seq', [
			id
		]);
		expect(rows.map(({ event_id }) => event_id as string)).toEqual(acknowledged.get(id));
		expect(rows.length).toBeGreaterThan(20);
	}
	await client.end();
});

test('a job goes on in the page while the database is away, says so, and is sent when it is back', async ({
	own: { cluster, application },
	browser
}) => {
	test.setTimeout(120_000);
	const page = await browser.newPage({ baseURL: application.address });
	await startJob(page, 'fennel-lane', 'sewing-east-wall');
	cluster.kill();
	await page.locator('h1').first().focus();
	await page.keyboard.press('Enter');
	await expect.poll(async () => (await stepOf(page)).kind).toBe('checkTools');
	await expect(page.getByText(/Records away: work goes on here, 1 to send/)).toBeVisible();
	expect(await cluster.revive()).toBe(true);
	await expect(page.locator('main[data-unsent="0"]')).toBeVisible({ timeout: 30_000 });
	await expect(page.getByText('All that was entered here has been sent.')).toBeVisible();
	await page.reload();
	await expect.poll(async () => (await stepOf(page)).kind).toBe('checkTools');
	await page.close();
});

test('a damaged record is told from an absent database, and keeps nobody from what is whole', async ({
	own: { cluster, application },
	browser
}) => {
	test.setTimeout(120_000);
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	const { rows } = await client.query<{ path: string }>(
		"select pg_relation_filepath(reltoastrelid) as path from pg_class where relname = 'house_version'"
	);
	await client.query('checkpoint');
	await client.end();
	// The bungalow's record stands first in its file. What is in memory goes with the server.
	cluster.kill();
	// A process that is killed takes a moment to be gone.
	const back = () => expect.poll(() => cluster.revive()).toBe(true);
	const file = openSync(join(cluster.data, rows[0]!.path), 'r+');
	writeSync(file, 'not what was written', 4000);
	closeSync(file);
	await back();

	const page = await browser.newPage({ baseURL: application.address });
	await page.goto('/fennel-lane');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('A record can’t be read');
	await expect(page.getByText('copy its data folder before anything else')).toBeVisible();
	const health = await fetch(`${application.address}/health`);
	expect([health.status, ((await health.json()) as { code: string }).code]).toEqual([500, 'damaged']);

	cluster.kill();
	await page.goto('/tannery-row');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('The records can’t be reached just now');
	await back();
	await expect(page.getByRole('heading', { name: 'Box room, desk' })).toBeVisible({ timeout: 20_000 });
	await page.close();
});

test(
	'twenty jobs finished at once on ten connections: all end, and the house has each of them',
	{ tag: '@long' },
	async ({ own: { application } }) => {
		test.setTimeout(120_000);
		const at = (path: string) => `${application.address}${path}`;
		const post = async (path: string, body: unknown) => {
			const response = await fetch(at(path), {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(body)
			});
			return {
				status: response.status,
				answer: (await response.json()) as { version?: number; code?: string }
			};
		};
		const house = (await (await fetch(at('/fennel-lane/house.json'))).json()) as {
			boxes: { id: string; use: string; name: string; inBoxWith?: string }[];
		};
		// What shares a box is one job.
		const outlets = house.boxes.filter(({ use, inBoxWith }) => use === 'outlet' && !inBoxWith).slice(0, 20);
		const jobs = outlets.map(({ id: boxId }) => ({ id: randomUUID(), boxId }));
		for (const { id, boxId } of jobs)
			expect((await post('/api/fennel-lane/jobs', { id, boxId, who: 'Many' })).status).toBe(201);
		const stopping = jobs.map(({ id }) =>
			post(`/api/fennel-lane/jobs/${id}/events`, {
				id: randomUUID(),
				at: new Date().toISOString(),
				expectedVersion: 0,
				command: { kind: 'stop', reason: 'ownChoice', note: 'all at once' }
			})
		);
		const edit = post('/api/fennel-lane/house', {
			expectedVersion: 1,
			edits: [{ do: 'addRoom', name: 'Loft' }],
			why: 'meanwhile'
		});
		const ended = await Promise.all(stopping);
		expect(ended.map(({ status }) => status)).toEqual(jobs.map(() => 201));
		expect([200, 409]).toContain((await edit).status);
		const after = (await (await fetch(at('/fennel-lane/house.json'))).json()) as {
			boxes: { id: string; history: { what: string }[] }[];
		};
		for (const { boxId } of jobs)
			expect(after.boxes.find(({ id }) => id === boxId)!.history.at(-1)!.what).toContain('all at once');
	}
);
