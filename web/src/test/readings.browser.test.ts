import { render } from 'vitest-browser-svelte';
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { page, userEvent } from 'vitest/browser';
import { arrangements, here } from '@wary/core/arrangements';
import { tanneryRow } from '@wary/core/demo';
import type { House } from '@wary/core/house';
import { planJob } from '@wary/core/job';
import { JobSession } from '$lib/job/session.svelte';
import { Person, planOf } from '../../../core/test/person';
import { wishOf } from '../../../core/test/wishes';
import Harness from './Harness.svelte';
import { inUs, inputAt, inputsFetched } from './at';

/** A server that takes whatever it is sent. */
beforeEach(() => {
	vi.stubGlobal('fetch', async () => {
		await new Promise(() => undefined);
	});
});
afterEach(() => vi.unstubAllGlobals());

beforeAll(inputsFetched);
const at = (kind: string) => inputAt(kind, inUs());
const save = () => page.getByRole('button', { name: /^Save reading/ });
const volts = () => page.getByLabelText('your reading in volts');
const ohms = () => page.getByLabelText('your reading in ohms');

describe('volts', () => {
	it('says what a reading means before it is saved, and saves what was typed, comma or point', async () => {
		const { said } = at('readPair');
		await volts().fill('0,3');
		await expect.element(page.getByText('Fits a dead pair.')).toBeVisible();
		await save().click();
		expect(said).toMatchObject([{ kind: 'readPair', reading: { volts: 0.3, mode: 'highImpedance' } }]);
	});

	it('shows a live pair as live while it is typed', async () => {
		at('readPair');
		await volts().fill('118');
		await expect.element(page.getByText(/LIVE\. Touch nothing/)).toBeVisible();
	});

	it('refuses at its place what is no number, could be two, or is missing, and keeps it in the field', async () => {
		const { said } = at('readPair');
		for (const [typed, complaint] of [
			['', 'Type what the meter shows.'],
			['abc', '“abc” isn’t a number of volts.'],
			['1,000', '“1,000” could be 1 or 1000.']
		] as const) {
			await volts().fill(typed);
			await save().click();
			await expect.element(page.getByRole('alert')).toHaveTextContent(complaint);
			await expect.element(volts()).toHaveValue(typed);
		}
		expect(said).toEqual([]);
	});

	it('is saved by Enter from the field', async () => {
		const { said } = at('readLive');
		await volts().fill('120.4');
		await userEvent.keyboard('{Enter}');
		expect(said).toMatchObject([{ kind: 'readLive', half: 'upper', reading: { volts: 120.4 } }]);
	});
});

describe('ohms', () => {
	it('a thousand is a thousand: “1,000” is asked about and never read as one', async () => {
		const { said } = at('readOhms');
		await ohms().fill('1,000');
		await save().click();
		await expect.element(page.getByRole('alert')).toHaveTextContent('could be 1 or 1000');
		expect(said).toEqual([]);
		await ohms().fill('1000');
		await expect.element(page.getByText(/Lower than the cables read/)).toBeVisible();
	});

	it('takes the unit that was typed, the unit that was chosen, and open', async () => {
		const { said } = at('readBaseline');
		await ohms().fill('4.7 kΩ');
		await save().click();
		await ohms().fill('4.7');
		await page.getByLabelText('unit').selectOptions('1000');
		await save().click();
		expect(said).toMatchObject([
			{ kind: 'readBaseline', value: { kind: 'ohms', resistanceOhm: 4700 } },
			{ kind: 'readBaseline', value: { kind: 'ohms', resistanceOhm: 4700 } }
		]);
		const open = at('readOhms');
		await page.getByLabelText('open (OL)').last().click();
		await page
			.getByRole('button', { name: /^Save reading/ })
			.last()
			.click();
		expect(open.said).toMatchObject([{ kind: 'readOhms', value: { kind: 'overload' } }]);
	});
});

describe('lamps and answers', () => {
	it('three lamps are said by key, and a wrong pattern is shown as wrong', async () => {
		const { said } = at('readPlug');
		await userEvent.keyboard('1');
		await userEvent.keyboard('3');
		await save().click();
		expect(said).toMatchObject([
			{ kind: 'readPlug', lamps: { hotNeutral: true, hotGround: false, neutralGround: true } }
		]);
	});

	it('a load is read in watts and volts; what doesn’t fit together is refused where it stands, and may be left with a reason', async () => {
		const { said, session } = at('readLoaded');
		await page.getByLabelText('without it').fill('119,5');
		await page.getByLabelText('while it runs').fill('131');
		await userEvent.keyboard('{Enter}');
		expect(said).toEqual([]);
		expect(session.refusal).toMatchObject({ code: 'loadedCant' });
		await page.getByLabelText('while it runs').fill('105.1');
		await expect.element(page.getByText(/a poor joint between the panel and this outlet/)).toBeVisible();
		await page.getByRole('button', { name: 'No such load at hand' }).click();
		expect(said).toMatchObject([{ kind: 'readLoaded', read: { kind: 'left', because: 'noLoad' } }]);
	});

	it('a wire that came out of its terminal is said by n', async () => {
		const { said, session } = at('move');
		const { step } = session;
		await userEvent.keyboard('n');
		expect(said).toMatchObject([{ kind: 'move', held: false }]);
		expect(session.step).toEqual(step);
	});

	it('uk: a supply cable touched along its insulation, by key', async () => {
		const home = tanneryRow();
		const radial: House = {
			...home,
			circuits: home.circuits.map((circuit) => ({ ...circuit, arrangement: 'radial' as const }))
		};
		const person = new Person(radial, radial, planOf(radial, 'box-room-desk'), ['b5', 'b5']);
		person.supplyWay = 'live';
		person.until('touchSupply');
		const session = new JobSession({
			house: radial,
			plans: [person.plan],
			events: person.events,
			address: '/x'
		});
		render(Harness, { session });
		await userEvent.keyboard('y');
		expect(session.events.at(-1)!.body).toMatchObject({ kind: 'touchSupply', alarms: true });
	});

	it('a way that told nothing isn’t offered again, and the others are', async () => {
		const house = arrangements.find(({ kind }) => kind === 'middleThrough')!.build();
		const planned = planJob(house, here, 'groundFirst', wishOf('gfci', 'protected'));
		if (!planned.ok) throw new Error(planned.failure.code);
		const person = new Person(house, house, planned.plan, ['b1', 'b1', 'b1']);
		person.supplyWay = 'device';
		person.until('supplyWay');
		person.go();
		for (const cable of ['c2', 'c3']) {
			person.until('trySupply');
			person.say({ kind: 'trySupply', cable, resets: false });
		}
		person.until('supplyWay');
		const session = new JobSession({ house, plans: [person.plan], events: person.events, address: '/x' });
		render(Harness, { session });
		await expect.element(page.getByRole('button', { name: /^Dead, by resistance/ })).toBeVisible();
		await expect.element(page.getByRole('button', { name: /^Alive, by voltage/ })).toBeVisible();
		for (const name of [/^By the new part itself/, /^Leave it/])
			await expect.element(page.getByRole('button', { name })).not.toBeInTheDocument();
	});
});
