import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { unpacked } from '../web/src/lib/sent';
import { unflatten } from 'devalue';
import { Person } from '../core/test/person';
import { fennelLaneActual, tanneryRowActual } from '../core/src/demo';
import type { House } from '../core/src/house';
import { plannerOn, replayWhole, type JobEvent, type JobPlan, type Step } from '../core/src/job';
import { ready } from './jobDriver';
import { expect } from './server';

const wirings: Readonly<Record<string, () => House>> = {
	'fennel-lane': fennelLaneActual,
	'tannery-row': tanneryRowActual
};

/**
 * Brings the job on a page to a step without going through the screens before it: a person with everything in order says what each step asks, to the server, as
 * a device does. What the screens before look like is tested where they are gone through.
 */
export async function forward(
	page: Page,
	until: (step: Step, person: Person) => boolean,
	breakers: readonly string[],
	wired?: House
): Promise<void> {
	const [, home, , job] = new URL(page.url()).pathname.split('/');
	// What isn't sent yet would come after.
	await expect(page.locator('main[data-step]')).toHaveAttribute('data-unsent', '0');
	const answer = (await (await page.request.get(`/${home}/job/${job}/__data.json`)).json()) as {
		nodes: { data: Parameters<typeof unflatten>[0] }[];
	};
	const { recorded, plans, events } = unflatten(answer.nodes.at(-1)!.data, { packed: unpacked }) as {
		recorded: House;
		plans: readonly JobPlan[];
		events: readonly JobEvent[];
	};
	const person = new Person(recorded, wired ?? wirings[home!]!(), plans, [...breakers]);
	person.events = [...events];
	person.whole = replayWhole(plans, events, plannerOn(recorded));
	for (let count = 0; count < 300 && person.step && !until(person.step, person); count++) {
		const command = person.answer();
		const at = new Date().toISOString();
		const expectedVersion = person.events.length;
		const box = person.whole.plans.length > 1 ? { box: person.plan.boxId } : {};
		const said = person.say(command, { at });
		if (!said.ok) throw new Error(`${JSON.stringify(command)}: ${JSON.stringify(said.refusal)}`);
		const sent = await page.request.post(`/api/${home}/jobs/${job}/events`, {
			data: { id: randomUUID(), at, expectedVersion, command, ...box }
		});
		expect([await sent.json(), command]).toEqual([expect.objectContaining({ ok: true }), command]);
	}
	if (!person.step || !until(person.step, person)) throw new Error('never came to that step');
	await page.reload();
	await ready(page);
}
