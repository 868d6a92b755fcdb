import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { editHouse, newHome, type Edit } from '@wary/core/house';
import { expect, test, type Application } from './server';

/** A lawful home of many outlets on one circuit, one after the other. */
function manyOutlets(count: number) {
	const edits: Edit[] = [
		{ do: 'addRoom', name: 'Hall' },
		{ do: 'addBreaker', panel: 'main', spaces: [1], ratingA: 15, label: 'hall' },
		{ do: 'addCircuit', breaker: 'b1', name: 'hall' },
		...Array.from({ length: count }, (_, k): Edit => ({
			do: 'addOutlet',
			room: 'hall',
			name: `o ${k}`,
			spot: { circuit: 'hall', after: k === 0 ? 'panel' : { box: `hall-o-${k - 1}` } }
		}))
	];
	const made = editHouse(
		newHome({ name: `Many ${randomUUID()}`, region: 'us', spaces: 20, mainRatingA: 100, place: 'hall' }),
		edits
	);
	if (!made.ok) throw new Error(JSON.stringify(made.refusal));
	return made.house;
}

/** Such a home, taken in; its short name. */
async function largeHome(application: Application): Promise<string> {
	const answer = await application.post('/api/homes', manyOutlets(250));
	expect(answer.status).toBe(201);
	return ((await answer.json()) as { slug: string }).slug;
}

const beginning = (box: string) => ({
	id: randomUUID(),
	boxId: box,
	who: 'R. Alder',
	wish: { part: 'gfci', feed: 'protected', switched: 'keep', connector: 'lever', wireEnd: 'clampPlate' }
});

test('while a job of a very large home is planned, others are answered', async ({ application }) => {
	const slug = await largeHome(application);
	let planned = false;
	const begun = application.post(`/api/${slug}/jobs`, beginning('hall-o-100')).then((answer) => {
		planned = true;
		return answer;
	});
	let meanwhile = 0;
	while (!planned) {
		const health = await fetch(`${application.address}/health`);
		await health.arrayBuffer();
		if (!planned) meanwhile++;
	}
	// On one thread it would be one, or two: those before it begins.
	expect(meanwhile).toBeGreaterThan(5);
	expect((await begun).status).toBe(201);
	const { jobId } = (await (await begun).json()) as { jobId: string };
	// The job that another thread planned is the one that is gone on with.
	const job = await fetch(`${application.address}/${slug}/job/${jobId}`);
	expect(job.status).toBe(200);
	const noted = await application.post(`/api/${slug}/jobs/${jobId}/events`, {
		id: randomUUID(),
		at: new Date().toISOString(),
		expectedVersion: 0,
		command: { kind: 'note', text: 'the hall is long' }
	});
	expect(noted.status).toBe(201);
});

/** How many jobs a home has. */
async function jobsOf(application: Application, slug: string): Promise<number> {
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	const { rows } = await client.query<{ jobs: string }>(
		'select count(*) as jobs from job join household using (household_id) where slug = $1',
		[slug]
	);
	await client.end();
	return Number(rows[0]!.jobs);
}

test('what is asked by somebody who has gone is not worked out', async ({ application }) => {
	const slug = await largeHome(application);
	// Read once, so that they come to be worked out together.
	expect((await fetch(`${application.address}/${slug}`)).status).toBe(200);
	const gone = new AbortController();
	const asked = Array.from({ length: 12 }, (_, k) =>
		fetch(`${application.address}/api/${slug}/jobs`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(beginning(`hall-o-${100 + k}`)),
			signal: gone.signal
		}).catch(() => null)
	);
	await Promise.race(asked);
	gone.abort();
	await Promise.all(asked);
	// It would wait behind all of them.
	expect((await application.post(`/api/${slug}/jobs`, beginning('hall-o-50'))).status).toBe(201);
	expect(await jobsOf(application, slug)).toBeLessThan(8);
});

test('of more than can wait the rest are told to ask again', async ({ application }) => {
	const slug = await largeHome(application);
	const ask = () => application.post(`/api/${slug}/jobs`, beginning('hall-o-100'));
	expect((await fetch(`${application.address}/${slug}`)).status).toBe(200);
	const answers = await Promise.all(
		Array.from({ length: 40 }, async () => {
			const answer = await ask();
			return { status: answer.status, again: answer.headers.get('retry-after'), text: await answer.text() };
		})
	);
	const held = answers.filter(({ status }) => status === 503);
	expect(held.length).toBeGreaterThan(0);
	for (const { again, text } of held) {
		expect(Number(again)).toBeGreaterThan(0);
		expect(JSON.parse(text)).toMatchObject({ ok: false, code: 'busy' });
	}
	// One begins the job; all others that were worked out find it under way, and whoever asks again gets there.
	expect(answers.filter(({ status }) => status === 201).length).toBe(1);
	for (const { status } of answers) expect([201, 409, 503]).toContain(status);
	const asked = await ask();
	expect(await asked.json()).toMatchObject({ code: 'underWay' });
});

test('House shows the first hundred outlets of a very large home, and the rest as they are asked for', async ({
	application,
	page
}) => {
	const slug = await largeHome(application);
	const outlets = page.locator('#rooms .room li');
	const ready = () => page.locator('main[data-ready=true]').waitFor();
	await page.goto(`${application.address}/${slug}/house`);
	await ready();
	await expect(outlets).toHaveCount(100);
	await page.getByRole('button', { name: 'Show the other 150 outlets' }).click();
	await expect(outlets).toHaveCount(250);

	await page.reload();
	await ready();
	// One that is added at the end of a room is seen there.
	await page.getByLabel('Add to Hall').fill('by the stairs');
	await page.keyboard.press('Enter');
	await expect(outlets).toHaveCount(251);
	await expect(outlets.last().getByRole('textbox')).toHaveValue('by the stairs');
});
