import { randomUUID } from 'node:crypto';
import { Agent, request as httpRequest } from 'node:http';
import pg from 'pg';
import { machineAddresses } from '../scripts/lib/addresses.mjs';
import { newPairingCode } from '../scripts/lib/database.mjs';
import { answers } from './answers';
import { Application, callerHeader, expect, test as base } from './server';

const test = base.extend<{ everywhere: Application; told: Application }>({
	// eslint-disable-next-line no-empty-pattern
	everywhere: async ({}, use) => {
		const application = await Application.start(undefined, { HOST: '0.0.0.0' });
		await use(application);
		await application.kill();
	},
	/** One that is told who calls, so that a device elsewhere can be had on a machine without a network. */
	// eslint-disable-next-line no-empty-pattern
	told: async ({}, use) => {
		const application = await Application.start(undefined, { HOST: '0.0.0.0', ADDRESS_HEADER: callerHeader });
		await use(application);
		await application.kill();
	}
});

/** Asks with a `Host` of one's own, which `fetch` doesn't allow. */
const asked = (
	address: string,
	path: string,
	headers: Record<string, string>,
	body?: string
): Promise<{ status: number; text: string; headers: Record<string, string | string[] | undefined> }> =>
	new Promise((resolve, reject) => {
		const { hostname, port } = new URL(address);
		const request = httpRequest(
			{ hostname, port, path, headers, method: body === undefined ? 'GET' : 'POST' },
			(response) => {
				let text = '';
				response.on('data', (chunk: Buffer) => (text += chunk.toString()));
				response.on('end', () => resolve({ status: response.statusCode!, text, headers: response.headers }));
			}
		);
		request.on('error', reject);
		request.end(body);
	});

test('a name that was pointed here from elsewhere reaches no home', async ({ application }) => {
	const port = new URL(application.address).port;
	for (const host of [
		'evil.example',
		`evil.example:${port}`,
		'169.254.1.1',
		`127.0.0.1.evil.example:${port}`,
		'not a host'
	]) {
		const { status, text } = await asked(application.address, '/fennel-lane', { host });
		expect([host, [400, 421].includes(status)]).toEqual([host, true]);
		expect(text).not.toContain('Fennel');
	}
	for (const host of [`localhost:${port}`, `127.0.0.1:${port}`, 'localhost'])
		expect((await asked(application.address, '/fennel-lane', { host })).status).toBe(200);
});

test('little space for the records is said on every page, and in /health', async () => {
	// That file system has no space at all.
	const application = await Application.start(undefined, { DATA_FOLDER: '/proc' });
	try {
		for (const path of ['/fennel-lane', '/tannery-row/house'])
			expect(await (await fetch(application.address + path)).text()).toContain('Less than 200 MB are free');
		const health = await (await fetch(`${application.address}/health`)).json();
		expect(health).toMatchObject({ ok: true, standing: {}, space: { freeBytes: 0, low: true } });
	} finally {
		await application.kill();
	}
});

test('pages and answers are sent compressed to whoever takes that', async ({ application }) => {
	const sizes = async (path: string, accept: string) => {
		const { headers, text } = await asked(application.address, path, {
			host: 'localhost',
			'accept-encoding': accept
		});
		return { encoding: headers['content-encoding'] ?? null, size: text.length };
	};
	const house = await sizes('/fennel-lane/house.json', 'identity');
	for (const path of ['/fennel-lane/house', '/fennel-lane/house.json', '/fennel-lane/house/__data.json']) {
		const [plain, gzip] = [await sizes(path, 'identity'), await sizes(path, 'gzip')];
		expect([plain.encoding, gzip.encoding]).toEqual([null, 'gzip']);
		expect(gzip.size).toBeLessThan(plain.size);
		// What carries the whole house is a quarter of it at most, packed before or here.
		expect(gzip.size).toBeLessThan(Math.max(house.size, plain.size) / 4);
	}
});

test('served to the whole network, the machine itself gets in and none of its other addresses does', async ({
	everywhere
}) => {
	expect((await fetch(`${everywhere.address}/fennel-lane`)).status).toBe(200);
	for (const address of machineAddresses())
		expect((await fetch(`http://${address}:${everywhere.port}/fennel-lane`)).status).toBe(403);
});

