import type { Page } from '@playwright/test';
import { answers } from './answers';
import { choosePart } from './jobDriver';
import { expect, test } from './server';

const rules = (page: Page) => page.getByRole('region', { name: /^The rules: / });
const planned = (page: Page) =>
	page.getByRole('heading', { name: 'The model, before a screw is turned' }).waitFor();
/** The record takes what is said. */
async function saved(page: Page, say: () => Promise<unknown>): Promise<void> {
	await Promise.all([
		page.waitForResponse((answer) => answer.url().endsWith('/house') && answer.request().method() !== 'GET'),
		say()
	]);
	await answers(page);
}
const begin = (page: Page) => page.getByRole('button', { name: 'Begin' });

test('us: a 20 A outlet wished for on a 15 A circuit is refused with its clause, here and by the server', async ({
	page,
	request
}) => {
	await page.goto('/fennel-lane/plan/bedroom-dresser?part=duplex');
	await planned(page);
	await expect(begin(page)).toBeVisible();
	await page.getByLabel('Its rating').selectOption({ label: '20 A, T-slot' });
	await expect(rules(page)).toHaveAttribute('data-level', 'notAllowed');
	await expect(rules(page).getByText('210.21(B)(3)')).toBeVisible();
	await expect(begin(page)).toHaveCount(0);
	await expect(page.getByText(/This isn’t begun/)).toBeVisible();
	const answer = await request.post('/api/fennel-lane/jobs', {
		data: {
			id: crypto.randomUUID(),
			boxId: 'bedroom-dresser',
			school: 'groundFirst',
			who: 'Avery Quill',
			wish: { part: 'duplex', feed: 'asFound', ratingA: 20 }
		}
	});
	expect(answer.status()).toBe(422);
	expect(await answer.json()).toMatchObject({ code: 'ruledOut', by: { rule: 'rating' } });
	await page.getByLabel('Its rating').selectOption({ label: '15 A' });
	await expect(begin(page)).toBeVisible();
});

test('uk: a twin with USB doesn’t go into a 16 mm box, and does into a deeper one', async ({ page }) => {
	await page.goto('/tannery-row/plan/front-bedroom-bed?part=usbTwin');
	await planned(page);
	await expect(rules(page)).toHaveAttribute('data-level', 'notAllowed');
	await expect(rules(page).getByText(/A deeper back box, or a spacer/)).toBeVisible();
	await expect(begin(page)).toHaveCount(0);
	// What was there goes back in.
	await choosePart(page, 'Twin socket');
	await expect(rules(page)).toHaveAttribute('data-level', 'right');
	await expect(begin(page)).toBeVisible();
	await page.goto('/tannery-row/outlet/front-bedroom-bed');
	await saved(page, async () => {
		await page.getByLabel('Depth, mm').fill('35');
		await page.getByLabel('Depth, mm').blur();
	});
	await page.goto('/tannery-row/plan/front-bedroom-bed?part=usbTwin');
	await planned(page);
	await expect(rules(page)).toHaveAttribute('data-level', 'right');
	await expect(begin(page)).toBeVisible();
});

test('us: a GFCI wished for where one can’t get at it isn’t allowed; it goes upstream, and guards that place too', async ({
	page
}) => {
	await page.goto('/fennel-lane/plan/laundry-freezer?part=gfci');
	await planned(page);
	// Nobody has said whether one can get at it: it isn’t taken for granted behind a freezer.
	await expect(rules(page)).toHaveAttribute('data-level', 'allowedIf');
	await page.goto('/fennel-lane/outlet/kitchen-table');
	await page.locator('#place').getByRole('button').click();
	const said = (what: string | RegExp, answer: string) =>
		saved(page, () => page.getByLabel(what).selectOption({ label: answer }));
	await said('Can one get at it without moving anything?', 'No');
	await said('Does it serve a worktop?', 'Yes');
	await page.goto('/fennel-lane/plan/kitchen-table?part=gfci');
	await planned(page);
	await expect(rules(page)).toHaveAttribute('data-level', 'notAllowed');
	await expect(rules(page).getByText(/Put it before this box, where it guards this one too/)).toBeVisible();
	await expect(begin(page)).toHaveCount(0);
	await page.getByRole('link', { name: 'All rules and their clauses' }).click();
	await page.getByRole('link', { name: 'Protection', exact: true }).click();
	const counter = page.locator('[data-circuit=counter-right]');
	await expect(counter.getByText('A GFCI at Kitchen, counter right')).toBeVisible();
	await counter.getByRole('link', { name: 'Plan it at Kitchen, counter right' }).click();
	await page.waitForURL(/\/plan\/kitchen-counter-right\?part=gfci&feed=protected/);
	await planned(page);
	await expect(page.getByText(/Kitchen, table.*fed, and protected from here/)).toBeVisible();
});

