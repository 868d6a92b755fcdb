import type { Page } from '@playwright/test';
import { expect, test } from './server';
import { doStep, startJob, stepOf } from './jobDriver';

const views = [
	'',
	'/outlet/sewing-east-wall',
	'/plan/sewing-east-wall?part=gfci&feed=protected',
	'/house',
	'/find/sewing-east-wall',
	'/bench',
	'/settings',
	'/load?at=living',
	'/protection',
	'/rules',
	'/shopping',
	'/directory'
].map((path) => `/fennel-lane${path}`);

/** Everything to tap that is smaller than 44 px either way, by what it says. Links in running text and what a label enlarges are as large as their lines. */
const small = (page: Page): Promise<string[]> =>
	page.evaluate(() => {
		const seen = (element: Element) => element.checkVisibility({ opacityProperty: true });
		const inText = (element: Element) =>
			element.matches('a') &&
			getComputedStyle(element).display.startsWith('inline') &&
			!element.matches('nav a');
		return [
			...document.querySelectorAll('button:not(:disabled), a[href], select, input, summary, [role=button]')
		]
			.filter((element) => seen(element) && !inText(element) && !element.closest('svg'))
			.flatMap((element) => {
				const own = element.getBoundingClientRect();
				// A box to tick is tapped by its whole line.
				const label = element.closest('label')?.getBoundingClientRect();
				const { width, height } = label && element.matches('[type=checkbox], [type=radio]') ? label : own;
				const name = element.getAttribute('aria-label') ?? element.textContent?.trim().slice(0, 30) ?? '';
				return Math.round(width) >= 44 && Math.round(height) >= 44
					? []
					: [`${element.tagName.toLowerCase()} “${name}” ${Math.round(width)} × ${Math.round(height)}`];
			});
	});

const wide = (page: Page): Promise<number> =>
	page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

test('on a phone everything to tap is at least 44 px, on every view and every step of a job', async ({
	page
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	const found: string[] = [];
	for (const path of [...views, '/tannery-row', '/tannery-row/house', '/new']) {
		await page.goto(path);
		await page.waitForLoadState('networkidle');
		found.push(...(await small(page)).map((each) => `${path}: ${each}`));
	}
	await startJob(page, 'tannery-row', 'box-room-desk');
	const kinds = new Set<string>();
	for (let count = 0; count < 100; count++) {
		const { kind } = await stepOf(page);
		if (!kinds.has(kind)) found.push(...(await small(page)).map((each) => `${kind}: ${each}`));
		kinds.add(kind);
		if (kind === 'finished') break;
		await doStep(page);
	}
	expect(kinds.size).toBeGreaterThan(15);
	expect(found).toEqual([]);
});

test('with text at 200 % nothing is cut off, and no view scrolls sideways', async ({ page }) => {
	await page.setViewportSize({ width: 1280, height: 800 });
	const over: [string, number][] = [];
	await page.addInitScript(() =>
		addEventListener('DOMContentLoaded', () => (document.documentElement.style.fontSize = '200%'))
	);
	for (const path of [...views, '/tannery-row/outlet/box-room-desk', '/new']) {
		await page.goto(path);
		await page.waitForLoadState('networkidle');
		over.push([path, await wide(page)]);
	}
	await startJob(page, 'fennel-lane', 'sewing-east-wall');
	over.push(['job', await wide(page)]);
	expect(over.filter(([, px]) => px > 0)).toEqual([]);
	const strip = page.locator('[data-energy]');
	expect(await strip.evaluate((element) => element.scrollWidth - element.clientWidth)).toBeLessThanOrEqual(0);
});

test('who asked for less motion gets none', async ({ page }) => {
	await page.emulateMedia({ reducedMotion: 'reduce' });
	for (const path of ['/fennel-lane', '/fennel-lane/house', '/fennel-lane/settings']) {
		await page.goto(path);
		await page.waitForLoadState('networkidle');
		const moving = await page.evaluate(() =>
			[...document.querySelectorAll('*')].flatMap((element) => {
				const { transitionDuration, animationName, animationDuration } = getComputedStyle(element);
				const seconds = (list: string) => Math.max(...list.split(',').map((each) => parseFloat(each)));
				return seconds(transitionDuration) > 0.01 ||
					(animationName !== 'none' && seconds(animationDuration) > 0.01)
					? [`${element.tagName} ${element.className.toString().slice(0, 60)}`]
					: [];
			})
		);
		expect([path, moving.slice(0, 5)]).toEqual([path, []]);
	}
});

test('read in order, a step says first how things stand, then what to do, then what to enter, then what may be done beside it', async ({
	page
}) => {
	await startJob(page, 'fennel-lane', 'sewing-east-wall');
	let checked = 0;
	for (let count = 0; count < 60 && checked < 12; count++) {
		const { kind } = await stepOf(page);
		// In the order of the document, which is what a screen reader follows.
		const order = await page.evaluate(() => {
			const named = (selector: string) => {
				const element = document.querySelector(selector);
				return element ? [element] : [];
			};
			const parts = [
				...named('[data-energy]'),
				...named('main h1'),
				...named('main .lead'),
				...named('main .aside-actions')
			];
			return parts.every(
				(part, k) => k === 0 || parts[k - 1]!.compareDocumentPosition(part) & Node.DOCUMENT_POSITION_FOLLOWING
			)
				? parts.length
				: 0;
		});
		expect([kind, order]).toEqual([kind, 4]);
		// Nothing jumps the queue, and every field and button has a name.
		expect(await page.locator('[tabindex]:not([tabindex="0"]):not([tabindex="-1"])').count()).toBe(0);
		for (const field of await page.locator('main').getByRole('textbox').all())
			expect(
				(await field.evaluate((element: HTMLInputElement) => element.labels?.length)) ||
					(await field.getAttribute('aria-label'))
			).toBeTruthy();
		checked++;
		await doStep(page, { breaker: /breaker 14\b/ });
	}
	// A new step takes the focus to its heading, so that it is read.
	await expect(page.locator('main h1, main h2').and(page.locator(':focus'))).toHaveCount(1);
});
