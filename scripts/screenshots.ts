import { mkdirSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { launch } from '../e2e/browser';
import { doStep, doUntil, startJob } from '../e2e/jobDriver';
import { Application } from '../e2e/server';

const folder = new URL('../docs/screenshots/', import.meta.url).pathname;

/** One picture of each main view, from the demo homes as they are at first. */
async function screenshots(application: Application): Promise<void> {
	mkdirSync(folder, { recursive: true });
	const browser = await launch();
	const open = async (size: { width: number; height: number }, colorScheme: 'light' | 'dark') =>
		(await browser.newContext({ baseURL: application.address, viewport: size, colorScheme })).newPage();
	const take = async (page: Page, name: string) => {
		await page.evaluate(() => document.fonts.ready);
		await page.waitForTimeout(200);
		await page.screenshot({ path: `${folder}${name}.png` });
	};
	const reading = async (page: Page, name: string) => {
		await page.keyboard.press('t');
		await page.locator('main .verdict').first().waitFor();
		await take(page, name);
	};
	const breaker = { breaker: /breaker 14\b/ };

	const desk = await open({ width: 1280, height: 800 }, 'light');
	await desk.goto('/fennel-lane');
	await desk.reload();
	await take(desk, 'today');
	await desk.goto('/fennel-lane/outlet/sewing-east-wall');
	await take(desk, 'outlet');
	await desk.goto('/new');
	await take(desk, 'add-a-home');
	await startJob(desk, 'fennel-lane', 'sewing-east-wall');
	await doUntil(desk, ({ kind }) => kind === 'readPair');
	await reading(desk, 'job-wrong-breaker-caught');
	await doStep(desk);
	await take(desk, 'job-panel');
	await desk.getByRole('button', { name: '11 is back on' }).click();
	await doUntil(desk, ({ title }) => title.startsWith('Black'), breaker);
	await reading(desk, 'job-bare-conductors');
	await doUntil(desk, ({ kind }) => kind === 'inspect');
	await take(desk, 'job-condition');
	await doUntil(desk, ({ kind, title }) => kind === 'terminate' && title.includes('white'));
	await take(desk, 'job-terminating');
	await doUntil(desk, ({ kind }) => kind === 'readPlug');
	await reading(desk, 'job-final-test');
	await doUntil(desk, ({ kind }) => kind === 'finished');
	await desk.getByRole('link', { name: 'See the record' }).click();
	await desk.waitForURL(/record$/);
	await take(desk, 'record');

	const dark = await open({ width: 1280, height: 800 }, 'dark');
	await dark.goto('/tannery-row/outlet/box-room-desk');
	await dark.reload();
	await take(dark, 'outlet-uk-dark');
	const phone = await open({ width: 390, height: 844 }, 'dark');
	await startJob(phone, 'tannery-row', 'box-room-desk');
	await doUntil(phone, ({ kind }) => kind === 'switchOff');
	await take(phone, 'phone-panel-dark');
	await doUntil(phone, ({ kind }) => kind === 'readPair');
	await reading(phone, 'phone-proof-dark');
	await doUntil(phone, ({ kind }) => kind === 'lookOver');
	await take(phone, 'phone-wires-dark');
	await browser.close();
}

const application = await Application.start();
try {
	await screenshots(application);
} finally {
	await application.kill();
}
