import { expect, type Locator, type Page } from '@playwright/test';
import { answers } from './answers';

/** The step on screen: its kind, and how many events the job has. */
export async function stepOf(page: Page): Promise<{ kind: string; version: number; title: string }> {
	// In one question to the page, since a job asks for it sixty times.
	const asked = () =>
		page.locator('main[data-step]').evaluate((main) => ({
			// Its input may still be on its way, and so may all of the page after a step back.
			coming: main.querySelector('[data-coming]') !== null || document.querySelector('h1') === null,
			kind: main.getAttribute('data-step')!,
			version: Number(main.getAttribute('data-version')),
			// Of a screen of like steps, the row that is on.
			title:
				(main.querySelector('h2[tabindex="-1"]') ?? document.querySelector('h1'))?.textContent?.trim() ?? ''
		}));
	for (let tries = 0; tries < 300; tries++) {
		const { coming, ...step } = await asked();
		if (!coming) return step;
		await page.waitForTimeout(25);
	}
	throw new Error('its input never came');
}

/** Picks a part on the plan, whatever the rules and the model say of it after its name. */
export async function choosePart(page: Page, name: string): Promise<void> {
	const parts = page.getByLabel('What goes in');
	const part = parts.locator('option', {
		hasText: new RegExp(`^${name}(, (right here|allowed if …|not here))?$`)
	});
	await parts.selectOption((await part.getAttribute('value'))!);
}

