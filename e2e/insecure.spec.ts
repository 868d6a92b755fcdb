import { launchOptions } from '../scripts/lib/chromium.mjs';
import { newPairingCode } from '../scripts/lib/database.mjs';
import { doUntil, startJob } from './jobDriver';
import { Application, callerHeader, expect, test } from './server';

/** A name that is no loopback: by plain http a page under it has nothing of what browsers keep for secure addresses, like a phone in the house. */
const name = 'house.test';
const options = launchOptions();
test.use({
	launchOptions: { ...options, args: [...options.args, `--host-resolver-rules=MAP ${name} 127.0.0.1`] }
});

test('a phone on the network pairs, and does a whole job at an address that isn’t secure', async ({
	browser
}) => {
	const application = await Application.start(undefined, (port) => ({
		ORIGIN: `http://${name}:${port}`,
		ADDRESS_HEADER: callerHeader
	}));
	const page = await browser.newPage({
		baseURL: `http://${name}:${application.port}`,
		extraHTTPHeaders: { [callerHeader]: '192.0.2.9' },
		viewport: { width: 390, height: 844 },
		isMobile: true,
		hasTouch: true
	});
	const thrown: string[] = [];
	page.on('pageerror', ({ message }) => thrown.push(message));
	await page.goto(`/pair?code=${await newPairingCode(application.databaseUrl)}`);
	expect(await page.evaluate(() => [isSecureContext, typeof crypto.randomUUID])).toEqual([
		false,
		'undefined'
	]);
	await page.getByLabel('What do you call it?').fill('Hall phone');
	await page.getByRole('button', { name: 'Pair it' }).click();
	await page.waitForURL(/fennel-lane/);

	await startJob(page, 'fennel-lane', 'sewing-closet');
	await doUntil(page, ({ kind }) => kind === 'finished', { breaker: /breaker 14\b/ });
	await page.getByRole('link', { name: 'See the record' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
	expect(thrown).toEqual([]);

	// What nobody caught is said, in words.
	await expect(page.getByText('This page stumbled.')).toBeHidden();
	await page.evaluate(
		() =>
			void setTimeout(() => {
				throw new TypeError('crypto.randomUUID is not a function');
			})
	);
	const said = page.getByRole('alert').filter({ hasText: 'This page stumbled.' });
	await expect(said).toBeVisible();
	await expect(said).not.toContainText('randomUUID');
	await page.getByRole('button', { name: 'Load the page again' }).click();
	await expect(said).toBeHidden();
	await page.close();
	await application.kill();
});
