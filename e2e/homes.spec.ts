import { readFileSync } from 'node:fs';
import { answers } from './answers';
import { doUntil, startJob, stepOf } from './jobDriver';
import { expect, test } from './server';

test('a user’s own home: a house file in, typed readings, the file out again unchanged', async ({
	page,
	request
}) => {
	const house = JSON.parse(
		readFileSync(new URL('../data/homes/tannery-row.house.json', import.meta.url), 'utf8')
	) as {
		name: string;
		cables: { to: { box: string } }[];
	};
	house.name = 'Kılıç Evi 7';
	const wrong = structuredClone(house);
	wrong.cables[2]!.to.box = 'nowhere';
	await page.goto('/new');
	await answers(page);
	await page.getByRole('button', { name: 'I have a house file' }).click();
	await page.getByLabel('or its text').fill(JSON.stringify(wrong));
	await page.getByRole('button', { name: 'Add this home' }).click();
	await expect(page.getByText('cables[2].to.box')).toBeVisible();
	await expect(page.getByText('Nothing was taken')).toBeVisible();
	await page.getByLabel('or its text').fill('{ "format": ');
	await page.getByRole('button', { name: 'Add this home' }).click();
	await expect(page.getByText('isn’t JSON')).toBeVisible();
	await page.getByLabel('or its text').fill(JSON.stringify(house));
	await page.getByRole('button', { name: 'Add this home' }).click();
	await page.waitForURL(/\/k-l-c-evi-7$|\/k.*evi-7$/);
	const slug = new URL(page.url()).pathname.slice(1);
	expect(await (await request.get(`/${slug}/house.json`)).json()).toEqual(house);

	await startJob(page, slug, 'box-room-desk');
	await doUntil(page, ({ kind }) => kind === 'readLive');
	await expect(page.getByRole('button', { name: /Take the reading/ })).toHaveCount(0);
	await page.getByText('dark', { exact: true }).click();
	await expect(page.getByText(/Not live\./)).toBeVisible();
	await page.getByText('230', { exact: true }).click();
	await page.getByRole('button', { name: /^Save reading/ }).click();
	await expect(page.getByRole('heading', { level: 2, name: 'Live first: right socket' })).toBeVisible();
});

test('a reading that is no number, or no meter shows, is refused at its place', async ({ page }) => {
	await startJob(page, 'fennel-lane', 'sewing-east-wall');
	await doUntil(page, ({ kind }) => kind === 'readLive');
	const field = page.getByLabel('your reading in volts');
	await page.getByRole('button', { name: /^Save reading/ }).click();
	await expect(page.getByText('Type what the meter shows.')).toBeVisible();
	await field.fill('12o');
	await field.press('Enter');
	await expect(page.getByText('“12o” isn’t a number of volts.')).toBeVisible();
	await field.fill('9000');
	await field.press('Enter');
	await expect(page.getByText('The instrument can’t show that.')).toBeVisible();
	await expect(field).toHaveValue('9000');
	expect((await stepOf(page)).version).toBe(3);
});

test('everything is gone to by its name; on a phone the views are one row', async ({
	browser,
	application,
	page
}) => {
	await page.goto('/fennel-lane');
	await answers(page);
	await page.keyboard.press('/');
	const search = page.locator('dialog[open]').getByRole('combobox');
	// Nobody types the comma.
	await search.fill('bath mirror');
	await expect(page.getByRole('option', { name: /^Bath, mirror/ })).toBeVisible();
	await search.fill('sewing east');
	await expect(page.locator('dialog[open]').getByRole('option').first()).toContainText('east wall');
	await search.fill('piano');
	await expect(page.getByRole('option')).toHaveCount(2);
	await page.keyboard.press('Enter');
	await page.waitForURL(/outlet\/music-piano/);
	await page.keyboard.press('Control+k');
	await search.fill('attic fan');
	await page.locator('dialog[open]').getByRole('option', { name: /14/ }).click();
	await expect(page.getByLabel('Directory says')).toHaveValue('attic fan');
	await page.keyboard.press('Control+k');
	await search.fill('nothing of the kind');
	await expect(page.getByText('Nothing by that name.')).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.locator('dialog[open]')).toHaveCount(0);

	const phone = await (
		await browser.newContext({ baseURL: application.address, viewport: { width: 390, height: 844 } })
	).newPage();
	await phone.goto('/tannery-row');
	const links = phone.getByRole('navigation', { name: 'Views' }).getByRole('link');
	await expect(links).toHaveText(['Today', 'House', 'Bench', 'Log', 'Settings']);
	const tops = new Set<number>();
	for (const link of await links.all()) {
		const box = (await link.boundingBox())!;
		tops.add(Math.round(box.y));
		expect(box.height).toBeGreaterThanOrEqual(44);
		expect(box.x + box.width).toBeLessThanOrEqual(390);
	}
	expect(tops.size).toBe(1);
	await expect(links.first()).toHaveAttribute('aria-current', 'page');
	await phone.context().close();
});

test('what is typed and not saved is not left behind unasked; what is saved says so', async ({ page }) => {
	await page.goto('/new');
	await answers(page);
	await page.getByLabel('Name or address').fill('9 Cooper’s Yard');
	await page.getByRole('link', { name: 'Wary Hand' }).first().click();
	const asked = page.getByRole('dialog', { name: 'Leave without saving?' });
	await expect(asked).toContainText('If you leave, it is lost');
	await asked.getByRole('button', { name: 'Stay here' }).click();
	await expect(page.getByLabel('Name or address')).toHaveValue('9 Cooper’s Yard');
	await page.getByRole('link', { name: 'Wary Hand' }).first().click();
	await asked.getByRole('button', { name: 'Leave without it' }).click();
	await expect(page).toHaveURL('/fennel-lane');

	// A form that is begun and given up; one that saves each field asks nothing.
	await page.goto('/fennel-lane/outlet/sewing-east-wall');
	await answers(page);
	await page.getByLabel('Who does the work').fill('Somebody');
	await page.getByRole('link', { name: 'Settings' }).first().click();
	await page.getByRole('heading', { level: 1, name: 'What you have, and what it can prove' }).waitFor();
	await page.getByRole('checkbox', { name: /breaker clip/ }).click();
	await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible();
	await page.getByRole('link', { name: 'House', exact: true }).first().click();
	await expect(page).toHaveURL(/\/house$/);
	await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('settings that could not be sent say so, and are sent with the next change', async ({ page }) => {
	await page.goto('/fennel-lane/settings');
	await answers(page);
	await page.route('**/settings', (route) =>
		route.request().method() === 'POST' ? route.abort() : route.continue()
	);
	await page.getByRole('checkbox', { name: /tag and pen/ }).click();
	await expect(page.getByRole('alert')).toContainText('Not saved: the server can’t be reached');
	await page.getByRole('link', { name: 'Today' }).first().click();
	await page.getByRole('dialog').getByRole('button', { name: 'Stay here' }).click();
	await page.unroute('**/settings');
	await page.getByRole('checkbox', { name: /tag and pen/ }).click();
	await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible();
	await expect(page.getByRole('alert')).toHaveCount(0);
});
