import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { answers } from './answers';
import { expect, test } from './server';

/** Begins a bench of a kind and waits until it answers. */
async function begin(page: Page, home: string, kind: RegExp): Promise<void> {
	await page.goto(`/${home}/bench`);
	await answers(page);
	await page.getByRole('button', { name: kind }).click();
	await page.locator('main[data-ready=yes]').waitFor();
}
const wire = (page: Page, id: string) => page.locator(`[data-wire="${id}"]`);
const place = (page: Page, at: string) => page.locator(`[data-at="${at}"]`);
const sits = (page: Page, label: string) => page.getByLabel(`${label}: where it sits`);
const power = (page: Page, name: RegExp) =>
	page.getByRole('region', { name: 'Power' }).getByRole('button', { name }).click();
const protection = (page: Page) => page.getByRole('list', { name: 'Protection' });

async function drag(page: Page, from: string, to: string): Promise<void> {
	const centre = async (selector: string) => {
		const box = (await page.locator(selector).boundingBox())!;
		return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
	};
	const start = await centre(`[data-wire="${from}"] .hit`);
	const end = await centre(`[data-at="${to}"] .hit`);
	await page.mouse.move(start.x, start.y);
	await page.mouse.down();
	await page.mouse.move((start.x + end.x) / 2, (start.y + end.y) / 2, { steps: 6 });
	await page.mouse.move(end.x, end.y, { steps: 6 });
	await page.mouse.up();
}

/** Fingers on the glass, from where they are put down to where they are lifted. */
async function fingers(
	page: Page,
	paths: readonly (readonly [from: readonly [number, number], to: readonly [number, number]])[]
): Promise<void> {
	const session = await page.context().newCDPSession(page);
	const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', share: number | null) =>
		session.send('Input.dispatchTouchEvent', {
			type,
			touchPoints:
				share === null
					? []
					: paths.map(([from, to], id) => ({
							id,
							x: from[0] + (to[0] - from[0]) * share,
							y: from[1] + (to[1] - from[1]) * share
						}))
		});
	await send('touchStart', 0);
	for (let k = 1; k <= 12; k++) {
		await send('touchMove', k / 12);
		await page.waitForTimeout(20);
	}
	await send('touchEnd', null);
}
const middle = async (page: Page, selector: string): Promise<readonly [number, number]> => {
	const box = (await page.locator(selector).boundingBox())!;
	return [box.x + box.width / 2, box.y + box.height / 2];
};

