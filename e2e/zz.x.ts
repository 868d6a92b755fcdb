import { mkdirSync } from 'node:fs';
import { launch } from './browser';
import { doStep, doUntil, ready, stepOf } from './jobDriver';
import { Application } from './server';
void (async () => {
	mkdirSync('/tmp/shots', { recursive: true });
	const app = await Application.start(process.env.TEST_DATABASE_URL!);
	const browser = await launch();
	try {
		const context = await browser.newContext({
			baseURL: app.address,
			viewport: { width: 1280, height: 800 }
		});
		const page = await context.newPage();
		const take = async (name: string, full = false) => {
			await page.waitForTimeout(250);
			await page.screenshot({ path: `/tmp/shots/${name}.png`, fullPage: full });
		};
		await page.goto('/fennel-lane/plan/reading-alcove?part=gfci&feed=protected');
		await page.locator('main[data-planned]').waitFor();
		await page.getByLabel('Do another outlet of this breaker in the same job').selectOption({ label: 'Reading nook, stove wall' });
		await page.getByRole('heading', { name: 'The model, before a screw is turned' }).waitFor();
		await take('plan2');
		await page.getByLabel('Who does the work').fill('Avery Quill');
		await page.getByRole('button', { name: 'Begin' }).click();
		await page.waitForURL(/\/job\//);
		await ready(page);
		await doUntil(page, ({ kind }) => kind === 'supplyWay', { breaker: /breaker 9\b/ });
		await doStep(page);
		await take('chainSupply');
		for (let n = 0; n < 400 && (await stepOf(page)).kind !== 'fixLabel'; n++) await doStep(page);
		await take('label');
		await page.setViewportSize({ width: 390, height: 844 });
		await take('labelPhone');
		await page.setViewportSize({ width: 1280, height: 800 });
		for (let n = 0; n < 200 && (await stepOf(page)).kind !== 'finished'; n++) await doStep(page);
		await page.goto(page.url() + '/labels.svg'); await take('labelSheet');
		await page.goto('/fennel-lane/outlet/reading-stove-wall'); await take('outletLabels');
	} catch (e) {
		console.error(e);
	} finally {
		await browser.close();
		await app.stop();
		process.exit(0);
	}
})();
