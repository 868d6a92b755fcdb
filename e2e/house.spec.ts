import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { answers } from './answers';
import { forward } from './forward';
import { doStep, doUntil, energy, startJob, stepOf } from './jobDriver';
import { expect, test } from './server';

const settled = async (page: Page) => {
	await page.locator('main[data-saving=false]').waitFor();
};
const search = (page: Page) => page.locator('.search');
/** Answers the move on screen, as the truth has it: dark if the feeding breaker is among those off. */
async function answer(page: Page, truth: string): Promise<string> {
	await page.locator('.search[data-planning=false]').waitFor();
	const off = (await page.locator('.which').innerText()).split('·').map((each) => each.trim());
	const before = await search(page).getAttribute('data-moves');
	await page.keyboard.press(off.includes(truth) ? 'd' : 'n');
	await expect(search(page)).not.toHaveAttribute('data-moves', before!);
	await page.locator('.search[data-planning=false]').waitFor();
	return off.join('+');
}
async function follow(page: Page, truth: string): Promise<number> {
	for (let moves = 0; moves < 30; moves++) {
		await page.locator('.search[data-planning=false]').waitFor();
		if (await page.locator('.end').isVisible()) return moves;
		await answer(page, truth);
	}
	throw new Error('the search never ended');
}

test('a new us home from nothing: typed in, its breaker found with a radio, locked, proven', async ({
	page,
	request
}) => {
	await page.goto('/new');
	await answers(page);
	await page.getByLabel('Name or address').fill('12 Alder Court');
	// A figure that is none is said where it stands, and nothing begins on it.
	for (const [label, typed, complaint] of [
		['Spaces', 'many', '“many” isn’t a number.'],
		['Spaces', '200', '2 to 84 spaces.'],
		['Main, A', '', 'A main switch of 10 to 400 A.']
	] as const) {
		const before = await page.getByLabel(label).inputValue();
		await page.getByLabel(label).fill(typed);
		await expect(page.locator('#figure-fault')).toHaveText(complaint);
		await page.getByRole('button', { name: 'Begin with this' }).click();
		await expect(page).toHaveURL(/\/new$/);
		await page.getByLabel(label).fill(before);
		await expect(page.locator('#figure-fault')).toHaveText('');
	}
	await page
		.getByLabel(/^The directory/)
		.fill(
			[
				'1 15 Porch',
				'2 20 Kitchen',
				'3 20 Kitchen',
				'4 15 Lights',
				'5+7 30 Dryer',
				'6 15 Den',
				'8 15 Bedroom',
				'9 15',
				'10 15 Bath',
				'11 15 Study',
				'oops'
			].join('\n')
		);
	await page.getByLabel(/^Rooms and their/).fill('Den: sofa, window\nStudy: desk');
	await page.getByRole('button', { name: 'Begin with this' }).click();
	await expect(page.getByText(/line 11, “oops”/)).toBeVisible();
	await page.getByLabel(/^The directory/).press('Control+End');
	for (let k = 0; k < 5; k++) await page.keyboard.press('Backspace');
	await page.getByRole('button', { name: 'Begin with this' }).click();
	await page.waitForURL(/alder-court\/house$/);
	await expect(page.getByText('Not placed yet.')).toBeVisible();

	// The label says 6; the truth is 9, which has no label.
	await page.getByRole('link', { name: 'Find its breaker' }).first().click();
	await page.waitForURL(/\/find\//);
	await page.locator('main[data-ready=true]').waitFor();
	await page.getByText(/How it is looked for/).click();
	await page.getByLabel('A radio or sounder, heard from here').check();
	await page.locator('.search[data-planning=false]').waitFor();
	expect(await page.locator('.which').innerText()).toBe('6');
	await answer(page, '9');
	// A reload loses nothing.
	await page.reload();
	await page.locator('main[data-ready=true]').waitFor();
	await expect(search(page)).toHaveAttribute('data-moves', '1');
	await follow(page, '9');
	await expect(page.locator('.end')).toHaveText('It is 9');
	await page.getByRole('button', { name: 'Write it into the directory' }).click();
	await page.waitForURL(/\/outlet\//);
	await expect(page.getByText(/found by test/)).toBeVisible();
	const slug = new URL(page.url()).pathname.split('/')[1]!;
	const house = (await (await request.get(`/${slug}/house.json`)).json()) as {
		panels: { breakers: { id: string; findings: { finding: string }[] }[] }[];
	};
	expect(
		house.panels[0]!.breakers.find(({ id }) => id === 'b9')!.findings.map(({ finding }) => finding)
	).toEqual(['feeds']);

	await page.getByLabel('Who does the work').fill('Avery Quill');
	await page.getByRole('button', { name: 'Replace it, like for like' }).click();
	await page.waitForURL(/\/job\//);
	await page.locator('.job[data-ready=true]').waitFor();
	const volts = async (value: string) => {
		await page.getByLabel('your reading in volts').fill(value);
		await page.keyboard.press('Enter');
	};
	for (let count = 0; count < 60; count++) {
		const { kind, version } = await stepOf(page);
		if ((await energy(page)) === 'provenDead') break;
		if (kind === 'readLive') await volts('119.4');
		else if (kind === 'proveTester') await volts('120.1');
		else if (kind === 'readPair') await volts('0.02');
		else if (kind === 'readLiveGround') {
			await page.getByText('lit', { exact: true }).last().click();
			await page.getByRole('radio', { name: /^alarms at the hot slot/ }).check();
			await page.getByRole('button', { name: /^Save reading/ }).click();
		} else if (kind === 'hold') {
			await page.getByRole('radio', { name: /Clip and padlock/ }).check();
			await page.getByRole('button', { name: /^It is held/ }).click();
		} else await doStep(page);
		await expect(page.locator('main[data-step]')).not.toHaveAttribute('data-version', String(version));
	}
	expect(await energy(page)).toBe('provenDead');
	await expect(page.locator('[data-energy]')).toContainText('breaker 9 off, clip and padlock on');
});

test('the uk home: the consumer unit searched from the job, held, proven with an indicator; the tag to print', async ({
	page,
	request
}) => {
	await startJob(page, 'tannery-row', 'box-room-desk');
	await doUntil(page, ({ kind }) => kind === 'switchOff');
	await page.getByRole('button', { name: 'Search for it' }).click();
	await page.locator('.search[data-planning=false]').waitFor();
	for (let moves = 0; moves < 12 && !(await page.locator('.end').isVisible()); moves++) {
		const before = await search(page).getAttribute('data-moves');
		await page.keyboard.press('t');
		await expect(search(page)).not.toHaveAttribute('data-moves', before!);
		await page.locator('.search[data-planning=false]').waitFor();
	}
	await expect(page.locator('.end')).toHaveText('It is 5');
	await page.getByRole('button', { name: /^5 is off/ }).click();
	await expect(page.locator('main[data-step=hold]')).toBeVisible();
	await page.getByRole('radio', { name: /Taped over/ }).check();
	await doUntil(page, ({ kind }) => kind === 'readPair');
	await expect(page.getByText('your indicator lights to')).toBeVisible();
	await doUntil(page, ({ title }) => title === 'Ease the socket out');
	expect(await energy(page)).toBe('provenDead');

	const job = new URL(page.url()).pathname;
	const svg = await (await request.get(`${job}/tag.svg`)).text();
	for (const words of ['DO NOT', 'Upstairs ring', 'Avery Quill', '>5<']) expect(svg).toContain(words);
	const pdf = await request.get(`${job}/tag.pdf`);
	expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');

	// Gone and come back: held by tape only, the proof falls; only what is needed again is asked for.
	await page.keyboard.press('o');
	await page.getByRole('button', { name: /I went away/ }).click();
	await expect(page.locator('[data-energy=assumedLive]')).toBeVisible();
	await expect(page.locator('main[data-step=switchOff]')).toBeVisible();
});

test('a directory CSV in, corrected, out, and in again unchanged; undo takes it all back', async ({
	page,
	request
}) => {
	await page.goto('/fennel-lane/house');
	await page.locator('main[data-ready=true]').waitFor();
	const before = await (await request.get('/fennel-lane/directory.csv')).text();
	const field = page.getByLabel(/^or its text/);
	await field.fill(before.replace('sewing rm', 'attic').replace('Panel,14,15', 'Panel,14,15x'));
	await page.getByRole('button', { name: 'Show what would change' }).click();
	await expect(page.getByText('Nothing was taken.')).toBeVisible();
	await expect(page.getByText(/^line \d+, rating_a$/)).toBeVisible();
	expect(await (await request.get('/fennel-lane/directory.csv')).text()).toBe(before);

	const corrected = `\uFEFF${before.replace('sewing rm', 'attic')}`;
	await field.fill(corrected);
	await page.getByRole('button', { name: 'Show what would change' }).click();
	await expect(page.getByText('“sewing rm” → “attic”')).toBeVisible();
	await page.getByRole('button', { name: 'Take them' }).click();
	await expect(page.getByText(/1 change taken/)).toBeVisible();
	await settled(page);
	const after = await (await request.get('/fennel-lane/directory.csv')).text();
	expect(after).toBe(before.replace('sewing rm', 'attic'));
	await field.fill(after);
	await page.getByRole('button', { name: 'Show what would change' }).click();
	await expect(page.getByText('Nothing would change')).toBeVisible();

	await page.getByRole('heading', { name: 'What this page knows' }).click();
	await page.keyboard.press('Control+z');
	await settled(page);
	await expect.poll(async () => (await request.get('/fennel-lane/directory.csv')).text()).toBe(before);
});

test('the house edited in place, by keyboard as well; what can’t be is refused at its place', async ({
	page,
	context,
	request
}) => {
	await page.goto('/fennel-lane/house');
	await page.locator('main[data-ready=true]').waitFor();
	// From 11, up to 9 and into it, all by keyboard.
	await page.locator('[data-breaker=b11]').focus();
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: /Breaker 9/ })).toBeVisible();
	await page.getByLabel('Directory says').fill('reading nook & stove');
	await page.keyboard.press('Enter');
	await settled(page);
	await page.getByLabel('Space').fill('8');
	await page.keyboard.press('Enter');
	await expect(page.getByText(/space 8 is taken/)).toBeVisible();
	await page.getByLabel('Space').fill('9+10');
	await page.keyboard.press('Enter');
	await expect(page.getByText(/two-pole breaker can’t sit in spaces 9 and 10/)).toBeVisible();
	const label = async () =>
		(
			(await (await request.get('/fennel-lane/house.json')).json()) as {
				panels: { breakers: { id: string; label: string; spaces: number[] }[] }[];
			}
		).panels[0]!.breakers.find(({ id }) => id === 'b9')!;
	expect(await label()).toMatchObject({ label: 'reading nook & stove', spaces: [9] });

	// The chain put in another order, and an outlet moved to another circuit.
	await page.getByRole('button', { name: 'Reading nook, shelf: nearer the panel' }).click();
	await settled(page);
	await expect(page.locator('section ol li').first()).toContainText('Reading nook, shelf');
	await page.getByLabel('Reading nook, shelf: move, split or take off').selectOption({ label: 'Nursery' });
	await settled(page);
	await expect(page.locator('section ol li')).toHaveCount(4);
	await page.getByRole('button', { name: /^Undo/ }).click();
	await settled(page);
	await expect(page.locator('section ol li')).toHaveCount(5);
	await page.getByRole('button', { name: 'Redo' }).click();
	await settled(page);
	await expect(page.locator('section ol li')).toHaveCount(4);

	// Changed in another tab meanwhile: this one goes on top, and says so.
	const other = await context.newPage();
	await other.goto('/fennel-lane/house');
	await other.locator('main[data-ready=true]').waitFor();
	await other.getByLabel('Add a room').fill('Κελάρι');
	await other.keyboard.press('Enter');
	await expect(other.getByRole('textbox', { name: 'Room Κελάρι' })).toBeVisible();
	await other.locator('main[data-saving=false]').waitFor();
	await page.getByLabel('Add a room').fill('Loft');
	await page.keyboard.press('Enter');
	await expect(page.getByText(/changed elsewhere meanwhile/)).toBeVisible();
	await expect(page.getByRole('textbox', { name: 'Room Κελάρι' })).toBeVisible();
	await expect(page.getByRole('textbox', { name: 'Room Loft' })).toBeVisible();
});

