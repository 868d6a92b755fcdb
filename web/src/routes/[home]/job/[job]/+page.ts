import { needsPlanner } from '@wary/core/job';
import { atOnce } from './later';
import { fetchView } from './steps/views';

/** Has what the page shows first fetched with it, so that nothing moves: the step that is on, or how the job ended. */
export async function load({ data }) {
	const anew = data.events.some(({ body }) => needsPlanner(body));
	const [first, planning] = await Promise.all([
		atOnce(data.shown),
		anew ? import('$lib/job/planner') : null,
		data.shown.stepKind ? fetchView(data.shown.stepKind) : null
	]);
	return { ...data, planner: planning?.plannerOn(data.recorded) ?? null, atOnce: first };
}
