import { cleanup, render } from 'vitest-browser-svelte';
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { page, userEvent } from 'vitest/browser';
import HomeSwitcher from '$lib/ui/HomeSwitcher.svelte';
import { inUk, inUs, inputAt, inputsFetched } from './at';

/** What the page asks of the server; answered by hand, or never. */
let asked: string[] = [];
let answer: (address: string) => unknown = () => new Promise(() => undefined);
beforeEach(() => {
	asked = [];
	answer = () => new Promise(() => undefined);
	vi.stubGlobal('fetch', async (address: string) => {
		asked.push(address);
		const body = await answer(address);
		return new Response(JSON.stringify(body), { status: body === null ? 503 : 200 });
	});
});
afterEach(() => vi.unstubAllGlobals());

beforeAll(inputsFetched);
const us = (kind: string, box?: string, breaker?: string) => inputAt(kind, inUs(box, breaker));
const uk = (kind: string) => inputAt(kind, inUk());
const press = (name: string | RegExp) => page.getByRole('button', { name }).click();

describe('before anything is touched', () => {
	it('a decision about protection has to be one: neither is chosen for anybody', async () => {
		const { said } = us('decideProtection', 'bath-mirror', 'b12');
		expect(await page.getByRole('radio', { checked: true }).elements()).toHaveLength(0);
		await press(/^That is my decision/);
		await expect.element(page.getByRole('alert')).toHaveTextContent('Choose one, or end here');
		expect(said).toEqual([]);
		await page.getByText(/I know, and put the same in again/).click();
		await press(/^That is my decision/);
		expect(said).toMatchObject([{ kind: 'decideProtection' }]);
	});

	it('the cautions are the first thing, with eyes, the panel’s cover, other sources and somebody caught among them', async () => {
		const { said } = us('confirm');
		const text = document.body.textContent ?? '';
		for (const needed of [
			/Off is not dead/,
			/[Ee]ye protection/,
			/never taken off/,
			/another source/,
			/local code/
		])
			expect(text).toMatch(needed);
		expect(said).toEqual([]);
	});
});

describe('at the panel', () => {
	it('it is searched for or said, and nothing is taken for switched by choosing which', async () => {
		const { said } = us('switchOff');
		const [search, pick] = [/^Search for it/, /^I know which/].map((name) =>
			page.getByRole('button', { name })
		);
		for (const [on, off] of [
			[search!, pick!],
			[pick!, search!]
		] as const) {
			await on.click();
			await expect.element(on).toHaveAttribute('aria-pressed', 'true');
			await expect.element(off).toHaveAttribute('aria-pressed', 'false');
		}
		expect(said).toEqual([]);
	});

	it('what holds it off is told with its strength, and what lapses by leaving is said', async () => {
		const { said } = us('hold');
		await expect
			.element(page.getByRole('radio', { name: /Clip and padlock.*strength 3 of 3/ }))
			.toBeVisible();
		await expect
			.element(page.getByRole('radio', { name: /Taped over.*Lapses when you leave/ }))
			.toBeVisible();
		expect(page.getByRole('radio', { name: /padlock.*Lapses when you leave/ }).elements()).toHaveLength(0);
		await page.getByText(/Somebody stands by/).click();
		await press(/^It is held/);
		expect(said).toEqual([{ kind: 'hold', way: 'watch' }]);
	});

	it('uk: it is a consumer unit whose door is closed, and no panel', async () => {
		uk('hold');
		await expect.element(page.getByText(/consumer unit door closed/)).toBeVisible();
		expect(document.body.textContent).not.toMatch(/\bpanel door/);
	});
});

