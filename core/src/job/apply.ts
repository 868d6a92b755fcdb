import { energyOf, isolate } from '../isolation';
import { supplyAfter } from './applySupply';
import type { JobEvent } from './events';
import type { JobPlan } from './jobPlan';
import { asOf, initialJob, later, type JobState } from './state';
import { moduleFor } from './steps';

export const replay = (plan: JobPlan, events: readonly JobEvent[]): JobState =>
	events.reduce((state, event) => applyEvent(plan, state, event), initialJob(plan));

/** The state after one more accepted event. Pure. */
export function applyEvent(plan: JobPlan, earlier: JobState, event: JobEvent): JobState {
	const { body: said } = event;
	const { isolates, applied } = moduleFor(said);
	const before = asOf(earlier, event.at);
	const isolationEvent = isolates?.({ plan, state: before, said, event }) ?? null;
	const changedIsolation = isolationEvent ? isolate(before.isolation, isolationEvent) : before.isolation;
	const supply = supplyAfter(before, changedIsolation);
	// What was cleared for one purpose isn’t clear for the next.
	const isolation = supply === before.supply ? changedIsolation : { ...changedIsolation, areaClear: false };
	const notFeeding = isolation.notFeeding.slice(before.isolation.notFeeding.length);
	const state: JobState = {
		...before,
		isolation,
		supply,
		lastAt: later(before.lastAt, event.at),
		search: stayedLive(before.search, notFeeding),
		// All of them: one that a reading called not feeding may have been misread, and was off all the same.
		provenWith: provenBare(before, isolation) ? isolation.off : before.provenWith
	};
	return applied?.({ plan, before, state, said, event, passed: event.judged?.passes ?? false }) ?? state;
}

/** Whether the bare conductors have just been proven dead. */
const provenBare = ({ isolation: before }: JobState, now: JobState['isolation']): boolean =>
	now.proof.scope === 'bare' && energyOf(now) === 'provenDead' && energyOf(before) !== 'provenDead';

/** A breaker with which the outlet was read live is out for the search too. */
const stayedLive = (search: JobState['search'], breakers: readonly string[]): JobState['search'] =>
	breakers.length === 0
		? search
		: {
				...search,
				events: [
					...search.events,
					...breakers.map((id) => ({
						kind: 'answer' as const,
						off: [id],
						answer: 'on' as const,
						by: 'lamp' as const
					}))
				]
			};
