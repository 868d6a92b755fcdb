import type { Page } from '@playwright/test';
import { answers } from './answers';
import { doStep, ready, startJob, stepOf } from './jobDriver';
import { expect, test } from './server';

/** Opens a page whose scripts come only when the function given back is called: painted, and not answering yet. */
async function painted(page: Page, path: string): Promise<() => Promise<void>> {
	let come = () => {};
	const asked = new Promise<void>((resolve) => (come = resolve));
	await page.route(/\/_app\/.*\.js/, async (route) => {
		await asked;
		await route.continue();
	});
	await page.goto(path);
	return async () => {
		come();
		await answers(page);
		await page.unrouteAll({ behavior: 'wait' });
	};
}

test('what is picked, filled in and pressed before the page answers is done once it does', async ({
	page
}) => {
	const outlet = await painted(page, '/tannery-row/outlet/back-bedroom-door');
	const kind = page.getByLabel('What is there');
	const before = await kind.inputValue();
	await kind.selectOption({ label: 'Single socket' });
	const after = await kind.inputValue();
	expect(after).not.toBe(before);
	const saved = page.waitForResponse((response) => response.url().endsWith('/api/tannery-row/house'));
	await outlet();
	await saved;
	await page.reload();
	await expect(kind).toHaveValue(after);

	const home = await painted(page, '/new');
	await page.getByLabel('Name or address').fill('2 Slow Line');
	await page.getByRole('button', { name: 'Begin with this' }).click();
	await home();
	await page.waitForURL(/\/2-slow-line\/house/);

	for (const press of [
		() => page.locator('body').press('/'),
		() => page.getByRole('button', { name: 'Search' }).click()
	]) {
		const today = await painted(page, '/fennel-lane');
		await press();
		await press();
		await today();
		await expect(page.locator('dialog[open]').getByRole('combobox')).toBeFocused();
	}
});

test('a button of a job pressed too early goes on by one step, however often; not where the device knows that step to be behind', async ({
	page,
	context
}) => {
	await startJob(page, 'fennel-lane', 'living-sofa');
	const tap = async (times: number) => {
		const answer = await painted(page, page.url());
		for (let k = 0; k < times; k++) await page.locator('main button').first().click();
		await answer();
		await ready(page);
	};
	expect((await stepOf(page)).version).toBe(0);
	await tap(3);
	expect((await stepOf(page)).version).toBe(1);

	// One step that the server hasn't heard of: what is painted first is the step before.
	await context.route(/\/events$/, (route) => route.abort());
	await doStep(page);
	const ahead = await stepOf(page);
	expect(ahead.version).toBeGreaterThan(1);
	await tap(1);
	expect(await stepOf(page)).toEqual(ahead);
	await expect(page.locator('[data-refused]')).toHaveCount(0);
});
