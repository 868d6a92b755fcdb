import { expect, type Page } from '@playwright/test';

/** The step on screen: its kind, and how many events the job has. */
export async function stepOf(page: Page): Promise<{ kind: string; version: number; title: string }> {
	const main = page.locator('main[data-step]');
	return {
		kind: (await main.getAttribute('data-step'))!,
		version: Number(await main.getAttribute('data-version')),
		title: await page.locator('h1').first().innerText()
	};
}

/** Opens an outlet's page and starts the job there. */
export async function startJob(page: Page, home: string, box: string, who = 'Avery Quill'): Promise<void> {
	await page.goto(`/${home}/outlet/${box}`);
	await page.waitForLoadState('networkidle');
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

/** Does the step on screen as a user with everything in order would, by keyboard where there is a key, and waits for the next. */
export async function doStep(page: Page, choices: Choices = {}): Promise<void> {
	const before = await stepOf(page);
	switch (before.kind) {
		case 'checkTools':
			await page.getByRole('button', { name: 'Tick all' }).click();
			await page.getByRole('button', { name: /^All here/ }).click();
			break;
		case 'checkPart': {
			const rating = (await page.locator('.wanted').innerText()).match(/(\d+) A/)![1];
			await page.getByRole('radio', { name: `${rating} A` }).check();
			for (const box of await main(page).getByRole('checkbox').all()) await box.check();
			await page.getByRole('button', { name: /^This is the part/ }).click();
			break;
		}
		case 'readLive':
		case 'readLiveGround':
		case 'proveEarth':
		case 'proveTester':
		case 'readPair':
		case 'readOhms':
		case 'readBaseline':
		case 'readGroundEarth':
		case 'readPlug':
		case 'readOutlet':
		case 'readSupplyOhms':
		case 'readSupplyVolts':
			await page.locator('h1').first().focus();
			await page.keyboard.press('t');
			await main(page).locator('.verdict').first().waitFor();
			await page.keyboard.press('Enter');
			break;
		case 'switchOff':
			if (choices.breaker) {
				await page.getByRole('button', { name: 'I know which it is' }).click();
				await page.getByRole('button', { name: choices.breaker }).click();
			}
			await main(page)
				.getByRole('button', { name: /is off/ })
				.click();
			break;
		case 'supplyWay':
			await page.getByRole('button', { name: choices.supply ?? /^Dead, by resistance/ }).click();
			break;
		case 'hold':
			await page.getByRole('button', { name: /^It is held/ }).click();
			break;
		case 'decideProtection':
			await page.getByRole('radio', { name: /put the same in again/ }).check();
			await page.getByRole('button', { name: 'That is my decision' }).click();
			break;
		case 'touchSupply': {
			await page.keyboard.press('t');
			await main(page).locator('.verdict').first().waitFor();
			const alarms = (await main(page).locator('.verdict').first().innerText()).includes('alarms');
			await page.keyboard.press(alarms ? 'y' : 'n');
			break;
		}
		case 'lookOver':
			await page.getByRole('button', { name: /^That is how they sit/ }).click();
			break;
		case 'inspect':
			await page.getByRole('button', { name: /^“no” to the other/ }).click();
			await page.getByRole('button', { name: /^That is what I see/ }).click();
			break;
		case 'terminate':
			await page.getByRole('button', { name: /^It is on/ }).click();
			break;
		case 'tug':
		case 'grip':
			await page.keyboard.press('y');
			break;
		case 'checkNeighbour':
		case 'restorePower':
			await page.keyboard.press('t');
			await main(page).locator('.verdict').first().waitFor();
			await page.keyboard.press('y');
			break;
		case 'tidyDirectory':
			await page.getByRole('button', { name: /^Write it/ }).click();
			break;
		default:
			await page.locator('h1').first().focus();
			await page.keyboard.press('Enter');
	}
	await expect(main(page)).not.toHaveAttribute('data-version', String(before.version));
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
