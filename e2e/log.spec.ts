import { randomUUID } from 'node:crypto';
import { answers } from './answers';
import { expect, test } from './server';

test('a test button: due on Today, pressed and written down, gone; failed it comes back; next dates as a calendar', async ({
	page,
	application
}) => {
	const wanted = /test buttons? wants? pressing/;
	await page.goto('/fennel-lane');
	const due = page.getByRole('listitem').filter({ hasText: wanted });
	await expect(due).toContainText('Greenhouse, pump post, never written down');
	await due.getByRole('link').click();
	await page.getByRole('button', { name: 'Greenhouse, pump post: Dark, and back' }).click();
	await expect(
		page.getByRole('row', { name: /Greenhouse, pump post.*went dark, and came back/ })
	).toBeVisible();
	await page.getByRole('button', { name: 'Laundry nook, shelf left: Dark, and back' }).click();
	await expect(
		page.getByRole('row', { name: /Laundry nook, shelf left.*went dark, and came back/ })
	).toBeVisible();
	await page.goto('/fennel-lane');
	await expect(page.getByText(wanted)).toHaveCount(0);

	await page.goto('/fennel-lane/log');
	await answers(page);
	await page.getByRole('button', { name: 'Greenhouse, pump post: Stayed lit' }).click();
	await expect(page.getByText('did nothing')).toBeVisible();
	await page.goto('/fennel-lane');
	await expect(page.getByText('Greenhouse, pump post: its test button did nothing')).toBeVisible();
	await expect(page.getByText(/what is on it stayed lit/)).toBeVisible();

	const calendar = await (await page.request.get('/fennel-lane/tests.ics')).text();
	expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(2);
	expect(calendar).toContain('RRULE:FREQ=DAILY;INTERVAL=30');

	// What is noticed stands at its outlet; what isn't an entry, or is nowhere, is refused in its place.
	await page.goto('/fennel-lane/log');
	await answers(page);
	await page.getByLabel('Where').selectOption({ label: 'Bath, mirror' });
	await page.getByRole('textbox', { name: 'What' }).fill('Plate warm after the dryer');
	await page.getByRole('button', { name: 'Write it down' }).click();
	await expect(page.getByRole('row', { name: /Bath, mirror.*Plate warm/ })).toBeVisible();
	await page.goto('/fennel-lane/outlet/bath-mirror');
	await expect(page.getByText('Plate warm after the dryer')).toBeVisible();
	const send = (body: unknown) =>
		page.request.post(`${application.address}/api/fennel-lane/observations`, {
			data: { id: randomUUID(), box: 'bath-mirror', body },
			headers: { origin: application.address }
		});
	expect((await send({ kind: 'buttonTest', shows: 'maybe' })).status()).toBe(400);
	expect((await send({ kind: 'look', note: 'x'.repeat(501) })).status()).toBe(400);
	const nowhere = await page.request.post(`${application.address}/api/fennel-lane/observations`, {
		data: { id: randomUUID(), box: 'constructor', body: { kind: 'look', note: 'x' } },
		headers: { origin: application.address }
	});
	expect(nowhere.status()).toBe(422);
});
