import { forward } from './forward';
import { doStep, doUntil, energy, startJob, stepOf } from './jobDriver';
import { expect, test } from './server';

test.describe('what was wrong before', () => {
	test('uk, on the phone: line and neutral reversed at a socket of the ring are found before, named by the model, and put right', async ({
		page
	}) => {
		await page.setViewportSize({ width: 390, height: 844 });
		await startJob(page, 'tannery-row', 'back-bedroom-door');
		await doUntil(page, ({ kind }) => kind === 'readAsFound');
		await page.keyboard.press('t');
		await expect(page.getByText(/It was so before you began/)).toBeVisible();
		await expect(
			page.getByRole('listitem').filter({ hasText: 'Line and neutral swapped, here' })
		).toBeVisible();
		await doUntil(page, ({ kind }) => kind === 'lookOver', { breaker: /sockets up/ });
		// Looked at, and not touched: what is found is what is proven.
		expect(await energy(page)).toBe('expectedDead');
		// Nothing is taken off on a record that isn't so: what sits where is said, and the job goes on where it is.
		await page.getByRole('radio', { name: /some sit elsewhere/ }).check();
		await page.getByRole('button', { name: 'Look into the simulated box' }).click();
		await expect(page.getByLabel('red from Front bedroom, window')).toHaveValue('terminal:neutral');
		const before = (await stepOf(page)).version;
		await page.getByRole('button', { name: 'Plan anew from this' }).click();
		await expect(page.locator(`main[data-version="${before + 1}"]`)).toBeVisible();
		expect(await energy(page)).toBe('expectedDead');
		// A page that is asked for anew plans anew as well.
		await page.locator('main[data-unsent="0"]').waitFor();
		await page.reload();
		await page.locator('.job[data-ready=true]').waitFor();
		await doUntil(page, ({ kind }) => kind === 'move');
		await forward(page, ({ kind }) => kind === 'readPlug', []);
		await doUntil(page, ({ kind }) => kind === 'finished');
		await page.goto(`${page.url()}/record`);
		await expect(page.getByText('wrong before, put right').first()).toBeVisible();
		// On record the line is on L now.
		await page.goto('/tannery-row/outlet/back-bedroom-door');
		await page.getByText('The same in words').first().click();
		await expect(page.getByRole('row', { name: /^red.*line.*terminal L/ }).first()).toBeVisible();
	});

	test(
		'us: a burned half is dead from the start, and that is no reason to end: proven to a known ground, swapped, and live again',
		{ tag: '@long' },
		async ({ page }) => {
			await startJob(page, 'fennel-lane', 'bedroom-window');
			await doUntil(page, ({ title }) => /Live first: lower/.test(title));
			await page.keyboard.press('t');
			await expect(page.locator('main .verdict').first()).toBeVisible();
			await page.keyboard.press('Enter');
			await expect(page.getByRole('heading', { name: 'Still nothing in the lower half?' })).toBeVisible();
			await page.getByRole('button', { name: 'It is dead from the start' }).click();
			// Everything is read to a known ground, which is shown to be one while there is power.
			await doUntil(page, ({ kind }) => kind === 'proveEarth');
			expect(await energy(page)).toBe('assumedLive');
			await doUntil(page, ({ kind }) => kind === 'lookOver', { breaker: /bedroom/ });
			for (let n = 0; n < 80 && (await stepOf(page)).kind !== 'finished'; n++) await doStep(page);
			await page.goto(`${page.url()}/record`);
			await expect(page.getByText('Dead from the start, lower half')).toBeVisible();
			const rows = page.getByRole('row', { name: /^Lower half/ });
			await expect(rows.getByText('wrong before, put right')).toBeVisible();
		}
	);
});
