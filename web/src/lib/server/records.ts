import { eventsAt, recordOf } from '@wary/core/job';
import type { LoadedJob } from './useCases';

/** What a job comes to at each of its boxes: plan, state, the events that were said there, and the record made of them. */
export const recordsOf = ({ whole: { plans, boxes, earlier }, events }: LoadedJob) =>
	plans.map((plan, at) => {
		const mine = eventsAt(plans, events, at);
		// One that was taken in since wasn’t in all of them.
		const before = earlier.flatMap((all) => all[at] ?? []);
		return { plan, state: boxes[at]!, events: mine, record: recordOf(plan, mine, boxes[at]!, before) };
	});
