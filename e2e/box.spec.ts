import { readFileSync } from 'node:fs';
import pg from 'pg';
import { arrangements, type ArrangementKind } from '../core/src/arrangements';
import { behindShared, sharedNeutral } from '../core/test/sharedNeutral';
import { answers } from './answers';
import { forward } from './forward';
import { doStep, doUntil, energy, startJob } from './jobDriver';
import { expect, test, type Application } from './server';

const houseFile = (name: string) =>
	JSON.parse(readFileSync(new URL(`../data/homes/${name}.house.json`, import.meta.url), 'utf8')) as Record<
		string,
		unknown
	>;

/** A home from a file, with simulated instruments that measure another wiring than is recorded. */
async function homeWired(
	application: Application,
	slug: string,
	recorded: object,
	actual: object
): Promise<void> {
	const response = await fetch(`${application.address}/api/homes?slug=${slug}`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(recorded)
	});
	expect(response.status).toBe(201);
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	await client.query(
		'insert into demo_wiring (household_id, house) select household_id, $2 from household where slug = $1',
		[slug, JSON.stringify(actual)]
	);
	await client.end();
}

const arranged = (kind: ArrangementKind) => arrangements.find((each) => each.kind === kind)!.build({});

for (const [way, button, readings] of [
	['dead, by resistance', /^Dead, by resistance/, 3],
	['alive, by voltage', /^Alive, by voltage/, 3]
] as const)
	test(
		`the supply among three cables, ${way}: not the one on record, found, marked and kept`,
		{ tag: '@long' },
		async ({ page, application }) => {
			const slug = 'three';
			await homeWired(application, slug, houseFile('three-cables'), houseFile('three-cables-as-wired'));
			await startJob(page, slug, 'here');
			const choices = { supply: button, breaker: /MCB 1\b/ };
			await doUntil(page, ({ kind }) => kind === 'supplyWay', choices);
			await expect(page.getByText('Which cable is the supply?')).toBeVisible();
			let taken = 0;
			for (let count = 0; count < 80; count++) {
				const step = (await page.locator('main[data-step]').getAttribute('data-step'))!;
				const title = await page.locator('h1').first().innerText();
				if (title === 'Mark the supply cable') break;
				if (['readSupplyOhms', 'touchSupply', 'readSupplyVolts'].includes(step)) taken++;
				if (step === 'touchSupply' || step === 'readSupplyVolts')
					expect(await energy(page)).toBe('deliberatelyLive');
				if (step === 'readSupplyOhms') expect(await energy(page)).toBe('provenDead');
				await doStep(page, { supply: button });
			}
			expect(taken).toBe(readings);
			expect(await energy(page)).toBe('provenDead');
			await expect(page.locator('.lead')).toContainText('cable C');
			await doUntil(page, ({ kind }) => kind === 'finished', { supply: button });
			await page.goto(`/${slug}/outlet/here`);
			await expect(page.getByRole('row', { name: /^Supply/ })).toContainText(
				`cable c4 found by ${way.startsWith('dead') ? 'resistance' : 'voltage'}`
			);
		}
	);

