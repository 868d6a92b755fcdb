import { Application } from './server';
import { launch } from './browser';
import { doStep, doUntil, startJob, stepOf } from './jobDriver';
import { mkdirSync } from 'node:fs';
void (async () => {
	mkdirSync('/tmp/shots', { recursive: true });
	const app = await Application.start(process.env.TEST_DATABASE_URL!);
	const browser = await launch();
	const shot = async (page: any, name: string) => { await page.waitForTimeout(400); await page.screenshot({ path: `/tmp/shots/${name}.png` }); };
	{
		const page = await browser.newPage({ baseURL: app.address, viewport: { width: 1280, height: 800 } });
		await startJob(page, 'fennel-lane', 'sewing-east-wall');
		await doUntil(page, ({ kind }: any) => kind === 'checkPart', { breaker: /Sewing|14/ } as any);
		await shot(page, 'part');
		await doUntil(page, ({ kind }: any) => kind === 'move', { breaker: /\b14\b/ } as any);
		await shot(page, 'move');
		for (let k = 0; k < 3; k++) await doStep(page, { breaker: /\b14\b/ } as any);
		await shot(page, 'move3');
		await doUntil(page, ({ kind }: any) => kind === 'finish', { breaker: /\b14\b/ } as any);
		await doStep(page);
		await page.waitForTimeout(800);
		await page.screenshot({ path: '/tmp/shots/end.png' });
		await page.goto(page.url().replace(/\/?$/, '/record'));
		await page.waitForTimeout(800);
		await page.screenshot({ path: '/tmp/shots/record.png', fullPage: true });
	}
	process.exit(0);
})();
