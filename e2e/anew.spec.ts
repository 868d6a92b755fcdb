import pg from 'pg';
import { readFileSync } from 'node:fs';
import { forward } from './forward';
import { doStep, ready, startJob, stepOf } from './jobDriver';
import { expect, test, type Application } from './server';

/** What waits on the device for a job, as a build of another time may have written it. */
const waits = [
	{
		id: 'f3b9a1de-0000-4000-8000-000000000001',
		at: '2026-11-25T10:00:00.000Z',
		command: { kind: 'waveWand' }
	}
];

/** As it stands where the build was replaced meanwhile. */
async function ofAnotherProcedure(application: Application, job: string): Promise<void> {
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	await client.query('alter table job disable trigger all');
	await client.query('update job set procedure = 4711 where job_id = $1', [job]);
	await client.query('alter table job enable trigger all');
	await client.end();
}

test('a job begun under another procedure is led to a safe stop, on a phone, and begun again in one tap', async ({
	page,
	application
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await startJob(page, 'fennel-lane', 'sewing-east-wall');
	await forward(page, ({ kind }) => kind === 'takeOff', ['b14']);
	const at = new URL(page.url()).pathname;
	await ofAnotherProcedure(application, at.split('/').at(-1)!);
	await page.evaluate(
		([key, kept]) => localStorage.setItem(key!, kept!),
		[`wary-hand unsent /api${at.replace('/job/', '/jobs/')}`, JSON.stringify({ version: 1, value: waits })]
	);
	await page.goto('/fennel-lane');
	await expect(page.getByRole('link', { name: /Sewing room, east wall TREAT AS LIVE/ })).toContainText(
		'has to begin again'
	);
	await page.goto(at);
	await expect(page).toHaveURL(`${at}/anew`);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('This job has to begin again');
	const main = page.getByRole('main');
	for (const line of [
		'TREAT AS LIVE',
		/Breaker 14: switched off, clip and padlock on, tagged/,
		'The box was opened',
		'Keep your hands out of the box'
	])
		await expect(main).toContainText(line);
	// What this device had not sent is not lost.
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save as a file' }).click()
	]);
	expect(readFileSync(await file.path(), 'utf8')).toContain('waveWand');
	// An older page that is still open is told, and nothing of it is stored.
	const sent = await page.request.post(`/api${at.replace('/job/', '/jobs/')}/events`, {
		data: {
			id: 'f3b9a1de-0000-4000-8000-000000000002',
			at: new Date().toISOString(),
			expectedVersion: 999,
			command: { kind: 'note', text: 'late' }
		}
	});
	expect([sent.status(), await sent.json()]).toEqual([409, { ok: false, code: 'olderProcedure' }]);
	await page.getByRole('button', { name: 'end this job and begin again' }).click();
	await page.waitForURL((url) => url.pathname !== `${at}/anew`);
	await ready(page);
	expect((await stepOf(page)).kind).toBe('confirm');
	await doStep(page);
	await page.goto(`${at}/record`);
	await expect(page.getByRole('main')).toContainText('Tester proved');
	await expect(page.getByRole('main')).toContainText('What it proved dead doesn’t count any more');
});

test('what this device kept and can’t read is set aside, and the job goes on', async ({ page }) => {
	await startJob(page, 'fennel-lane', 'sewing-east-wall');
	const key = `wary-hand unsent /api${new URL(page.url()).pathname.replace('/job/', '/jobs/')}`;
	const sound = {
		...waits[0]!,
		id: 'f3b9a1de-0000-4000-8000-000000000003',
		command: { kind: 'note', text: 'kept' }
	};
	await page.evaluate(
		([at, kept]) => localStorage.setItem(at!, kept!),
		[key, JSON.stringify({ version: 1, value: [...waits, { ...sound, at: new Date().toISOString() }] })]
	);
	await page.reload();
	await ready(page);
	await expect(page.getByText('One entry that this device kept can’t be read')).toBeVisible();
	await expect(page.locator('main[data-version="1"][data-unsent="0"]')).toBeVisible();
	await doStep(page);
	await page.getByRole('button', { name: 'Throw it away' }).click();
	await expect(page.getByText('can’t be read')).toBeHidden();
	await page.reload();
	await ready(page);
	await expect(page.getByText('can’t be read')).toBeHidden();
	expect((await stepOf(page)).version).toBe(2);
});