test('a scorched box with aluminium: photographed, made safe, and handed over on a sheet', async ({
	page,
	request
}) => {
	await startJob(page, 'fennel-lane', 'sewing-east-wall');
	await forward(page, ({ kind }) => kind === 'lookOver', ['b14']);
	// A picture drawn by the browser itself, and something that only calls itself one.
	const picture = await page.evaluate(async () => {
		const canvas = Object.assign(document.createElement('canvas'), { width: 2400, height: 1200 });
		canvas.getContext('2d')!.fillRect(0, 0, 1200, 1200);
		const blob = await new Promise<Blob>((resolve) => canvas.toBlob((made) => resolve(made!), 'image/png'));
		return [...new Uint8Array(await blob.arrayBuffer())];
	});
	const choose = page.getByLabel('Add a photograph');
	await choose.setInputFiles({
		name: 'notes.jpg',
		mimeType: 'image/jpeg',
		buffer: Buffer.from('not a picture')
	});
	await expect(page.getByRole('alert')).toContainText('can’t be read as a picture');
	await page.getByLabel('What the photograph shows').fill('black stain behind the box');
	await choose.setInputFiles({ name: 'box.png', mimeType: 'image/png', buffer: Buffer.from(picture) });
	const kept = page.getByRole('img', { name: 'black stain behind the box' });
	await expect(kept).toBeVisible();
	const photo = await request.get((await kept.getAttribute('src'))!);
	expect(photo.headers()['content-type']).toBe('image/jpeg');
	expect(await kept.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(1600);
	const refused = await request.post(
		`${new URL(page.url()).pathname.replace(/^\/([^/]+)\/job/, '/api/$1/jobs')}/photos?id=${crypto.randomUUID()}`,
		{
			data: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
			headers: { 'content-type': 'image/png' }
		}
	);
	expect(refused.status()).toBe(415);

	// Not as recorded: what is there is said by taps, and what it can be is named at once.
	await page.getByRole('radio', { name: /No: more cables, or fewer/ }).check();
	await expect(page.getByText('Middle of the run, through the device', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: '3', exact: true }).click();
	await expect(page.getByText('Branch', { exact: true })).toBeVisible();
	await page.getByRole('radio', { name: /These wires, on these/ }).check();
	await doUntil(page, ({ kind }) => kind === 'inspect');
	const answer = async (legend: RegExp) =>
		page.getByRole('group', { name: legend }).getByText('yes', { exact: true }).click();
	await answer(/^Scorch or melted insulation that runs back/);
	await answer(/^Silver-grey, soft aluminium/);
	await page
		.getByRole('group', { name: 'Where: Silver-grey, soft aluminium conductors' })
		.getByRole('button')
		.nth(1)
		.click();
	await doStep(page);
	await doUntil(page, ({ kind }) => kind === 'stopped');
	await page.getByRole('link', { name: 'Sheet for the electrician' }).click();
	await page.waitForURL(/handover$/);
	const sheet = page.locator('main');
	await expect(sheet).toContainText('Burnt insulation continues beyond the box.');
	await expect(sheet).toContainText('Aluminium branch wiring. Ask for devices marked CO/ALR');
	await expect(sheet).toContainText('Silver-grey, soft aluminium conductors:');
	await expect(sheet).toContainText('ends the job');
	await expect(sheet).toContainText('Breaker 14 is off, clip and padlock on, tagged. It stays so.');
	await expect(sheet).toContainText('Everything is folded back and the box is covered.');
	await expect(sheet).toContainText('Dead on the bare conductors');
	await expect(sheet.getByRole('img', { name: 'black stain behind the box' })).toBeVisible();
	await expect(sheet.getByRole('table').last()).toContainText('Folded back and covered');
	await page.goto(page.url().replace('handover', 'record'));
	await expect(page.getByRole('img', { name: 'black stain behind the box' })).toBeVisible();
});

test(
	'a box that isn’t as recorded: closed again, put on record as it was seen, and the swap done on that',
	{ tag: '@long' },
	async ({ page, application }) => {
		await homeWired(application, 'other', arranged('middleThrough'), arranged('middlePigtails'));
		const choices = { breaker: /breaker 1\b/, supply: /^Leave it/ };
		await startJob(page, 'other', 'here');
		await doUntil(page, ({ kind }) => kind === 'lookOver', choices);
		await page.getByRole('radio', { name: /No: more cables, or fewer/ }).check();
		await page.getByRole('button', { name: 'spliced, with pigtails' }).click();
		await expect(page.getByText('Middle of the run, with pigtails', { exact: true })).toBeVisible();
		await doStep(page);
		await expect(page.getByRole('heading', { level: 1 })).toHaveText('Stop here');
		await expect(page.getByText(/nothing in the box is touched or folded/)).toBeVisible();
		await doUntil(page, ({ kind }) => kind === 'stopped');
		await page.getByRole('link', { name: 'Put on record what you saw' }).click();
		await expect(page.getByText('two cables, spliced, with pigtails')).toBeVisible();
		await answers(page);
		await page.getByRole('button', { name: /^Put it on record/ }).click();
		await expect(page.getByText('Seen otherwise')).toHaveCount(0);
		await startJob(page, 'other', 'here');
		await doUntil(page, ({ kind }) => kind === 'lookOver', choices);
		await expect(page.getByText('tail', { exact: false }).first()).toBeVisible();
		await doUntil(page, ({ kind }) => kind === 'finished', choices);
		await page.goto('/other/outlet/here');
		await expect(page.getByText('Replaced like for like')).toBeVisible();
	}
);

test(
	'a neutral that two circuits share: no job until the handles are tied on record, then both are off before the box is opened',
	{ tag: '@long' },
	async ({ page, application }) => {
		const home = sharedNeutral();
		await homeWired(application, 'shared', home, home);
		await page.goto(`/shared/outlet/${behindShared}`);
		await expect(page.getByText(/share a neutral here, and they don’t switch off together/)).toBeVisible();
		await expect(page.getByRole('button', { name: 'Replace it, like for like' })).toHaveCount(0);
		await page.goto('/shared/house?breaker=b1');
		await answers(page);
		await page.getByLabel('Handle tied to').selectOption('b2');
		await expect(page.getByText(/^Saved/).first()).toBeVisible();
		await startJob(page, 'shared', behindShared);
		await doUntil(page, ({ kind }) => kind === 'switchOff');
		await doStep(page, { breaker: /breaker 3\b/ });
		await expect(page.getByText(/Its handle is tied to that of breaker 3/)).toBeVisible();
		await doUntil(page, ({ kind }) => kind === 'inspect');
		expect(await energy(page)).toBe('provenDead');
		await doUntil(page, ({ kind }) => kind === 'finished');
		await page.goto(`/shared/outlet/${behindShared}`);
		await expect(page.getByText('Replaced like for like')).toBeVisible();
	}
);