test('us: what is said of the place and of the edition changes what is asked', async ({ page }) => {
	await page.goto('/fennel-lane/plan/kitchen-table?part=dualFunction');
	await planned(page);
	await expect(rules(page).locator('[data-rule=groundFaultPlace]')).toBeVisible();
	await page.goto('/fennel-lane/outlet/kitchen-table');
	await page.locator('#place').getByRole('button').click();
	await saved(page, () => page.getByLabel('Does it serve a worktop?').selectOption({ label: 'No' }));
	await saved(page, () => page.getByLabel(/Within 6 ft/).selectOption({ label: 'No' }));
	await page.goto('/fennel-lane/plan/kitchen-table?part=dualFunction');
	await planned(page);
	await expect(rules(page).locator('[data-rule=groundFaultPlace]')).toHaveCount(0);
	await page.goto('/fennel-lane/rules');
	await page.getByLabel('Edition in force here').selectOption({ label: 'NEC 2023' });
	await expect(page.locator('main')).toHaveAttribute('data-edition', '2023');
	await page.locator('main[data-saving=false]').waitFor();
	// From 2023 on every kitchen outlet, worktop or not.
	await page.goto('/fennel-lane/plan/kitchen-table?part=dualFunction');
	await planned(page);
	await expect(rules(page).getByText('406.4(D)(3), 210.8(A)(6)')).toBeVisible();
	// Parts side by side, and the one that is right taken from there.
	await page.getByRole('button', { name: 'Compare' }).click();
	const compared = page.getByRole('region', { name: 'Parts side by side' });
	await expect(compared.getByRole('columnheader')).toHaveCount(4);
	await page.getByLabel('Two-slot outlet', { exact: true }).check();
	await expect(compared.getByText(/Where a ground comes to the box, the outlet takes one/)).toBeVisible();
	await compared.getByRole('button', { name: 'Take this one' }).first().click();
	await expect(page.locator('main')).not.toHaveAttribute('data-planned', 'dualFunction');
});

test('us: without a ground all lawful ways stand side by side, and one is taken', async ({ page }) => {
	await page.goto('/fennel-lane/plan/reading-alcove');
	await page.locator('main[data-planned]').waitFor();
	await page.getByRole('button', { name: 'No ground here: all lawful ways' }).click();
	const here = page.locator('[data-way=guardHere]');
	await expect(here.getByText('No Equipment Ground')).toBeVisible();
	await expect(page.locator('[data-way=guardBefore]').getByText('GFCI Protected')).toBeVisible();
	await expect(page.getByText(/Not to be plugged in where nothing is grounded/)).toBeVisible();
	await here.getByRole('button', { name: /^Take the/ }).click();
	await expect(page.locator('main')).toHaveAttribute('data-planned', 'gfci');
	await planned(page);
});

test('uk: a single made a twin asks what the circuit carries already', async ({ page }) => {
	await page.goto('/tannery-row/outlet/back-bedroom-door');
	await saved(page, () => page.getByLabel('What is there').selectOption({ label: 'Single socket' }));
	await page.goto('/tannery-row/plan/back-bedroom-door?part=socketTwin');
	await planned(page);
	await expect(rules(page)).toHaveAttribute('data-level', 'right');
	await expect(
		page.getByText(/More outlets than now: by what is plugged in \d+ W of the circuit’s 7360 W/)
	).toBeVisible();
	await expect(page.getByText(/A twin is good for 20 A in all/)).toBeVisible();
	await expect(begin(page)).toBeVisible();
});