test(
	'without a two-point tester the job waits at the plate, and keeps; what a lamp misses is shown on the model',
	{ tag: '@long' },
	async ({ page }) => {
		await page.goto('/fennel-lane/settings');
		await answers(page);
		for (const name of [/^multimeter can prove/, /low-impedance/]) {
			const box = page.getByRole('checkbox', { name });
			if (await box.isChecked()) await box.uncheck();
		}
		await expect(page.getByText('Saved.')).toBeVisible();
		await page.getByRole('button', { name: 'neutral open upstream, lamp: MISSES IT' }).click();
		await expect(page.getByText('A hand in this box would find out.')).toBeVisible();
		await page.getByRole('button', { name: 'neutral open upstream, multimeter: shows it' }).click();
		await expect(page.getByText('120.4 V').or(page.getByText('120.0 V')).first()).toBeVisible();

		await startJob(page, 'fennel-lane', 'sewing-east-wall');
		await doUntil(page, ({ kind }) => kind === 'checkTools');
		await expect(page.getByRole('radio', { name: /nothing that reads/ })).toBeChecked();
		await doUntil(page, ({ kind }) => kind === 'needTester');
		expect(await energy(page)).toBe('expectedDead');
		await page.reload();
		await page.locator('.job[data-ready=true]').waitFor();
		await expect(page.locator('main[data-step=needTester]')).toBeVisible();
		await page.getByRole('button', { name: /^All of them lie here/ }).click();
		await expect(page.locator('main[data-step=proveTester]')).toBeVisible();
	}
);

