import { render } from 'vitest-browser-svelte';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import type { House } from '@wary/core/house';
import type { Command } from '@wary/core/job';
import { JobSession } from '$lib/job/session.svelte';
import { Person, planOf } from '../../../core/test/person';
import { fetchViews } from '../routes/[home]/job/[job]/steps/views';
import Harness from './Harness.svelte';

export interface Place {
	readonly recorded: House;
	readonly actual: House;
	readonly box: string;
	readonly breaker: string;
}
export const inUs = (box = 'sewing-east-wall', breaker = 'b14'): Place => ({
	recorded: fennelLaneRecorded(),
	actual: fennelLaneActual(),
	box,
	breaker
});
export const inUk = (): Place => ({
	recorded: tanneryRow(),
	actual: tanneryRow(),
	box: 'box-room-desk',
	breaker: 'b5'
});

/** All that a step's input needs is here, as on a page that has stood for a moment. For `beforeAll`. */
export const inputsFetched = (): Promise<void> => fetchViews();

/** The input of the first step of a kind at an outlet, in a job that has come so far, and what it says. */
export function inputAt(kind: string, place: Place, change?: (person: Person) => void) {
	const { recorded, actual, box, breaker } = place;
	const person = new Person(recorded, actual, planOf(recorded, box), [breaker, breaker, breaker]);
	change?.(person);
	person.until(kind);
	const session = new JobSession({
		house: recorded,
		plans: [person.plan],
		events: person.events,
		address: '/api/home/jobs/1'
	});
	const said: Command[] = [];
	const submit = session.submit.bind(session);
	session.submit = (command: Command) => {
		const taken = submit(command);
		if (taken) said.push(command);
		return taken;
	};
	render(Harness, { session });
	return { session, said };
}
