import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { everything } from '../core/test/draws';
import { answers } from './answers';
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
	'/log',
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

const axe = readFileSync(new URL('../node_modules/axe-core/axe.min.js', import.meta.url), 'utf8');

/** What axe-core finds on the page, or in a part of it, as rule and place. `only`: by these rules alone. */
async function findings(page: Page, within: string, only?: readonly string[]): Promise<string[]> {
	// Injected by the debugger: the page's own policy lets no other script in.
	if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe);
	return page.evaluate(
		async ([part, rules]) => {
			type Found = { violations: { id: string; nodes: { target: string[] }[] }[] };
			type Axe = { run: (within: string, options: object) => Promise<Found> };
			const { violations } = await (window as unknown as { axe: Axe }).axe.run(
				part,
				rules ? { runOnly: rules } : {}
			);
			return violations.flatMap(({ id, nodes }) => nodes.map(({ target }) => `${id}: ${target.join(' ')}`));
		},
		[within, only] as const
	);
}

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const themed = (page: Page, theme: 'light' | 'dark') =>
	page.evaluate((to) => (document.documentElement.dataset.theme = to), theme);

/** What is wrong with a page as it stands: by axe-core at both widths, its colours in both themes, and what is too small for a finger on the phone. */
async function wrongOn(page: Page, where: string, within = 'html'): Promise<string[]> {
	const wrong: string[] = [];
	// By day the phone, where the least room is, and its light colours; both widths in both themes in the long run.
	for (const [width, size] of Object.entries(everything ? { desk, phone } : { phone })) {
		await page.setViewportSize(size);
		const found = await findings(page, within);
		if (everything) {
			await themed(page, 'dark');
			// Nothing but colours hangs on the theme.
			found.push(...(await findings(page, within, ['color-contrast', 'link-in-text-block'])));
			await themed(page, 'light');
		}
		if (size === phone) found.push(...(await small(page)));
		wrong.push(...found.map((each) => `${where}, ${width}: ${each}`));
	}
	await page.setViewportSize(desk);
	return wrong;
}

test('axe-core finds nothing on any view at either width in either theme, and on a phone everything to tap is at least 44 px', async ({
	page
}) => {
	const wrong: string[] = [];
	for (const path of [
		...views,
		'/tannery-row/house',
		'/tannery-row/plan/front-bedroom-bed?part=usbTwin',
		...(everything
			? [
					'/fennel-lane/plan/reading-alcove',
					'/tannery-row',
					'/tannery-row/outlet/box-room-desk',
					'/tannery-row/protection',
					'/tannery-row/rules',
					'/tannery-row/bench',
					'/tannery-row/settings',
					'/tannery-row/load'
				]
			: []),
		'/new',
		'/pair',
		'/nowhere/at/all'
	]) {
		await page.goto(path);
		// With what comes a moment later.
		await page.waitForLoadState('networkidle');
		wrong.push(...(await wrongOn(page, path)));
	}
	expect(wrong).toEqual([]);
});

test('axe-core and a finger find nothing on any step of a job, nor on its record', async ({ page }) => {
	await startJob(page, 'tannery-row', 'box-room-desk');
	const wrong: string[] = [];
	const seen = new Set<string>();
	for (let count = 0; count < 100; count++) {
		const { kind } = await stepOf(page);
		// What stands around a step is the same at each.
		const within = everything || seen.size === 0 ? 'html' : 'main';
		if (!seen.has(kind)) wrong.push(...(await wrongOn(page, kind, within)));
		seen.add(kind);
		if (kind === 'finished') break;
		await doStep(page);
	}
	expect(seen.size).toBeGreaterThan(15);
	const job = new URL(page.url()).pathname;
	for (const sheet of ['record', 'tag', 'handover']) {
		await page.goto(`${job}/${sheet}`);
		wrong.push(...(await wrongOn(page, sheet)));
	}
	expect(wrong).toEqual([]);
});

test('axe-core finds nothing at the bench, with any instrument', async ({ page }) => {
	const wrong: string[] = [];
	for (const [home, kind] of [
		['fennel-lane', /Supply through a GFCI/],
		['tannery-row', /Ring with a spur/]
	] as const) {
		await page.goto(`/${home}/bench`);
		await answers(page);
		await page.getByRole('button', { name: kind }).click();
		await page.locator('main[data-ready=yes]').waitFor();
		await page.locator('[data-wire]').first().click();
		await page.getByText('The same as a table').click();
		for (const layer of everything ? ['3', '4', '5'] : ['4']) {
			await page.keyboard.press(layer);
			await page.waitForTimeout(150);
			wrong.push(...(await wrongOn(page, `${home} bench, ${layer}`)));
		}
	}
	expect(wrong).toEqual([]);
});

test(
	'with text at 200 % nothing is cut off, and no view scrolls sideways',
	{ tag: '@long' },
	async ({ page }) => {
		await page.setViewportSize({ width: 1280, height: 800 });
		const over: [string, number][] = [];
		await page.addInitScript(() =>
			addEventListener('DOMContentLoaded', () => (document.documentElement.style.fontSize = '200%'))
		);
		for (const path of [...views, '/tannery-row/outlet/box-room-desk', '/new']) {
			await page.goto(path);
			await answers(page);
			over.push([path, await wide(page)]);
		}
		await startJob(page, 'fennel-lane', 'sewing-east-wall');
		over.push(['job', await wide(page)]);
		expect(over.filter(([, px]) => px > 0)).toEqual([]);
		const strip = page.locator('[data-energy]');
		expect(await strip.evaluate((element) => element.scrollWidth - element.clientWidth)).toBeLessThanOrEqual(
			0
		);
	}
);

test('who asked for less motion gets none', async ({ page }) => {
	await page.emulateMedia({ reducedMotion: 'reduce' });
	for (const path of ['/fennel-lane', '/fennel-lane/house', '/fennel-lane/settings']) {
		await page.goto(path);
		await answers(page);
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
