import type { Page } from '@playwright/test';
import { answers } from './answers';
import { forward } from './forward';
import { doUntil, ready } from './jobDriver';
import { expect, test } from './server';

/** Writes down what is typed, until the server has it. */
async function written(page: Page): Promise<void> {
	const taken = page.waitForResponse((answer) => answer.url().endsWith('/settings') && answer.ok());
	await page.getByRole('button', { name: 'Write it down' }).click();
	await taken;
}

test(
	'a connector is written down by its chart, and a plan says which joint it makes and which it doesn’t',
	{ tag: '@long' },
	async ({ page }) => {
		await page.goto('/fennel-lane/settings');
		await answers(page);
		await page.getByLabel('What you call it').fill('small levers');
		await page.getByLabel('Strip length, mm').fill('11');
		await page.getByLabel(/^Its chart/).fill('14 AWG 2-3\n13 AWG 2');
		await expect(page.getByText('Line 2, “13 AWG 2”: begins with no size that is used here')).toBeVisible();
		await page.getByRole('button', { name: 'Write it down' }).click();
		await expect(page.getByText('A line of the chart isn’t understood')).toBeVisible();
		await page.getByLabel(/^Its chart/).fill('14 AWG 2-3');
		await written(page);
		await expect(page.getByText('2 to 3 × 14 AWG')).toBeVisible();
		await page.reload();
		await expect(page.getByText('small levers')).toBeVisible();

		// Two cables of 14 AWG and a tail: three in each joint.
		await page.goto('/fennel-lane/plan/sewing-east-wall?part=duplex&feed=pigtails');
		await expect(page.getByText(/14\sAWG: yours, small levers, strip 11 mm/).first()).toBeVisible();
		await page.getByRole('button', { name: 'Keep it for the shopping list' }).click();
		await expect(page.getByRole('button', { name: 'On the shopping list' })).toBeDisabled();
		await page.goto('/fennel-lane/shopping');
		await expect(page.getByText('Yours, small levers, strip 11 mm').first()).toBeVisible();
		// At the joint itself, with the length that its packet asks.
		await page.goto('/fennel-lane/plan/sewing-east-wall?part=duplex&feed=pigtails');
		await page.getByLabel('Who does the work').fill('Avery Quill');
		await page.getByRole('button', { name: 'Begin' }).click();
		await page.waitForURL(/\/job\//);
		await ready(page);
		const main = page.locator('main[data-step]');
		await forward(page, ({ kind }) => kind === 'move', ['b14']);
		await doUntil(page, ({ title }) => title.startsWith('Join:'));
		await expect(main.getByText('Yours, small levers, strip 11 mm')).toBeVisible();
		await expect(main.getByText(/11 mm bare/).first()).toBeVisible();
		await page.goto('/fennel-lane/settings');
		await page.getByRole('button', { name: 'Remove small levers' }).click();
		await page.getByLabel('What you call it').fill('pairs only');
		await page.getByLabel(/^Its chart/).fill('14 AWG 2');
		await written(page);
		await expect(page.getByText('2 × 14 AWG')).toBeVisible();
		await page.goto('/fennel-lane/plan/sewing-east-wall?part=duplex&feed=pigtails');
		await expect(page.getByText(/none of those you have is listed for it/).first()).toBeVisible();
	}
);
