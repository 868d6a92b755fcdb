import { forward } from './forward';
import { doStep, doUntil, energy, ready, startJob, stepOf } from './jobDriver';
import { expect, test } from './server';

const breaker = { breaker: /breaker 18\b/ };
const anotherOne = 'Another outlet belongs to this job';

test('us: an outlet found on the way is taken into the job, waits for power, is read live first, and both are tested', async ({
	page
}) => {
	await startJob(page, 'fennel-lane', 'bedroom-dresser');
	await forward(page, ({ kind }) => kind === 'move', ['b18']);
	expect(await energy(page)).toBe('provenDead');
	await page.keyboard.press('m');
	const dialog = page.getByRole('dialog', { name: anotherOne });
	await dialog.getByLabel(/^Which/).selectOption({ label: 'Bedroom, bed right' });
	await dialog.getByRole('button', { name: 'Take it in: the same again' }).click();
	await expect(dialog).toBeHidden();
	// The box that is open goes on first, still proven.
	expect((await stepOf(page)).kind).toBe('move');
	expect(await energy(page)).toBe('provenDead');
	const trail = page.getByRole('navigation', { name: 'Visits' });
	await expect(trail.getByText('Bedroom, bed right').first()).toBeAttached();
	// Lost from the page and had from the server again.
	await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
	await forward(page, ({ kind }) => kind === 'restorePower', []);
	const done: { kind: string; place: string }[] = [];
	/** What is done on the way to the first step of a kind, that one with it. */
	const doTo = async (last: string) => {
		for (let n = 0; n < 200 && done.at(-1)?.kind !== last; n++) {
			const { kind } = await stepOf(page);
			done.push({ kind, place: (await page.locator('nav h2').textContent()) ?? '' });
			await doStep(page, breaker);
		}
	};
	await doTo('readPair');
	await forward(page, ({ kind }) => kind === 'move', []);
	await doTo('move');
	await forward(page, ({ kind }) => kind === 'readPlug', []);
	await doTo('finish');
	const at = (kind: string, place?: string) =>
		done.findIndex((each) => each.kind === kind && (place === undefined || each.place === place));
	const order = [
		at('restorePower'),
		at('readLive', 'Bedroom, bed right'),
		at('switchOff'),
		at('readPair', 'Bedroom, bed right'),
		at('move', 'Bedroom, bed right'),
		at('readPlug')
	];
	expect(order.every((place) => place >= 0)).toBe(true);
	expect(order).toEqual([...order].sort((a, b) => a - b));
	await page.getByRole('link', { name: 'See the record' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText([
		'Bedroom, dresser',
		'Bedroom, bed right'
	]);
});

test(
	'what was planned and kept for another day is taken into the job as it was wished for',
	{ tag: '@long' },
	async ({ page }) => {
		await page.goto('/fennel-lane/plan/bedroom-bed-left?part=usb');
		await page.locator('main[data-planned=usb]').waitFor();
		await page.getByRole('button', { name: 'Keep it for the shopping list' }).click();
		await expect(page.getByRole('button', { name: 'On the shopping list' })).toBeVisible();
		await startJob(page, 'fennel-lane', 'bedroom-dresser');
		await page.keyboard.press('m');
		const dialog = page.getByRole('dialog', { name: anotherOne });
		await dialog.getByLabel(/^Which/).selectOption({ label: 'Bedroom, bed left' });
		await dialog.getByRole('button', { name: 'Take it in as planned: USB outlet' }).click();
		await expect(dialog).toBeHidden();
		await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
		await page.goto('/fennel-lane/shopping');
		await expect(page.getByText('Bedroom, bed left')).toHaveCount(0);
		await page.goto('/fennel-lane/plan/bedroom-bed-left?part=usb');
		await expect(page.getByText('A job is under way here. It goes on by its own plan.')).toBeVisible();
	}
);

test('planned while a job on the same breaker is under way, it is taken into that one; taken in by mistake it is left out again', async ({
	page
}) => {
	await startJob(page, 'fennel-lane', 'bedroom-dresser');
	const job = page.url();
	await page.goto('/fennel-lane/plan/bedroom-bed-right?part=decorator');
	await page.locator('main[data-planned]').waitFor();
	await expect(page.getByText(/A job on the same breaker is under way: Bedroom, dresser/)).toBeVisible();
	await page.getByRole('button', { name: 'Take it into that job' }).click();
	await page.waitForURL(job);
	await ready(page);
	await doUntil(page, ({ kind }) => kind === 'readLive');
	await page.keyboard.press('m');
	const dialog = page.getByRole('dialog', { name: anotherOne });
	await dialog.getByRole('button', { name: 'Leave out Bedroom, bed right again' }).click();
	await expect(dialog).toBeHidden();
	await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
	await page.goto('/fennel-lane/plan/bedroom-bed-right?part=decorator');
	await expect(page.getByRole('button', { name: 'Take it into that job' })).toBeVisible();
});
