import { randomUUID } from 'node:crypto';
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

test('of more than can wait the rest are told to ask again, and who has gone is not worked for', async ({
	application
}) => {
	const slug = await largeHome(application);
	const ask = (signal?: AbortSignal) =>
		fetch(`${application.address}/api/${slug}/jobs`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(beginning('hall-o-100')),
			...(signal ? { signal } : {})
		});
	// Read once, so that they come to be worked out together.
	expect((await fetch(`${application.address}/${slug}`)).status).toBe(200);
	const gone = new AbortController();
	const left = Array.from({ length: 12 }, () =>
		ask(gone.signal).then(
			(answer) => answer.status,
			() => 'gone'
		)
	);
	// All of them have been read by the time that the first is answered.
	await Promise.race(left);
	gone.abort();
	const ended = await Promise.all(left);
	expect(ended.filter((each) => each === 'gone').length).toBeGreaterThan(5);
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
	// One begins the job, if none of the first had; all others that were worked out find it under way, and whoever asks again gets there.
	for (const { status } of answers) expect([201, 409, 503]).toContain(status);
	const asked = await ask();
	expect(await asked.json()).toMatchObject({ code: 'underWay' });
});
