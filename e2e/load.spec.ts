import { answers } from './answers';
import { expect, test } from './server';

test('a heater is tried on a circuit before it is plugged in; what is typed is kept, nonsense refused in its place', async ({
	page
}) => {
	await page.goto('/fennel-lane/outlet/bath-mirror');
	await page.getByRole('link', { name: 'Load on this circuit, with what is plugged in' }).click();
	await page.waitForURL(/\/load\?at=bath$/);
	const bath = page.locator('#bath');
	await expect(bath.getByText('Breaker 12: 0 W of 1800 W')).toBeVisible();
	await bath.getByLabel('What', { exact: true }).fill('towel rail');
	const watts = bath.getByLabel('Watts on its label', { exact: true });
	await watts.fill('700');
	await expect(bath.getByText('It fits.')).toBeVisible();
	await watts.fill('1500');
	// 12.5 A on one cord of a 15 A outlet.
	await expect(bath.getByText(/on one cord, of at most 12 A/)).toBeVisible();
	await expect(bath.getByText(/over the 12 A that are good practice/)).toBeVisible();
	await bath.getByLabel('runs three hours and more', { exact: true }).check();
	await expect(bath.getByText(/More than the breaker carries: 15.6 A of 15 A/)).toBeVisible();
	await watts.fill('99999');
	await expect(bath.getByRole('alert')).toHaveText('Watts from 0.1 to 10,000, or nothing.');
	await watts.fill('900');
	await bath.getByRole('button', { name: 'Write it down' }).click();
	await expect(bath.getByText('Breaker 12: 900 W of 1800 W')).toBeVisible();
	await expect(bath.getByLabel('What', { exact: true })).toHaveValue('');
	await bath.getByLabel('Watts of towel rail').fill('1.000,5.2');
	await bath.getByLabel('Watts of towel rail').blur();
	await expect(bath.getByRole('alert')).toBeVisible();
	await page.locator('main[data-saving=false]').waitFor();
	await page.reload();
	await expect(page.locator('#bath').getByText('Breaker 12: 900 W of 1800 W')).toBeVisible();
});

test('uk: no rule of thumb, and no cord over 13 A', async ({ page }) => {
	await page.goto('/tannery-row/load');
	const first = page.locator('main section').first();
	await first.getByRole('button', { name: /plugged in/ }).click();
	await first.getByLabel('Watts on its label', { exact: true }).fill('3300');
	await expect(first.getByText(/14.3 A on one cord, of at most 13 A/)).toBeVisible();
	await expect(first.getByText(/rule of thumb/)).toHaveCount(0);
});

test('tests with a load at two outlets say which stretch has the bad joint; nonsense is refused in its place', async ({
	page
}) => {
	await page.goto('/fennel-lane/load?at=living');
	const living = page.locator('#living');
	await living.getByRole('button', { name: 'Volts lost on the way' }).click();
	await expect(living.getByRole('cell', { name: /V, \d+\.\d %/ }).first()).toBeVisible();
	const write = async (outlet: string, watts: string, off: string, on: string) => {
		await living.getByLabel(/^Outlet/).selectOption({ label: outlet });
		await living.getByLabel('Watts of it').fill(watts);
		await living.getByLabel('Volts without').fill(off);
		await living.getByLabel('Volts with it on').fill(on);
		await living.getByRole('button', { name: 'Write it down' }).last().click();
	};
	await write('Living room, sofa', '60', '121', '120');
	await expect(living.getByText(/Watts from 400 to 3500/)).toBeVisible();
	await write('Living room, sofa', '1500', '118', '121');
	await expect(living.getByText(/load on than without can’t be/)).toBeVisible();
	await write('Living room, sofa', '1500', '121', '118.2');
	const found = living.getByRole('list', { name: 'What each stretch loses beyond its cable' });
	await expect(found.locator('[data-telling=false]')).toHaveCount(1);
	await expect(living.getByText(/No stretch loses more/)).toBeVisible();
	// The fireplace loses ten volts more.
	await write('Living room, fireplace left', '1500', '121', '108');
	await expect(found.locator('[data-telling=true]')).toHaveCount(1);
	await expect(found.getByText(/More than its cable explains: \d+ W of heat/)).toBeVisible();
	await page.goto('/fennel-lane/log');
	await expect(page.getByText('121.0 V without, 108.0 V with it on')).toBeVisible();
});

test('something is plugged in elsewhere, and both circuits show it', async ({ page }) => {
	await page.goto('/fennel-lane/load?at=living');
	const living = page.locator('#living');
	const table = page.locator('[id="counter-right"]');
	await expect(living.getByText(/Breaker 15: 1510 W of 1800 W/)).toBeVisible();
	await living.getByLabel('fan heater is plugged in at').selectOption({ label: 'Kitchen, table' });
	await expect(living.getByText(/fan heater is at Kitchen, table now/)).toBeVisible();
	await expect(living.getByText(/Breaker 15: 10 W of 1800 W/)).toBeVisible();
	await expect(table.getByText(/1500 W of 2400 W/).first()).toBeVisible();
});

test('hours keep a heater and a kettle apart; the day says so, and the same minute twice is refused', async ({
	page
}) => {
	await page.goto('/fennel-lane/load');
	await answers(page);
	const living = page.locator('section#living');
	await living.getByRole('button', { name: '2 things plugged in' }).click();
	await living.getByLabel('What', { exact: true }).fill('kettle');
	await living.getByLabel('Watts on its label').fill('1200');
	await living.getByRole('button', { name: 'Write it down' }).first().click();
	await expect(living.getByText('More than the breaker carries')).toBeVisible();
	const hours = async (from: string, to: string) => {
		await living.getByLabel('kettle runs from').fill(from);
		await living.getByLabel('kettle runs to').fill(to);
		await living.getByLabel('kettle runs to').blur();
	};
	await hours('07:00', '07:00');
	await expect(living.getByText('begins and ends at the same minute')).toBeVisible();
	// With the heater, of the demo: six to half past nine.
	await hours('18:00', '18:30');
	await expect(living.getByText(/22\.6 A at most, 6:00\sPM–6:30\sPM/)).toBeVisible();
	await hours('07:00', '07:30');
	await expect(living.getByText(/12\.6 A at most.*All together it would be 22\.6 A/)).toBeVisible();
	const row = living.getByRole('row', { name: /7:00\sAM–7:30\sAM/ });
	await expect(row).toContainText('kettle');
	await expect(row).toContainText('10.1 A');
	// Until the server has it.
	await expect(async () => {
		expect(await (await page.request.get('/fennel-lane/house.json')).text()).toMatch(/"toMin":\s*450\b/);
	}).toPass();
	// A second time a day: it meets the heater again.
	await living.getByRole('button', { name: 'kettle: and again' }).click();
	await living.getByLabel('kettle runs again from').fill('18:00');
	await living.getByLabel('kettle runs again to').fill('18:15');
	await living.getByLabel('kettle runs again to').blur();
	await expect(living.getByText(/22\.6 A at most, 6:00\sPM–6:15\sPM/)).toBeVisible();
	await expect(row).toContainText('kettle');
	await expect(async () => {
		expect(await (await page.request.get('/fennel-lane/house.json')).text()).toMatch(/"toMin":\s*1095\b/);
	}).toPass();
	await page.reload();
	await living.getByRole('button', { name: '3 things plugged in' }).click();
	await expect(living.getByLabel('kettle runs from')).toHaveValue('07:00');
	await expect(living.getByLabel('kettle runs again from')).toHaveValue('18:00');
	await expect(living.getByRole('img', { name: /Amps through a day/ }).locator('svg')).toBeVisible();
});