test('medical equipment on a breaker is a hard question before it goes off', async ({ page, request }) => {
	const house = JSON.parse(
		readFileSync(new URL('../data/homes/fennel-lane.house.json', import.meta.url), 'utf8')
	) as { name: string };
	house.name = 'Monitor House';
	const made = (await (await request.post('/api/homes', { data: house })).json()) as { slug: string };
	await startJob(page, made.slug, 'nursery-crib-wall');
	const volts = async (value: string) => {
		await page.getByLabel('your reading in volts').fill(value);
		await page.keyboard.press('Enter');
	};
	for (let count = 0; count < 12; count++) {
		const { kind, version } = await stepOf(page);
		if (kind === 'switchOff') break;
		if (kind === 'readLive') await volts('119.4');
		else if (kind === 'readLiveGround') {
			await page.getByText('lit', { exact: true }).last().click();
			await page.getByRole('radio', { name: /^alarms at the hot slot/ }).check();
			await page.getByRole('button', { name: /^Save reading/ }).click();
		} else await doStep(page);
		await expect(page.locator('main[data-step]')).not.toHaveAttribute('data-version', String(version));
	}
	const off = page.getByRole('button', { name: /^6 is off/ });
	await expect(off).toBeDisabled();
	await page.getByLabel('What keeps it going meanwhile?').fill('on its battery, good for six hours');
	await page.getByRole('button', { name: 'It is seen to' }).click();
	await expect(off).toBeEnabled();
	await off.click();
	await expect(page.locator('main[data-step=hold]')).toBeVisible();
});

test(
	'a two-slot outlet without a ground: read to an earth brought by a lead, the slots told apart at the end',
	{ tag: '@long' },
	async ({ page }) => {
		await startJob(page, 'fennel-lane', 'reading-stove-wall');
		await doUntil(page, ({ kind }) => kind === 'proveEarth');
		await expect(page.getByRole('heading', { name: 'Bring a known ground' })).toBeVisible();
		await doUntil(page, ({ kind }) => kind === 'inspect');
		expect(await energy(page)).toBe('provenDead');
		await forward(page, ({ kind }) => kind === 'readOutlet', []);
		await page.getByLabel('hot to neutral, in volts').fill('119.8');
		await page.getByLabel('neutral to the known ground, in volts').fill('118');
		await expect(page.getByText(/hot and neutral are swapped/)).toBeVisible();
		await doUntil(page, ({ kind }) => kind === 'finished');
		await page.getByRole('link', { name: 'See the record' }).click();
		await expect(page.getByText(/Known ground from/).first()).toBeVisible();
	}
);
