import { expect } from '@playwright/test';
import { forward } from './forward';
import { doUntil, startJob, stepOf } from './jobDriver';
import { test } from './server';

test(
	'a hot goes on the other brass screw instead, on a phone and by key: worked out, made, tested, on record',
	{ tag: '@long' },
	async ({ page }) => {
		await page.setViewportSize({ width: 390, height: 844 });
		await startJob(page, 'fennel-lane', 'sewing-closet');
		await forward(page, ({ kind }) => kind === 'move', ['b14']);
		await doUntil(page, ({ title }) => title === 'On: upper brass screw');
		await page.keyboard.press('e');
		await expect(page.getByText(/another may serve as well/)).toBeVisible();
		await page.getByRole('button', { name: 'Lower brass screw instead' }).click();
		await expect(page.getByRole('heading', { name: 'On: lower brass screw' })).toBeVisible();
		// The page comes back to it, with what plans fetched first.
		await expect(async () => {
			expect(await page.locator('main[data-unsent="0"]').count()).toBe(1);
		}).toPass();
		await page.reload();
		await page.locator('.job[data-ready=true]').waitFor();
		expect((await stepOf(page)).title).toBe('On: lower brass screw');
		await forward(page, ({ kind }) => kind === 'finish', []);
		await doUntil(page, ({ kind }) => kind === 'finished');
		const job = new URL(page.url()).pathname;
		await page.goto(`${job}/record`);
		await expect(page.getByText('goes on the lower brass screw instead')).toBeVisible();
		const house = (await (await page.request.get('/fennel-lane/house.json')).json()) as {
			boxes: { id: string; terminations: { conductor: string; at: string }[] }[];
		};
		const { terminations } = house.boxes.find(({ id }) => id === 'sewing-closet')!;
		expect(terminations.filter(({ conductor }) => conductor === 'hot').map(({ at }) => at)).toEqual([
			'terminal:hotLower'
		]);
	}
);