test('a GFCI in the middle of a run, wired with supply and load exchanged, guards nothing; turned round it guards what comes after', async ({
	page
}) => {
	await begin(page, 'fennel-lane', /Supply through a GFCI/);
	await power(page, /^1 15 A/);
	await page.getByLabel('A device to fit').selectOption('gfci');
	await page.getByRole('button', { name: 'fit', exact: true }).click();
	await expect(page.getByRole('region', { name: 'Device' })).toContainText('tripped');

	// Supply to the load side by dragging, load to the supply side by taps and by the table.
	await drag(page, 'c2/hot', 'terminal:loadHot');
	await page.getByText('The same as a table').click();
	await expect(sits(page, 'black, c2')).toHaveValue('terminal:loadHot');
	await wire(page, 'c2/neutral').click();
	await place(page, 'terminal:loadNeutral').click();
	await expect(sits(page, 'white, c2')).toHaveValue('terminal:loadNeutral');
	await sits(page, 'black, c3').selectOption('terminal:supplyHot');
	await wire(page, 'c3/neutral').focus();
	await page.keyboard.press('Enter');
	await place(page, 'terminal:supplyNeutral').focus();
	await page.keyboard.press('Enter');
	await expect(sits(page, 'white, c3')).toHaveValue('terminal:supplyNeutral');

	await power(page, /^1 15 A/);
	await page.getByRole('button', { name: 'Reset' }).click();
	await expect(page.getByRole('alert')).toContainText('no power at its supply side');
	await page.keyboard.press('4');
	await expect(protection(page).getByText('outlet after, upper half: dead: nothing to guard')).toBeVisible();

	// Turned round: each conductor back by undoing the four moves, then on again.
	await power(page, /^1 15 A/);
	for (const [conductor, at] of [
		['black, c3', 'terminal:loadHot'],
		['white, c3', 'terminal:loadNeutral'],
		['black, c2', 'terminal:supplyHot'],
		['white, c2', 'terminal:supplyNeutral']
	] as const) {
		await sits(page, conductor).selectOption(at);
		await expect(sits(page, conductor)).toHaveValue(at);
	}
	await power(page, /^1 15 A/);
	await page.getByRole('button', { name: 'Reset' }).click();
	await expect(page.getByRole('region', { name: 'Device' })).toContainText('light on');
	await expect(
		protection(page).getByText(/outlet after, upper half: the device here opens in 3\.7 s/)
	).toBeVisible();
	await expect(protection(page).getByText('outlet before, upper half: nothing opens')).toBeVisible();
	await page.getByRole('button', { name: 'Press test' }).click();
	await expect(page.getByRole('region', { name: 'Power' })).toContainText('opened after');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('region', { name: 'Device' })).toContainText('light on');

	// It is kept, and the record of the house isn’t touched.
	await expect(page.locator('header .soft', { hasText: /^saved$/ })).toBeVisible();
	await page.reload();
	await page.locator('main[data-ready=yes]').waitFor();
	await page.getByText('The same as a table').click();
	await expect(sits(page, 'black, c2')).toHaveValue('terminal:supplyHot');
});

test(
	'a box of the house: probed, loaded, shorted, taken along as a file and brought back; a file from the future is refused',
	{ tag: '@long' },
	async ({ page, request }) => {
		const before = await (await request.get('/tannery-row/house.json')).text();
		await page.goto('/tannery-row/bench');
		await answers(page);
		await page.getByLabel('a socket-outlet of this house').selectOption('box-room-desk');
		await page.getByRole('button', { name: 'As it is wired' }).click();
		await page.locator('main[data-ready=yes]').waitFor();
		await page.keyboard.press('p');
		await place(page, 'terminal:hot').click();
		await place(page, 'terminal:neutral').click();
		await expect(page.locator('output')).toHaveText(/^2[2-4]\d\.\d V$/);
		await page.getByLabel('What it measures').selectOption('ohms');
		await expect(page.locator('output')).toHaveText('LIVE');
		await page.getByLabel('What to plug in').selectOption('kettle');
		await page.getByRole('button', { name: 'plug in' }).click();
		await page.keyboard.press('2');
		await expect(page.locator('.paper svg')).toContainText(/\d\.\d A/);
		await page.keyboard.press('w');
		// A second wire where the metal of the box is: line to earth.
		await page.getByText('Make a mistake').click();
		await page.getByLabel('Mistake').selectOption({ label: 'Line touches the metal box' });
		await page.getByRole('button', { name: 'make it' }).click();
		await expect(page.getByRole('region', { name: 'Power' })).toContainText(/opened after 0\.0\d s/);
		await expect(page.locator('output')).not.toHaveText('LIVE');

		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: 'bench file' }).click()
		]);
		const file = JSON.parse(readFileSync((await download.path())!, 'utf8')) as {
			version: number;
			events: unknown[];
		};
		expect(file.events).toHaveLength(2);
		const [netlist] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: 'netlist, SPICE' }).click()
		]);
		expect(readFileSync((await netlist.path())!, 'utf8')).toContain('.end');
		const [svg] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: 'drawing, SVG' }).click()
		]);
		expect(readFileSync((await svg.path())!, 'utf8')).toMatch(/^<svg[^>]*xmlns=/);
		expect(await (await request.get('/tannery-row/house.json')).text()).toBe(before);

		await page.goto('/tannery-row/bench');
		await answers(page);
		const choose = (content: string) =>
			page.getByLabel('From a file').setInputFiles({
				name: 'shared.bench.json',
				mimeType: 'application/json',
				buffer: Buffer.from(content)
			});
		await choose(JSON.stringify({ ...file, version: 2 }));
		await expect(page.getByRole('alert')).toContainText('The file is of version 2');
		await choose('not json');
		await expect(page.getByRole('alert')).toContainText('isn’t JSON');
		await choose(JSON.stringify(file));
		await page.waitForURL(/bench\/[0-9a-f-]{36}$/);
		await page.locator('main[data-ready=yes]').waitFor();
		await expect(page.getByText('What was done (2)')).toBeVisible();
	}
);