describe('on the new part', () => {
	it('uk: what is put on the terminals is asked by the letters on them, and drawn right beside easily wrong', async () => {
		uk('move');
		for (const name of [/past the screw/, /before the screw/])
			await expect.element(page.getByRole('img', { name })).toBeVisible();
		const text = document.body.textContent ?? '';
		expect(text).not.toMatch(/brass|silver|ground\b/);
	});

	it('us: a landing is one key; where the box was opened again, it may have sat elsewhere', async () => {
		const { said } = us('move');
		await userEvent.keyboard('y');
		expect(said).toMatchObject([{ kind: 'move', held: true }]);
		cleanup();
		const again = inputAt('move', inUs(), (person) => {
			person.until('readPlug');
			const lamps = { hotNeutral: true, hotGround: false, neutralGround: true };
			person.say({ kind: 'readPlug', half: 'upper', lamps });
		});
		expect(page.getByRole('img', { name: /easily/i }).elements()).toHaveLength(0);
		await userEvent.keyboard('e');
		await press('upper silver screw');
		expect(again.said).toMatchObject([{ kind: 'move', held: true, sat: 'neutralUpper' }]);
	});
});

describe('the list of homes', () => {
	const home = { slug: 'fennel-lane', name: '14 Fennel Lane' };
	const some = (from: number, count: number) =>
		Array.from({ length: count }, (_, k) => ({ slug: `home-${from + k}`, name: `Home ${from + k}` }));
	const open = async () => {
		render(HomeSwitcher, { current: home });
		await page.getByText('14 Fennel Lane').first().click();
	};

	it('is asked for when it is opened, not before', async () => {
		render(HomeSwitcher, { current: home });
		expect(asked).toEqual([]);
		await page.getByText('14 Fennel Lane').first().click();
		await vi.waitFor(() => expect(asked).toHaveLength(1));
		await expect.element(page.getByText('One moment …')).toBeVisible();
	});

	it('is searched by what is typed, and gives more on asking, after those that stand there', async () => {
		answer = (address) =>
			address.includes('after=home-19')
				? { homes: some(20, 3), more: false }
				: { homes: some(0, 20), more: true };
		await open();
		await expect.element(page.getByRole('link', { name: 'Home 19' })).toBeInTheDocument();
		await press('More');
		await expect.element(page.getByRole('link', { name: 'Home 22' })).toBeInTheDocument();
		await expect.element(page.getByRole('link', { name: 'Home 0', exact: true })).toBeInTheDocument();
		await page.getByLabelText('Search homes').fill('row & co');
		await vi.waitFor(() => expect(asked.at(-1)).toBe('/api/homes?search=row%20%26%20co'));
	});

	it('says that there is none of that name', async () => {
		answer = () => ({ homes: [], more: false });
		await open();
		await expect.element(page.getByText('No home by that name.')).toBeVisible();
	});

	it('says that it can’t be fetched, and tries again on asking', async () => {
		answer = () => null;
		await open();
		await expect.element(page.getByText(/can’t be fetched just now/)).toBeVisible();
		answer = () => ({ homes: some(0, 1), more: false });
		await press('Try again');
		await expect.element(page.getByRole('link', { name: 'Home 0' })).toBeVisible();
	});

	it('a slower answer to an earlier question is dropped', async () => {
		let late: (value: unknown) => void = () => undefined;
		answer = () => new Promise((resolve) => (late = resolve));
		await open();
		await vi.waitFor(() => expect(asked).toHaveLength(1));
		answer = () => ({ homes: [{ slug: 'new', name: 'The new answer' }], more: false });
		await page.getByLabelText('Search homes').fill('new');
		await expect.element(page.getByText('The new answer')).toBeVisible();
		late({ homes: [{ slug: 'old', name: 'The old answer' }], more: false });
		await new Promise((resolve) => setTimeout(resolve, 50));
		expect(page.getByText('The old answer').elements()).toHaveLength(0);
	});

	it('is closed by Escape, and the focus goes back to where it came from', async () => {
		answer = () => ({ homes: some(0, 1), more: false });
		await open();
		await expect.element(page.getByRole('link', { name: 'Home 0' })).toBeVisible();
		await userEvent.keyboard('{Escape}');
		await expect.element(page.getByLabelText('Search homes')).not.toBeInTheDocument();
		expect(document.activeElement?.textContent).toContain('14 Fennel Lane');
	});
});