/** Opens an outlet's page and starts the job there. */
export async function startJob(page: Page, home: string, box: string, who = 'Avery Quill'): Promise<void> {
	await page.goto(`/${home}/outlet/${box}`);
	await answers(page);
	await page.getByLabel('Who does the work').fill(who);
	await page.getByRole('button', { name: 'Replace it, like for like' }).click();
	await page.waitForURL(/\/job\//);
	await ready(page);
}

export const ready = (page: Page) => page.locator('.job[data-ready=true]').waitFor();

/** What to answer where more than one answer would be reasonable. */
export interface Choices {
	/** The breaker to switch off, by its label on the panel's button. */
	readonly breaker?: RegExp;
	/** How the supply cable is found, by its button. */
	readonly supply?: RegExp;
}

const main = (page: Page) => page.locator('main[data-step]');
/** The job once it is past a version. Waited for, not expected: what is expected is looked at again only after a tenth, a quarter, half a second. */
const wentOn = (page: Page, version: number) =>
	main(page).and(page.locator(`:not([data-version="${version}"])`));

/** A button of the step by its text: cheaper to ask for than by its role, which the browser works out for every element. */
const button = (page: Page, hasText: RegExp): Locator => main(page).locator('button', { hasText });

/** Has the reading taken: as it should be, it is saved with that; otherwise it is looked at, and saved. */
async function takeReading(page: Page, version: number): Promise<void> {
	await page.locator('h1').first().focus();
	await page.keyboard.press('t');
	const saved = wentOn(page, version);
	const odd = main(page).locator('.verdict');
	await saved.or(odd).first().waitFor();
	if (!(await saved.isVisible())) await page.keyboard.press('Enter');
}

/** Counts what is behind the face: wrong at first, and then as the record is said to have it. */
export async function count(page: Page): Promise<void> {
	const cables = page.getByLabel('cables that enter this box');
	const ends = page.getByLabel(/^ends (on its screws|under caps)/);
	await cables.selectOption('12');
	await ends.selectOption('20');
	const said = await main(page)
		.getByText(/On record (is|are) \d/)
		.innerText();
	const [, one, other] = /(\d+) cables?, and (\d+) ends?/.exec(said)!;
	await cables.selectOption(one!);
	await ends.selectOption(other!);
}

/**
 * Taps a button until the job went on: hands take half a second from one row to the next, and a tap sooner than that at the same place is taken for the
 * second of a double tap.
 */
async function tap(page: Page, button: Locator, version: number): Promise<void> {
	await expect(async () => {
		if (await wentOn(page, version).isVisible()) return;
		await button.click({ timeout: 1000 });
		await wentOn(page, version).waitFor({ timeout: 400 });
	}).toPass({ intervals: [50] });
}

/** Does the step on screen as a user with everything in order would, by keyboard where there is a key, and waits for the next. */
export async function doStep(page: Page, choices: Choices = {}): Promise<void> {
	const before = await stepOf(page);
	switch (before.kind) {
		case 'checkTools':
			await page.keyboard.press('a');
			break;
		case 'checkPart': {
			// Where several ratings fit, the one that is planned.
			const every = page.getByRole('button', { name: /every one of these$/ });
			if (await every.isDisabled())
				await main(page)
					.getByRole('radio', { name: /^1[35] A/ })
					.first()
					.check();
			await tap(page, page.getByRole('button', { name: /every one of these$/ }), before.version);
			break;
		}
		case 'readLive':
		case 'readLiveGround':
		case 'proveEarth':
		case 'proveTester':
		case 'readPair':
		case 'readOhms':
		case 'readBaseline':
		case 'readEnds':
		case 'readGroundEarth':
		case 'readPlateScrew':
		case 'readPlug':
		case 'readOutlet':
		case 'readLoaded':
		case 'readSupplyOhms':
		case 'readSupplyVolts':
			await takeReading(page, before.version);
			break;
		case 'readAsFound':
			if (await button(page, /Plug (the tester|a lamp) in/).count()) {
				await takeReading(page, before.version);
				break;
			}
			// In a home of one’s own: the first two lamps lit, and it holds.
			await page.locator('h1').first().focus();
			for (const key of ['1', '2', 'Enter']) await page.keyboard.press(key);
			break;
		case 'deadFromStart':
			await tap(page, page.getByRole('button', { name: 'That stands for it' }), before.version);
			break;
		case 'switchOff':
			// Off again: which it is has been found.
			if (choices.breaker && before.title !== 'Off again') {
				await page.getByRole('button', { name: 'I know which it is' }).click();
				await page.getByRole('button', { name: choices.breaker }).click();
			}
			await tap(page, main(page).getByRole('button', { name: /is (off|out)/ }), before.version);
			break;
		case 'supplyWay':
			await tap(
				page,
				page.getByRole('button', { name: choices.supply ?? /^Dead, by resistance/ }),
				before.version
			);
			break;
		case 'hold':
			await tap(page, page.getByRole('button', { name: /^It is held/ }), before.version);
			break;
		case 'decideProtection':
			await page.getByRole('radio', { name: /put the same in again/ }).check();
			await tap(page, page.getByRole('button', { name: 'That is my decision' }), before.version);
			break;
		case 'touchSupply': {
			await page.keyboard.press('t');
			await main(page).locator('.verdict').first().waitFor();
			const alarms = (await main(page).locator('.verdict').first().innerText()).includes('alarms');
			await page.keyboard.press(alarms ? 'y' : 'n');
			break;
		}
		case 'trySupply': {
			await page.keyboard.press('t');
			await main(page).locator('.verdict').first().waitFor();
			const resets = (await main(page).locator('.verdict').first().innerText()).includes('clicks');
			await page.keyboard.press(resets ? 'y' : 'n');
			break;
		}
		case 'lookOver':
			await count(page);
			await tap(page, page.getByRole('button', { name: /^That is how they sit/ }), before.version);
			break;
		case 'inspect':
			await tap(page, page.getByRole('button', { name: /^“no” to (all|the other)/ }), before.version);
			break;
		case 'takeOff':
			await page.locator('h1').first().focus();
			await page.keyboard.press((await button(page, /^\s*All \d/).count()) ? 'a' : 'Enter');
			break;
		case 'move': {
			// A joint is tugged; anything else is done.
			const held = button(page, /it held/);
			await page.keyboard.press((await held.count()) ? 'y' : 'Enter');
			break;
		}
		case 'grip':
			await page.keyboard.press('y');
			break;
		case 'confirm': {
			// What hands do in one go is said in one go.
			const together = button(page, /^\s*(Both|All \d) are done/);
			await page.locator('h1').first().focus();
			await page.keyboard.press((await together.count()) ? 'a' : 'Enter');
			break;
		}
		case 'checkNeighbour':
		case 'readWitness':
		case 'seeControlled':
		case 'checkWork':
		case 'restorePower':
			await page.keyboard.press('t');
			break;
		case 'tidyDirectory':
			await tap(page, page.getByRole('button', { name: /^Write it/ }), before.version);
			break;
		default:
			await page.locator('h1').first().focus();
			await page.keyboard.press('Enter');
	}
	await wentOn(page, before.version).waitFor();
	// Nobody who does what is asked is ever told that it isn’t due.
	const refused = main(page).locator('[data-refused]');
	if (await refused.count()) throw new Error(`refused after ${before.title}: ${await refused.innerText()}`);
}

/** Does steps until one is on screen that the test waits for. */
export async function doUntil(
	page: Page,
	wanted: (step: { kind: string; title: string }) => boolean,
	choices: Choices = {}
): Promise<void> {
	for (let count = 0; count < 120; count++) {
		const step = await stepOf(page);
		if (wanted(step)) {
			// An end counts on other pages once the server has it.
			if (/^(finished|stopped)$/.test(step.kind))
				await expect(main(page)).toHaveAttribute('data-unsent', '0');
			return;
		}
		await doStep(page, choices);
	}
	throw new Error(`never came: still at ${JSON.stringify(await stepOf(page))}`);
}

export const energy = (page: Page): Promise<string | null> =>
	page.locator('[data-energy]').getAttribute('data-energy');

/** Counts what hands do on a page, over its reloads: keys and taps that a person makes, and how often what there is to do changes. */
export async function counting(page: Page): Promise<() => Promise<{ acts: number; screens: number }>> {
	await page.addInitScript(() => {
		const add = (what: string) =>
			sessionStorage.setItem(what, String(Number(sessionStorage.getItem(what) ?? 0) + 1));
		for (const kind of ['keydown', 'pointerdown'])
			addEventListener(kind, (event) => event.isTrusted && add('acts'), { capture: true });
		let title = '';
		new MutationObserver(() => {
			const now = document.querySelector('main[data-step] h1')?.textContent ?? title;
			if (now !== title) add('screens');
			title = now;
		}).observe(document, { childList: true, subtree: true, characterData: true });
	});
	return () =>
		page.evaluate(() => ({
			acts: Number(sessionStorage.getItem('acts')),
			screens: Number(sessionStorage.getItem('screens'))
		}));
}
