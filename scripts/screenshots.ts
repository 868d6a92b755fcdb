import { mkdirSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { doStep, doUntil, startJob } from '../e2e/jobDriver';
import { Application } from '../e2e/server';
import { launchOptions } from './lib/chromium.mjs';

const folder = new URL('../docs/screenshots/', import.meta.url).pathname;

/** One picture of each main view, from the demo homes as they are at first. */
async function screenshots(application: Application): Promise<void> {
	mkdirSync(folder, { recursive: true });
	const browser = await chromium.launch(launchOptions());
	const open = async (size: { width: number; height: number }, colorScheme: 'light' | 'dark') =>
		(await browser.newContext({ baseURL: application.address, viewport: size, colorScheme })).newPage();
	const take = async (page: Page, name: string) => {
		await page.evaluate(() => document.fonts.ready);
		await page.waitForTimeout(200);
		await page.screenshot({ path: `${folder}${name}.png` });
	};
	const reading = async (page: Page, name: string | null, volts: string) => {
		// Typed, or the mark of an indicator tapped that isn't as it should be, a reading waits to be looked at.
		const field = page.getByLabel('your reading in volts');
		if (await field.count()) await field.fill(volts);
		else await page.keyboard.press('t');
		await page.waitForTimeout(300);
		if (name) await take(page, name);
	};
	const planned = (page: Page) => page.locator('.search[data-planning=false]').waitFor();
	const breaker = { breaker: /breaker 14\b/ };

	const desk = await open({ width: 1280, height: 800 }, 'light');
	await desk.goto('/fennel-lane');
	await desk.reload();
	await take(desk, 'today');
	await desk.goto('/fennel-lane/outlet/sewing-east-wall');
	await take(desk, 'outlet');
	await desk.goto(
		'/fennel-lane/plan/reading-alcove?part=gfci&feed=protected&with=reading-lamp-table,reading-stove-wall'
	);
	await desk.locator('main[data-planned=gfci]').waitFor();
	await take(desk, 'plan');
	await desk.goto('/fennel-lane/house');
	await desk.locator('main[data-ready=true]').waitFor();
	await desk.locator('[data-breaker=b2]').click();
	await take(desk, 'house');
	await desk.goto('/fennel-lane/find/sewing-east-wall');
	await planned(desk);
	for (let count = 0; count < 2; count++) {
		await desk.keyboard.press('n');
		await planned(desk);
	}
	await desk.getByText('Why this?').click();
	await take(desk, 'search');
	await desk.goto('/fennel-lane/settings');
	await desk.waitForLoadState('networkidle');
	await desk.getByRole('button', { name: 'neutral open upstream, lamp: MISSES IT' }).click();
	await desk.evaluate(() => document.querySelector('.scroll')?.scrollIntoView());
	await take(desk, 'settings');
	await desk.goto('/new');
	await desk.waitForLoadState('networkidle');
	await desk.getByLabel('Name or address').fill('12 Alder Court');
	await desk
		.getByLabel(/^The directory/)
		.fill('1 15 Porch\n2 20 Kitchen\n3 20 Kitchen\n4 15 Lights\n5+7 30 Dryer\n6 15 Den\n9 15\n11 15 Study');
	await desk.getByLabel(/^Rooms and their/).fill('Den: sofa, window\nStudy: desk');
	await take(desk, 'add-a-home');
	await startJob(desk, 'fennel-lane', 'sewing-east-wall');
	await doUntil(desk, ({ kind }) => kind === 'readPair');
	await reading(desk, 'job-wrong-breaker-caught', '119.6');
	await doStep(desk);
	await desk.getByRole('button', { name: '11 is back on' }).click();
	await doUntil(desk, ({ title }) => title.startsWith('Black'), breaker);
	await reading(desk, null, '0.1');
	await doUntil(desk, ({ kind }) => kind === 'move');
	await doStep(desk);
	await take(desk, 'job-wiring');
	await doUntil(desk, ({ kind }) => kind === 'finished');
	await desk.getByRole('link', { name: 'See the record' }).click();
	await desk.waitForURL(/record$/);
	await take(desk, 'record');
	await desk.goto('/fennel-lane/log');
	await take(desk, 'log');
	await desk.goto('/fennel-lane/load?at=living');
	const living = desk.locator('#living');
	await living.getByLabel('What', { exact: true }).fill('heater');
	await living.getByLabel('Watts on its label', { exact: true }).fill('900');
	// Until the chart stands still.
	await desk.waitForTimeout(1500);
	await take(desk, 'load');

	for (const path of [
		'/fennel-lane/plan/reading-alcove?part=gfci&feed=protected&with=reading-lamp-table,reading-stove-wall',
		'/fennel-lane/plan/living-desk?part=usb'
	]) {
		await desk.goto(path);
		await desk.locator('main[data-planned]').waitFor();
		await desk.getByRole('button', { name: 'Keep it for the shopping list' }).click();
		await desk.getByRole('button', { name: 'On the shopping list' }).waitFor();
	}
	await desk.goto('/fennel-lane/shopping');
	await desk.waitForLoadState('networkidle');
	await desk.getByLabel(/^Price of one: GFCI/).fill('21.50');
	await desk.getByLabel(/^Price of one: Duplex/).fill('2.10');
	await desk.getByLabel(/^Price of one: Duplex/).blur();
	await take(desk, 'shopping');
	await desk.goto('/fennel-lane/protection');
	await take(desk, 'protection');

	const dark = await open({ width: 1280, height: 800 }, 'dark');
	await dark.goto('/tannery-row/house');
	await dark.reload();
	await dark.locator('main[data-ready=true]').waitFor();
	await dark.locator('[data-breaker=b5]').click();
	await take(dark, 'house-uk-dark');
	const phone = await open({ width: 390, height: 844 }, 'dark');
	await startJob(phone, 'tannery-row', 'box-room-desk');
	await doUntil(phone, ({ kind }) => kind === 'switchOff');
	await phone.getByRole('button', { name: 'Search for it' }).click();
	await planned(phone);
	await phone.getByRole('button', { name: 'I know which it is' }).click();
	await doUntil(phone, ({ kind }) => kind === 'readPair');
	await doStep(phone);
	await reading(phone, 'phone-proof-dark', '0');
	await phone.goto('/tannery-row/plan/front-bedroom-bed?part=usbTwin');
	await phone.getByRole('region', { name: /^The rules/ }).scrollIntoViewIfNeeded();
	await phone.mouse.wheel(0, 250);
	await phone.waitForTimeout(400);
	await take(phone, 'phone-rules-dark');
	await benches(desk, take);
	await handover(desk, take);
	await browser.close();
}

type Take = (page: Page, name: string) => Promise<void>;

/** A bench from behind. */
async function benches(desk: Page, take: Take): Promise<void> {
	const begin = async (page: Page, home: string, kind: RegExp) => {
		await page.goto(`/${home}/bench`);
		await page.waitForLoadState('networkidle');
		await page.getByRole('button', { name: kind }).click();
		await page.locator('main[data-ready=yes]').waitFor();
	};
	const plugIn = async (page: Page, what: string) => {
		await page.getByLabel('What to plug in').selectOption(what);
		await page.getByRole('button', { name: 'plug in' }).click();
		await page.locator('.load').first().waitFor();
	};
	await begin(desk, 'fennel-lane', /Supply through a GFCI/);
	await plugIn(desk, 'lamp');
	await desk.keyboard.press('p');
	for (const name of ['loadHot', 'loadNeutral'])
		await desk.locator(`[data-at="terminal:${name}"] circle`).first().click();
	await desk.keyboard.press('w');
	await desk.keyboard.press('4');
	await desk.getByRole('list', { name: 'Protection' }).waitFor();
	await desk.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
	await desk.getByText('saved', { exact: true }).waitFor();
	await take(desk, 'bench');
}

/** A box that isn't as recorded: what is in it, and the sheet for whoever goes on. */
async function handover(desk: Page, take: Take): Promise<void> {
	await startJob(desk, 'fennel-lane', 'sewing-window-wall');
	await doUntil(desk, ({ kind }) => kind === 'lookOver', { breaker: /breaker 14\b/ });
	await desk.getByRole('radio', { name: /No: more cables, or fewer/ }).check();
	await desk.getByRole('button', { name: '3', exact: true }).click();
	await desk.evaluate(() =>
		document.querySelector('fieldset:has(.chip)')?.scrollIntoView({ block: 'start' })
	);
	await desk.mouse.wheel(0, -120);
	await doUntil(desk, ({ kind }) => kind === 'stopped');
	await desk.getByRole('link', { name: 'Sheet for the electrician' }).click();
	await desk.waitForURL(/handover$/);
	await desk.waitForLoadState('networkidle');
	await take(desk, 'handover');
}

const application = await Application.start();
try {
	await screenshots(application);
} finally {
	await application.kill();
}
