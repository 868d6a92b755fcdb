import { answers } from './answers';
import { choosePart, doStep, ready, stepOf } from './jobDriver';
import { expect, test } from './server';

test(
	'us: a cable’s end with nothing fitted yet is put on record, and a new outlet goes on it',
	{ tag: '@long' },
	async ({ page, request }) => {
		await page.goto('/fennel-lane/outlet/bedroom-window');
		await answers(page);
		await page.getByLabel('What is there').selectOption({ label: 'Blank cover' });
		await expect(page.getByText('Nothing is fitted here yet.', { exact: false })).toBeVisible();
		await page.getByRole('link', { name: 'Plan what goes in' }).click();
		await page.locator('main[data-planned]').waitFor();
		// In a bedroom today’s code asks for protection against arcs, and nothing is as it was before.
		await expect(page.getByText(/210\.12/).first()).toBeVisible();
		await expect(page.getByRole('button', { name: 'Begin' })).toHaveCount(0);
		// An outlet at the new end protects nothing of the wire before it.
		await choosePart(page, 'Dual-function outlet');
		await expect(page.getByText(/as the first one of the circuit/).first()).toBeVisible();
		await expect(page.getByRole('button', { name: 'Begin' })).toHaveCount(0);
		// An electrician has put a combination breaker in; that is put on record.
		const edit = (expectedVersion: number) =>
			request.post('/api/fennel-lane/house', {
				data: {
					expectedVersion,
					edits: [{ do: 'setBreaker', breaker: 'b18', type: 'arcFault' }],
					why: 'combination breaker'
				}
			});
		const { version } = await (await edit(1)).json();
		expect((await edit(version)).ok()).toBe(true);
		await page.reload();
		await choosePart(page, 'Duplex outlet');
		await expect(page.getByText(/This is new work, not a replacement/)).toBeVisible();
		await page.getByLabel('Who does the work').fill('Avery Quill');
		await page.getByRole('button', { name: 'Begin' }).click();
		await page.waitForURL(/\/job\//);
		await ready(page);
		const done: { kind: string; title: string }[] = [];
		for (let n = 0; n < 150 && (await stepOf(page)).kind !== 'finished'; n++) {
			done.push(await stepOf(page));
			await doStep(page, { breaker: /breaker 18\b/ });
		}
		const at = (words: RegExp) => done.findIndex(({ title }) => words.test(title));
		const order = [
			at(/^Bring a known ground for the cable’s end/),
			at(/^Is something lit at/),
			at(/^Has the lamp at .* gone dark/),
			at(/^Blank cover off/),
			at(/^Bring the ends into view/),
			at(/\(hot\) to known ground/),
			at(/^Sheath and lengths/),
			at(/^Cap off: /)
		];
		expect(order.every((place) => place >= 0)).toBe(true);
		expect(order).toEqual([...order].sort((a, b) => a - b));
		await page.getByRole('link', { name: 'See the record' }).click();
		await expect(page.getByText('Lamp at Bedroom, bed left').first()).toBeVisible();
		await page.goto('/fennel-lane/outlet/bedroom-window');
		await expect(page.getByText(/^Duplex/).first()).toBeVisible();
		await expect(page.getByText(/New duplex outlet fitted on the end of a cable/)).toBeVisible();
	}
);

test('what a new outlet needs, and isn’t there, is said in its place', async ({ page }) => {
	await page.goto('/fennel-lane/outlet/bedroom-dresser');
	await answers(page);
	// Two cables come to it: it is no cable’s end.
	await expect(page.getByLabel('What is there').locator('option[value=blank]')).toHaveCount(0);
});