test('a device pairs once by a link, then uses forms and homes; sent away, it is out', async ({
	told,
	browser
}) => {
	const outside = told.address;
	const elsewhere = { [callerHeader]: '192.0.2.9' };

	// Not paired: nothing but how to pair, whatever is asked.
	for (const path of ['/', '/fennel-lane', '/fennel-lane/house.json', '/api/homes', '/health', '/new']) {
		const response = await fetch(`${outside}${path}`, {
			headers: { ...elsewhere, accept: 'text/html' },
			redirect: 'manual'
		});
		expect([path, response.status]).toEqual([path, 403]);
		expect(await response.text()).not.toContain('Fennel');
	}
	const posted = await fetch(`${outside}/api/fennel-lane/settings`, {
		method: 'POST',
		headers: elsewhere,
		body: '{}'
	});
	expect(posted.status).toBe(403);

	const code = await newPairingCode(told.databaseUrl);
	const page = await browser.newPage({ baseURL: outside, extraHTTPHeaders: elsewhere });
	await page.goto(`/pair?code=${code}`);
	await page.getByLabel('What do you call it?').fill('Hall phone');
	await page.getByRole('button', { name: 'Pair it' }).click();
	await page.waitForURL(/fennel-lane/);
	await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
	const [cookie] = (await page.context().cookies()).filter(({ name }) => name === 'device');
	expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });

	// A form works under this address too.
	await page.getByTitle(/^Theme/).click();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');

	// The code is used up; one too old is none; nor is a cookie that somebody wrote.
	const second = await browser.newPage({ baseURL: outside, extraHTTPHeaders: elsewhere });
	await second.goto(`/pair?code=${code}`);
	await expect(second.getByText('used or too old')).toBeVisible();
	const old = await newPairingCode(told.databaseUrl);
	const client = new pg.Client({ connectionString: told.databaseUrl });
	await client.connect();
	await client.query(
		"update pairing_code set expires_at = now() - interval '1 second' where used_at is null"
	);
	await client.end();
	await second.goto(`/pair?code=${old}`);
	await expect(second.getByText('used or too old')).toBeVisible();
	const forged = `${cookie!.value.slice(0, -3)}AAA`;
	expect(
		(await fetch(`${outside}/fennel-lane`, { headers: { ...elsewhere, cookie: `device=${forged}` } })).status
	).toBe(403);

	await page.goto('/fennel-lane/settings');
	await answers(page);
	await expect(page.getByText('Hall phone')).toBeVisible();
	await page.getByRole('button', { name: 'Pair another device' }).click();
	await expect(page.getByAltText('QR code of the pairing link')).toBeVisible();
	await page.getByRole('button', { name: 'Send away' }).click();
	await expect(page.getByText('Hall phone')).toBeHidden();
	const response = await page.goto('/fennel-lane');
	expect(response!.status()).toBe(403);
	await expect(page.getByText('This device isn’t paired')).toBeVisible();
	await page.close();
	await second.close();
});

test(
	'told to stop, it is down within two seconds with nothing under way, kept-alive connections or not',
	{ tag: '@own' },
	async ({ application }) => {
		await fetch(`${application.address}/fennel-lane`);
		const started = Date.now();
		await application.stop();
		expect(Date.now() - started).toBeLessThan(2000);
	}
);

test(
	'told to stop in the middle of work, it is down within six seconds, and what it acknowledged is kept',
	{ tag: '@own' },
	async ({ application }) => {
		const id = randomUUID();
		await application.post('/api/fennel-lane/jobs', { id, boxId: 'music-piano', who: 'Avery Quill' });
		let acknowledged = 0;
		let under = true;
		const notes = Array.from({ length: 6 }, async () => {
			while (under) {
				const event = {
					id: randomUUID(),
					at: new Date().toISOString(),
					expectedVersion: acknowledged,
					command: { kind: 'note', text: 'hammering' }
				};
				const answer = await application
					.post(`/api/fennel-lane/jobs/${id}/events`, event)
					.catch(() => ({ ok: false }));
				if (answer.ok) acknowledged++;
				else if (!application.running) return;
			}
		});
		await expect.poll(() => acknowledged).toBeGreaterThan(5);
		const started = Date.now();
		await application.stop();
		expect(Date.now() - started).toBeLessThan(6000);
		under = false;
		await Promise.all(notes);
		const client = new pg.Client({ connectionString: application.databaseUrl });
		await client.connect();
		const { rows } = await client.query<{ stored: number }>(
			'select count(*)::int as stored from job_event where job_id = $1',
			[id]
		);
		await client.end();
		expect(rows[0]!.stored).toBeGreaterThanOrEqual(acknowledged);
	}
);

