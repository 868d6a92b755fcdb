import { answers } from './answers';
import { forward } from './forward';
import { choosePart, doStep, doUntil, energy, ready, stepOf } from './jobDriver';
import { expect, test, type Application } from './server';
import pg from 'pg';
import type { Page } from '@playwright/test';

/** Plans a part at an outlet, looks at what the model says, and begins. */
async function plan(page: Page, home: string, box: string, part: string, feed?: string): Promise<void> {
	await page.goto(`/${home}/outlet/${box}`);
	await page.getByRole('link', { name: /^Plan (something else|what is asked here)$/ }).click();
	const main = page.locator('main[data-planned]');
	await main.waitFor();
	await choosePart(page, part);
	if (feed) await page.getByLabel('What comes after is fed').selectOption({ label: feed });
	await expect(page.getByRole('heading', { name: 'The model, before a screw is turned' })).toBeVisible();
}
const settled = async (page: Page) => {
	await page.locator('main[data-saving=false]').waitFor();
};
/** Simulated instruments for a home of one’s own: they measure it as it is recorded. */
async function withInstruments(application: Application, slug: string, wiring: object): Promise<void> {
	const client = new pg.Client({ connectionString: application.databaseUrl });
	await client.connect();
	await client.query(
		'insert into demo_wiring (household_id, house) select household_id, $2 from household where slug = $1',
		[slug, JSON.stringify(wiring)]
	);
	await client.end();
}
async function begin(page: Page): Promise<void> {
	await page.getByLabel('Who does the work').fill('Avery Quill');
	await page.getByRole('button', { name: 'Begin' }).click();
	await page.waitForURL(/\/job\//);
	await ready(page);
}

test(
	'us: a duplex becomes a decorator outlet, wire by wire as planned',
	{ tag: '@long' },
	async ({ page }) => {
		await plan(page, 'fennel-lane', 'bedroom-dresser', 'Decorator outlet');
		await expect(page.getByText('Decorator plate, one square opening')).toBeVisible();
		// What is hovered over stays readable.
		const button = page.getByRole('button', { name: 'Begin' });
		await button.hover();
		const [ink, ground] = await button.evaluate((each) => {
			const { color, backgroundColor } = getComputedStyle(each);
			return [color, backgroundColor];
		});
		expect(ink).not.toBe(ground);
		await begin(page);
		await doUntil(page, ({ kind }) => kind === 'move', { breaker: /breaker 18\b/ });
		expect(await energy(page)).toBe('provenDead');
		await doUntil(page, ({ kind }) => kind === 'finished');
		await page.goto('/fennel-lane/outlet/bedroom-dresser');
		await expect(page.getByText('Decorator outlet, 15 A, tamper resistant')).toBeVisible();
		await expect(
			page.getByText('Duplex outlet replaced by decorator outlet, proven dead before and tested after.')
		).toBeVisible();
	}
);

test('us: a GFCI in the middle protects what follows, and that is tried', async ({ page }) => {
	await plan(page, 'fennel-lane', 'living-bookcase', 'GFCI outlet', 'Through its LOAD side');
	await expect(page.getByText(/fed, and protected from here/)).toBeVisible();
	await begin(page);
	await forward(page, ({ kind }) => kind === 'supplyWay', ['b15']);
	// Which wires go on LOAD depends on it: leaving it isn’t offered. The part in hand tells by itself.
	await expect(page.getByRole('button', { name: /^Leave it/ })).toHaveCount(0);
	await doUntil(page, ({ kind }) => kind === 'trySupply', { supply: /^By the new part itself/ });
	expect(await energy(page)).toBe('deliberatelyLive');
	await doUntil(page, ({ title }) => title === 'Lift the tape over LOAD');
	await forward(page, ({ kind }) => kind === 'checkWork', []);
	expect((await stepOf(page)).title).toBe('Reset the GFCI');
	const tried: string[] = [];
	for (let n = 0; n < 30 && (await stepOf(page)).kind !== 'finished'; n++) {
		const { kind, title } = await stepOf(page);
		if (kind === 'checkWork') tried.push(title);
		await doStep(page);
	}
	expect(tried.slice(0, 3)).toEqual([
		'Reset the GFCI',
		'Its own TEST button',
		'With the button pressed: Living room, fireplace left'
	]);
	await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
	await page.goto('/fennel-lane/outlet/living-bookcase');
	await expect(page.getByText(/^GFCI outlet, 15 A/)).toBeVisible();
});

test(
	'us: two outlets in one job: off once, each proven dead by itself, back on when both are closed',
	{ tag: '@long' },
	async ({ page }) => {
		await plan(page, 'fennel-lane', 'bedroom-bed-right', 'GFCI outlet', 'Through its LOAD side');
		const other = page.getByLabel('Do another outlet of this breaker in the same job');
		await other.selectOption({ label: 'Bedroom, dresser' });
		await expect(page.getByRole('button', { name: 'Bedroom, dresser', exact: true })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
		await choosePart(page, 'Decorator outlet');
		await expect(page.getByText('Decorator plate, one square opening')).toBeVisible();
		await begin(page);
		const trail = page.getByRole('navigation', { name: 'Visits' });
		await expect(trail.getByText('Bedroom, dresser').first()).toBeAttached();
		const done: { kind: string; place: string }[] = [];
		for (let n = 0; n < 200 && (await stepOf(page)).kind !== 'finished'; n++) {
			const { kind } = await stepOf(page);
			const place = (await page.locator('nav h2').textContent()) ?? '';
			done.push({ kind, place });
			await doStep(page, { breaker: /breaker 18\b/ });
		}
		const at = (kind: string) => done.filter((each) => each.kind === kind).map(({ place }) => place);
		for (const once of ['switchOff', 'hold', 'restorePower'])
			expect([once, at(once).length]).toEqual([once, 1]);
		for (const each of ['readLive', 'proveTester', 'move', 'readPlug', 'grip'])
			expect([each, new Set(at(each))]).toEqual([each, new Set(['Bedroom, bed right', 'Bedroom, dresser'])]);
		await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
		await page.getByRole('link', { name: 'See the record' }).click();
		await expect(page.getByRole('heading', { level: 1 })).toHaveText([
			'Bedroom, bed right',
			'Bedroom, dresser'
		]);
		for (const [box, now] of [
			['bedroom-bed-right', /^GFCI outlet, 15 A/],
			['bedroom-dresser', /^Decorator outlet, 15 A/]
		] as const) {
			await page.goto(`/fennel-lane/outlet/${box}`);
			await expect(page.getByText(now)).toBeVisible();
		}
	}
);

test(
	'us: a chain of two-slot outlets without a ground: GFCI at its head, grounding types behind it, in one job',
	{ tag: '@long' },
	async ({ page }) => {
		// Without a GFCI before it, a grounding type is refused where there is no ground.
		await page.goto('/fennel-lane/plan/reading-alcove?part=duplex');
		await expect(page.getByText(/only guarded by a GFCI/)).toBeVisible();
		// Today says what to do about all of them at once.
		await page.goto('/fennel-lane');
		await expect(page.getByText('3 two-slot outlets without a ground, on breaker 9')).toBeVisible();
		await page.getByRole('link', { name: 'Plan them as one job' }).click();
		await page.getByRole('button', { name: 'Reading nook, stove wall' }).click();
		await expect(page.getByText(/the GFCI at .*alcove opens at a leak without one/)).toBeVisible();
		await expect(page.getByText(/on the plate: “GFCI Protected” and “No Equipment Ground”/i)).toBeVisible();
		await begin(page);
		await forward(page, ({ kind }) => kind === 'takeOff', ['b9']);
		for (let n = 0; n < 3; n++) {
			await doUntil(page, ({ title }) => title === 'Seat the outlet');
			await doStep(page);
		}
		await doUntil(page, ({ kind }) => kind === 'fixLabel');
		const sheet = await page.request.get(`${page.url()}/labels.svg`);
		expect(await sheet.text()).toContain('No Equipment Ground');
		const labelled: string[] = [];
		for (let n = 0; n < 60 && (await stepOf(page)).kind !== 'finished'; n++) {
			const { kind, title } = await stepOf(page);
			if (kind === 'fixLabel') labelled.push(title);
			await doStep(page);
		}
		expect(labelled.length).toBe(5);
		await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
		await page.goto('/fennel-lane/outlet/reading-lamp-table');
		await expect(page.getByText(/^Duplex outlet, 15 A/)).toBeVisible();
		await expect(page.getByText('GFCI Protected', { exact: true })).toBeVisible();
		await expect(page.getByText('No Equipment Ground', { exact: true })).toBeVisible();
	}
);

test(
	'us: half-switched stays half-switched: the tab is broken first, the wall switch tried both ways',
	{ tag: '@long' },
	async ({ page }) => {
		await plan(page, 'fennel-lane', 'music-amp-corner', 'Decorator outlet');
		await expect(page.getByText(/the switched half follows its wall switch/i)).toBeVisible();
		// USB has no tab to break: it says so, and can be had if the half is always on.
		await page.getByLabel('What goes in').selectOption('usb');
		await expect(page.getByText(/Only a part with a tab that breaks off/)).toBeVisible();
		await page.getByLabel('What goes in').selectOption('decorator');
		await begin(page);
		await forward(page, ({ kind }) => kind === 'move', ['b10']);
		expect((await stepOf(page)).title).toBe('Break the brass tab');
		await doUntil(page, ({ title }) => title === 'Wall switch off: lower half');
		await doUntil(page, ({ kind }) => kind === 'finished');
		await page.goto('/fennel-lane/outlet/music-amp-corner');
		await expect(page.getByText(/^Decorator outlet, 15 A/)).toBeVisible();
	}
);

test(
	'uk: in a home on fuses a twin becomes one with USB, on a phone',
	{ tag: '@long' },
	async ({ page, request }) => {
		const fuse = { do: 'setBreaker', breaker: 'b5', type: 'fuse' };
		const put = await request.post('/api/tannery-row/house', {
			data: { expectedVersion: 1, why: 'An old fuse box', edits: [fuse] }
		});
		expect(put.ok()).toBe(true);
		await page.setViewportSize({ width: 390, height: 844 });
		await plan(page, 'tannery-row', 'box-room-desk', 'Twin socket with USB');
		await expect(page.getByText(/insulation-tests the circuit/)).toBeVisible();
		await begin(page);
		await doUntil(page, ({ kind }) => kind === 'checkPart');
		const ports = page.getByLabel('All USB ports together, W');
		await ports.fill('450');
		await expect(page.getByText('That isn’t a figure such a part has.')).toBeVisible();
		await ports.fill('45');
		await doUntil(page, ({ kind }) => kind === 'switchOff');
		await expect(page.getByRole('heading', { name: 'Withdraw fuse 5' })).toBeVisible();
		await expect(
			page.getByText(/Draw the fuse out with its carrier and put it in your pocket/)
		).toBeVisible();
		await page.getByRole('button', { name: /^5 is out/ }).click();
		await expect(page.getByRole('heading', { name: 'Keep it out' })).toBeVisible();
		await page.getByRole('radio', { name: /The fuse and its carrier in my pocket/ }).check();
		await doUntil(page, ({ kind }) => kind === 'restorePower');
		await expect(page.getByText(/push fuse 5 in by its carrier/)).toBeVisible();
		await doUntil(page, ({ kind }) => kind === 'finished');
		await page.goto('/tannery-row/outlet/box-room-desk');
		await expect(page.getByText(/^Twin socket with USB, 13 A/)).toBeVisible();
		// 45 W given at 85 % is 53 W drawn.
		await page.goto('/tannery-row/load');
		await expect(
			page.getByText('draws up to 53 W with every port in use, by what is printed on it')
		).toHaveCount(1);
		await answers(page);
		const ring = page.locator('main section', { has: page.getByRole('heading', { name: 'Upstairs ring' }) });
		await ring.getByRole('button', { name: /things? plugged in/ }).click();
		const printed = ring.getByLabel('Watts of all USB ports at Box room, desk');
		await printed.fill('900');
		await printed.blur();
		await expect(ring.getByText('Watts from 1 to 300, or nothing.')).toBeVisible();
		await printed.fill('');
		await printed.blur();
		await expect(ring.getByText('draws up to 26 W with every port in use, by what is usual')).toBeVisible();
	}
);

test('a plan made on an older record is refused, and says what to do', async ({ page }) => {
	await plan(page, 'fennel-lane', 'music-piano', 'Decorator outlet');
	const other = await page.context().newPage();
	await other.goto('/fennel-lane/outlet/music-piano');
	await answers(other);
	const saved = other.waitForResponse((answer) => answer.request().method() === 'POST');
	await other.getByLabel('What the box is made of').selectOption('plastic');
	expect((await saved).ok()).toBe(true);
	await page.getByLabel('Who does the work').fill('Avery Quill');
	await page.getByRole('button', { name: 'Begin' }).click();
	await expect(page.getByText(/The record has changed since this plan was made/)).toBeVisible();
});

test(
	'us: a home typed in from nothing: GFCI in the middle of its run, the supply found, the next outlet dark with the button',
	{ tag: '@long' },
	async ({ page, request, application }) => {
		await page.goto('/new');
		await answers(page);
		await page.getByLabel('Name or address').fill('5 Bramble Row');
		await page.getByLabel(/^The directory/).fill(['1 15 Den', '2 20 Kitchen', '3 15 Lights'].join('\n'));
		await page.getByLabel(/^Rooms and their/).fill('Den: sofa, window, door');
		await page.getByRole('button', { name: 'Begin with this' }).click();
		await page.waitForURL(/bramble-row\/house$/);
		const slug = new URL(page.url()).pathname.split('/')[1]!;
		const house = (await (await request.get(`/${slug}/house.json`)).json()) as {
			boxes: { id: string; name: string }[];
		};
		const id = (name: string) => house.boxes.find((box) => box.name === name)!.id;
		// All three on breaker 1, one after the other, as they run.
		await page.locator('main[data-ready=true]').waitFor();
		await page.locator('[data-breaker=b1]').click();
		await page.getByRole('button', { name: 'Add a circuit' }).click();
		await settled(page);
		for (const name of ['sofa', 'window', 'door']) {
			const select = page.getByLabel(`Put ${name} on a circuit`);
			await select.selectOption({ index: 1 });
			await settled(page);
		}
		const placed: unknown = await (await request.get(`/${slug}/house.json`)).json();
		await withInstruments(application, slug, placed as object);
		await page.goto(`/${slug}/plan/${id('window')}?part=gfci&feed=protected`);
		await expect(page.getByText(/fed, and protected from here/)).toBeVisible();
		await begin(page);
		await doUntil(page, ({ kind }) => kind === 'supplyWay', { breaker: /breaker 1\b/ });
		await doUntil(page, ({ title }) => title.startsWith('On: LOAD'));
		await doUntil(page, ({ kind }) => kind === 'checkWork');
		const tried: string[] = [];
		for (let n = 0; n < 30 && (await stepOf(page)).kind !== 'finished'; n++) {
			const { kind, title } = await stepOf(page);
			if (kind === 'checkWork') tried.push(title);
			await doStep(page);
		}
		expect(tried).toContain('With the button pressed: Den, door');
		await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
		await page.goto(`/${slug}/outlet/${id('window')}`);
		await expect(page.getByText(/^GFCI outlet, 15 A/)).toBeVisible();
	}
);

test(
	'us: two devices in one box come out together, and neither is proven before both are read',
	{ tag: '@long' },
	async ({ page }) => {
		await page.goto('/fennel-lane/outlet/laundry-folding-shelf');
		await expect(page.getByText(/comes out and is replaced in the same job/)).toBeVisible();
		await plan(page, 'fennel-lane', 'laundry-folding-shelf', 'Decorator outlet');
		await expect(page.getByText(/In the same box: Laundry nook, shelf left/)).toBeVisible();
		await expect(page.getByText(/Plate for 2 devices/)).toBeVisible();
		await begin(page);
		const done: string[] = [];
		const place = async () =>
			(await page.locator('main h1').first().locator('..').innerText()).split('\n')[0];
		let waited = false;
		for (let n = 0; n < 260 && (await stepOf(page)).kind !== 'finished'; n++) {
			const { kind, title } = await stepOf(page);
			done.push(`${await place()}: ${kind} ${title}`);
			if (/before every device of this box is out and read dead/.test(await page.locator('body').innerText()))
				waited = true;
			await doStep(page, { breaker: /breaker 8\b/ });
		}
		// One walk to the panel and back; both out before a wire comes off; both in before power.
		const out = done.flatMap((line, k) => (/Ease the outlet out/.test(line) ? [k] : []));
		const off = done.findIndex((line) => line.includes('takeOff'));
		expect(out).toHaveLength(2);
		expect(Math.max(...out)).toBeLessThan(off);
		expect(done.filter((line) => line.includes('switchOff'))).toHaveLength(1);
		expect(done.filter((line) => line.includes('restorePower'))).toHaveLength(1);
		expect(waited).toBe(true);
		await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
		// The parts in hand were marked 15 A.
		for (const [box, says] of [
			['laundry-folding-shelf', /^Decorator outlet, 15 A/],
			['laundry-shelf-left', /^GFCI outlet, 15 A/]
		] as const) {
			await page.goto(`/fennel-lane/outlet/${box}`);
			await expect(page.getByText(says).first()).toBeVisible();
		}
	}
);

test(
	'us: a wall switch beside an outlet comes out too, is read to a known ground, and goes back',
	{ tag: '@long' },
	async ({ page }) => {
		await page.goto('/fennel-lane/outlet/living-desk');
		await expect(page.getByText(/desk switch, which comes out too, is read dead and put back/)).toBeVisible();
		await plan(page, 'fennel-lane', 'living-desk', 'Decorator outlet');
		await page.getByRole('button', { name: 'Living room, desk switch' }).click();
		await expect(page.getByText('Wall switch: taken out and put back')).toBeVisible();
		await expect(page.getByText(/Living room, picture light is seen lit before/)).toBeVisible();
		await begin(page);
		const done: string[] = [];
		for (let n = 0; n < 260 && (await stepOf(page)).kind !== 'finished'; n++) {
			const { kind, title } = await stepOf(page);
			done.push(`${kind}: ${title}`);
			await doStep(page, { breaker: /breaker 15\b/ });
		}
		const at = (words: RegExp) => done.findIndex((line) => words.test(line));
		expect(at(/Does Living room, picture light come on\?/)).toBeGreaterThan(0);
		expect(at(/Has Living room, picture light gone dark\?/)).toBeGreaterThan(at(/switchOff/));
		expect(at(/Ease the wall switch forward/)).toBeGreaterThan(at(/gone dark/));
		// It is read before anything is laid hands on.
		expect(at(/Ease the outlet out/)).toBeGreaterThan(at(/Ease the wall switch forward/));
		expect(at(/takeOff/)).toBeGreaterThan(at(/See how the wall switch is wired/));
		expect(at(/Does the wall switch work Living room, picture light again\?/)).toBeGreaterThan(
			at(/restorePower/)
		);
		await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
		// What it cost is kept with the record, and stands in the log.
		await page.goto(`${page.url()}/record`);
		await answers(page);
		await page.getByRole('button', { name: 'What it cost' }).click();
		await page.getByRole('button', { name: 'Put it on the record' }).click();
		await expect(page.getByText(/The cost of the parts, from 0/)).toBeVisible();
		await page.getByLabel('Parts').fill('12.40');
		await page.getByLabel('Own time, hours').fill('1.5');
		await page.getByLabel('Own time, hours').blur();
		await page.getByRole('button', { name: 'Put it on the record' }).click();
		await expect(page.getByText('Parts $12.40; 1.5 h of own time')).toBeVisible();
		await page.goto('/fennel-lane/log?at=living-desk');
		await expect(page.getByText('parts $12.40; 1.5 h of own time')).toBeVisible();
		await page.goto('/fennel-lane/outlet/living-desk-switch');
		await expect(page.getByText(/Taken out with what sits beside it in the box/)).toBeVisible();
		await page.goto('/fennel-lane/outlet/living-desk');
		await expect(page.getByText(/^Decorator outlet, 15 A/).first()).toBeVisible();
	}
);

test('us: a wall switch is put on record beside an outlet, and comes into its job', async ({ page }) => {
	await page.goto('/fennel-lane/outlet/sewing-closet');
	await answers(page);
	await page.getByRole('button', { name: 'A wall switch sits in the same box' }).click();
	await page.getByRole('button', { name: 'Put it on record' }).click();
	await expect(page.getByText(/Both names are needed/)).toBeVisible();
	await page.getByLabel('What it works').fill('shelf light');
	await page.getByRole('button', { name: 'Put it on record' }).click();
	await expect(page.getByText(/closet, switch, which comes out too/)).toBeVisible();
	await page.goto('/fennel-lane/plan/sewing-closet');
	await expect(page.getByText(/In the same box: Sewing room, closet, switch/)).toBeVisible();
});

test('us: two circuits that share a neutral on one outlet are refused until their handles are tied', async ({
	page
}) => {
	await page.goto('/fennel-lane');
	await expect(
		page.getByText('Breaker 5 and breaker 7 share a neutral, and can be switched apart')
	).toBeVisible();
	await page.goto('/fennel-lane/plan/kitchen-under-the-sink');
	await expect(page.getByText(/Two breakers share a neutral here/)).toBeVisible();
	await expect(page.getByRole('button', { name: 'Begin' })).toHaveCount(0);
});

test('us: armour that was shown to be a ground is put on record, and a grounding type may go where two slots were', async ({
	page
}) => {
	await page.goto('/fennel-lane/plan/reading-stove-wall?part=duplex');
	await expect(page.getByText(/An outlet with a place for one may stand here only guarded/)).toBeVisible();
	await page.goto('/fennel-lane/outlet/reading-stove-wall');
	await answers(page);
	await page
		.getByRole('button', {
			name: /^From Reading nook, lamp table: 14 AWG, plastic or cloth sheath, no ground in it/
		})
		.click();
	await page.getByLabel('The same for every cable of this circuit').check();
	await page.getByLabel(/^Sheath/).selectOption('armoured');
	await expect(page.getByText(/Old armored cable without a bonding strip/)).toBeVisible();
	await page.getByLabel('Its metal is a path to ground').check();
	await expect(page.getByText(/armored cable, grounded by its metal alone/).first()).toBeVisible();
	// A size that isn’t made of aluminum is refused in its place, and the field says what is on record.
	await page.getByLabel('Conductors of').selectOption('aluminium');
	await expect(page.locator('.verdict').last()).toBeVisible();
	await expect(page.getByLabel('Conductors of')).toHaveValue('copper');
	await page.goto('/fennel-lane/plan/reading-stove-wall?part=duplex');
	await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible();
	await expect(page.getByText(/Ground on it, and it doesn’t depend on this part/)).toBeVisible();
});
