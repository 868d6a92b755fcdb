import { forward } from './forward';
import { doUntil, energy, ready, startJob, stepOf } from './jobDriver';
import { expect, test } from './server';

test('two phones at one job: readings taken without knowing of another’s doubt prove nothing, and the page says which', async ({
	application,
	browser
}) => {
	const open = () => browser.newPage({ baseURL: application.address, viewport: { width: 390, height: 844 } });
	const phone = await open();
	await startJob(phone, 'fennel-lane', 'sewing-closet');
	await forward(phone, ({ kind }) => kind === 'proveTester', ['b14']);
	const other = await open();
	await other.goto(phone.url());
	await ready(other);

	// What the one enters doesn't get through: to its end, it stands at PROVEN DEAD.
	const sent = '**/events';
	await phone.route(sent, (route) => route.abort());
	await doUntil(phone, ({ kind }) => kind !== 'proveTester' && kind !== 'readPair');
	expect(await energy(phone)).toBe('provenDead');

	await other.getByRole('button', { name: 'It moved, or it’s odd' }).click();
	await other.getByRole('button', { name: 'I opened another box' }).click();
	await expect(other.locator('main[data-unsent="0"]')).toBeVisible();

	await phone.unroute(sent);
	await expect(phone.locator('main[data-unsent="0"]')).toBeVisible({ timeout: 30_000 });
	const notice = phone.getByRole('alert').filter({ hasText: 'This job went on elsewhere.' });
	await expect(notice).toContainText('Another box was opened');
	await expect(notice).toContainText('Done here without knowing that. It doesn’t count');
	await expect(notice.getByRole('listitem').filter({ hasText: '0.0 V' })).not.toHaveCount(0);
	await expect(notice).not.toContainText('no longer fits');
	expect(await energy(phone)).toBe('assumedLive');
	expect((await stepOf(phone)).kind).toBe('proveTester');

	// Both go on from one state, and come to a proof together.
	await doUntil(phone, ({ kind }) => kind !== 'proveTester' && kind !== 'readPair');
	expect(await energy(phone)).toBe('provenDead');
	await other.reload();
	await ready(other);
	expect(await energy(other)).toBe('provenDead');
});
