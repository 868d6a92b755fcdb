import { expect, type Page } from '@playwright/test';
import { answers } from './answers';
import { choosePart } from './jobDriver';
import { test } from './server';

const planned = (page: Page, part: string) =>
	expect(page.locator(`main[data-planned="${part}"]`)).toBeVisible();

test('us: two plans are kept, what they need stands on one list, priced, ticked off and taken as a table', async ({
	page
}) => {
	await page.goto('/fennel-lane/shopping');
	await expect(page.getByText('No plan is kept.', { exact: false })).toBeVisible();
	for (const outlet of ['music-piano', 'music-window-wall']) {
		await page.goto(`/fennel-lane/plan/${outlet}`);
		await planned(page, 'decorator');
		await page.getByRole('button', { name: 'Keep it for the shopping list' }).click();
		await expect(page.getByRole('button', { name: 'On the shopping list' })).toBeDisabled();
	}
	// Another wish for the same outlet is another plan: it can be kept in place of the first.
	await choosePart(page, 'USB outlet');
	await planned(page, 'usb');
	await page.getByRole('button', { name: 'Keep it for the shopping list' }).click();
	await expect(page.getByRole('button', { name: 'On the shopping list' })).toBeDisabled();
	await page.getByRole('link', { name: 'Shopping list' }).click();
	await page.waitForURL(/\/shopping$/);
	await answers(page);
	await expect(page.getByText('Music room, piano: decorator outlet')).toBeVisible();
	await expect(page.getByText('Music room, window wall: USB outlet')).toBeVisible();
	const price = page.getByLabel(/^Price of one: Decorator outlet, 15 A/);
	await price.fill('4,80');
	await price.blur();
	await page.getByLabel(/^Price of one: USB outlet, 15 A/).fill('31.5');
	await page.getByLabel('What a call-out would cost').fill('abc');
	await page.getByLabel('What a call-out would cost').blur();
	await expect(page.getByText('“abc” isn’t a number.')).toBeVisible();
	await page.getByLabel('What a call-out would cost').fill('160');
	await page.getByLabel('What a call-out would cost').blur();
	await expect(page.getByText('$36.30').first()).toBeVisible();
	await expect(page.getByText('Parts without a price, or no call-out', { exact: false })).toBeVisible();
	// What one has costs nothing.
	for (const box of await page.getByRole('checkbox').all())
		if (!/outlet, 15 A/.test((await box.getAttribute('aria-label')) ?? '')) await box.check();
	await expect(page.getByText('Left by doing it yourself')).toBeVisible();
	await expect(page.getByText('$123.70')).toBeVisible();
	await page.reload();
	await expect(page.getByText('$123.70')).toBeVisible();
	const csv = await (await page.request.get('/fennel-lane/shopping.csv')).text();
	expect(csv.split('\r\n')[0]).toBe('item,number,owned,price_each,together,for');
	expect(csv).toMatch(/Decorator outlet, 15 A.*,1,no,4\.80,4\.80,"?\w+/);
	// Parts side by side say what they cost, where that was entered.
	await page.goto('/fennel-lane/plan/music-piano');
	await planned(page, 'decorator');
	await page.getByRole('button', { name: 'Compare' }).click();
	await expect(page.getByRole('row', { name: /^Price, as you entered it .*\$4\.80/ })).toBeVisible();
	await page.goto('/fennel-lane/shopping');
	// Opened again it is the plan that was kept; begun, it is kept no more.
	await page
		.getByRole('listitem')
		.filter({ hasText: 'window wall' })
		.getByRole('link', { name: 'Open' })
		.click();
	await planned(page, 'usb');
	await page.getByLabel('Who does the work').fill('Avery Quill');
	await page.getByRole('button', { name: 'Begin' }).click();
	await page.waitForURL(/\/job\//);
	await page.goto('/fennel-lane/shopping');
	await expect(page.getByText('Music room, window wall: USB outlet')).toHaveCount(0);
	await page.getByRole('button', { name: 'Take Music room, piano off the list' }).click();
	await expect(page.getByText('No plan is kept.', { exact: false })).toBeVisible();
});