test('wired from nothing on a phone by taps; what doesn’t fit is refused in words', async ({
	browser,
	application
}) => {
	const context = await browser.newContext({
		baseURL: application.address,
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		isMobile: true
	});
	const page = await context.newPage();
	await begin(page, 'fennel-lane', /An empty box/);
	await page.getByLabel('A device to fit').selectOption('duplex');
	await page.getByRole('button', { name: 'fit', exact: true }).tap();
	await page.getByText('Cables and the box itself').tap();
	await page.getByRole('button', { name: 'bring in' }).tap();
	await wire(page, 'c1/hot').tap();
	await place(page, 'terminal:hotUpper').tap();
	await wire(page, 'c1/neutral').tap();
	await place(page, 'terminal:neutralUpper').tap();
	// Until it is taken, the drawing may still move under the finger.
	await expect(sits(page, 'white, c1')).toHaveValue('terminal:neutralUpper');
	await expect(page.locator('main')).toHaveAttribute('data-ready', 'yes');
	// By a finger that drags; beside an end the page would scroll.
	await page.evaluate(() => document.querySelector('.paper')!.scrollIntoView({ block: 'center' }));
	await fingers(page, [
		[
			await middle(page, '[data-wire="c1/ground"] .hit'),
			await middle(page, '[data-at="terminal:ground"] .hit')
		]
	]);
	await page.getByText('The same as a table').tap();
	await expect(sits(page, 'bare, c1')).toHaveValue('terminal:ground');
	// Two fingers enlarge the drawing and not the page.
	const [x, y] = await middle(page, '.paper svg');
	await fingers(page, [
		[
			[x - 20, y],
			[x - 80, y]
		],
		[
			[x + 20, y],
			[x + 80, y]
		]
	]);
	await expect(page.locator('[data-drawing]')).toHaveAttribute('transform', /scale\(([2-5])/);
	expect(await page.evaluate(() => visualViewport!.scale)).toBe(1);
	await page.getByRole('button', { name: 'whole' }).tap();
	await expect(page.locator('[data-drawing]')).toHaveAttribute('transform', /scale\(1\)/);
	await page.getByRole('button', { name: 'plug in' }).tap();
	await expect(page.getByRole('region', { name: 'Power' })).toContainText('Lamp here, upper half: works');
	// A second ground wire: only one fits the ground screw.
	await page.getByRole('button', { name: 'bring in' }).tap();
	await wire(page, 'c2/ground').tap();
	await place(page, 'terminal:ground').tap();
	await expect(page.getByRole('alert')).toContainText(
		'takes 1 wire by clamp plate. Splice them and bring a pigtail.'
	);
	await context.close();
});

test('a bench, and a search, that can’t be worked out on this device say so', async ({ page }) => {
	await page.route(/\/workers\//, (route) => route.abort());
	await page.goto('/fennel-lane/bench');
	await answers(page);
	await page.getByRole('button', { name: /An empty box/ }).click();
	await expect(page.getByText('this was never fetched')).toBeVisible();
	await page.goto('/fennel-lane/find/sewing-east-wall');
	await expect(page.getByText('this was never fetched')).toBeVisible();
	await page.unrouteAll({ behavior: 'wait' });
	await page.getByRole('button', { name: 'Load the page anew' }).click();
	await expect(page.locator('.search[data-planning=false]')).toBeVisible();
	await expect(page.getByText('this was never fetched')).toHaveCount(0);
});