test(
	'homes are found by search, twenty at a time, and never listed on a page',
	{ tag: '@own' },
	async ({ application, page }) => {
		const client = new pg.Client({ connectionString: application.databaseUrl });
		await client.connect();
		await client.query(`
		with made as (
			insert into household (household_id, slug, is_demo)
			select gen_random_uuid(), 'row-' || n, false from generate_series(1, 45) as n returning household_id, slug
		)
		insert into house_version (household_id, version, house, why)
		select made.household_id, 1, jsonb_set(v.house, '{name}', to_jsonb('Row house ' || made.slug)), 'test'
		from made, (select house from house_version join household using (household_id) where slug = 'tannery-row') v`);
		await client.end();
		await page.goto('/fennel-lane');
		await answers(page);
		expect(await page.content()).not.toContain('Row house');
		await page.getByRole('navigation', { name: 'Homes' }).getByRole('button').click();
		await expect(page.getByRole('navigation', { name: 'Homes' }).getByRole('listitem')).toHaveCount(22);
		await page.getByRole('button', { name: 'More' }).click();
		await expect(page.getByRole('navigation', { name: 'Homes' }).getByRole('listitem')).toHaveCount(42);
		await page.getByLabel('Search homes').fill('row-37');
		await expect(page.getByRole('navigation', { name: 'Homes' }).getByRole('listitem')).toHaveCount(2);
		await page.getByRole('link', { name: 'Row house row-37' }).click();
		await page.waitForURL(/row-37/);
	}
);

test('a body that nobody wants is no trouble to what comes after it on the same connection', async ({
	application
}) => {
	const agent = new Agent({ keepAlive: true, maxSockets: 1 });
	const sockets = new Set<unknown>();
	const posted = (path: string, bytes: number): Promise<number> =>
		new Promise((resolve, reject) => {
			const request = httpRequest(
				`${application.address}${path}`,
				{ method: 'POST', agent, timeout: 4_000, headers: { 'content-type': 'application/json' } },
				(response) => {
					response.resume();
					response.on('end', () => resolve(response.statusCode!));
				}
			);
			request.on('socket', (socket) => sockets.add(socket));
			request.on('timeout', () => request.destroy(new Error('held up')));
			request.on('error', reject);
			request.end('x'.repeat(bytes));
		});
	for (let count = 0; count < 15; count++) {
		expect(await posted('/api/nowhere/settings', 1_000_000)).toBe(404);
		expect(await posted('/api/fennel-lane/settings', 1_500_000)).toBe(413);
		expect(await posted('/nothing/here', 1_000_000)).toBe(404);
	}
	expect(sockets.size).toBe(1);
	agent.destroy();
});

test('a page of another site changes nothing here, and no form leads back to one', async ({
	application
}) => {
	const post = (path: string, headers: Record<string, string>, body?: string) =>
		fetch(`${application.address}${path}`, {
			method: 'POST',
			redirect: 'manual',
			headers,
			...(body === undefined ? {} : { body })
		});
	const evil = 'https://evil.example';
	// Without a body there is no form to tell it by.
	expect((await post('/api/devices', { origin: evil })).status).toBe(403);
	expect((await post('/api/devices', { 'sec-fetch-site': 'cross-site' })).status).toBe(403);
	expect((await post('/api/devices', { origin: application.address })).status).toBe(201);
	expect((await post('/api/devices', {})).status).toBe(201);
	const form = 'application/x-www-form-urlencoded';
	const own = { origin: application.address, 'content-type': form };
	for (const [back, to] of [
		['/fennel-lane/log?kind=proof', '/fennel-lane/log?kind=proof'],
		['/..//evil.example', '/'],
		['//evil.example', '/'],
		['/\\evil.example', '/']
	] as const) {
		const answer = await post('/theme', own, new URLSearchParams({ theme: 'dark', back }).toString());
		expect([back, answer.status, answer.headers.get('location')]).toEqual([back, 303, to]);
	}
	// What is no form is refused, and nothing stumbles over it.
	const broken = { origin: application.address, 'content-type': 'multipart/form-data; boundary=x' };
	expect((await post('/theme', broken, '--y')).status).toBe(400);
	expect((await post('/pair', { ...broken, accept: 'text/html' }, '--y')).status).toBe(400);
});
