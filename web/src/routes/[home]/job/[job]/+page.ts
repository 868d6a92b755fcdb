import { atOnce } from './later';
import { fetchView } from './steps/views';

/** Has what the page shows first fetched with it, so that nothing moves: the step that is on, or how the job ended. */
export async function load({ data }) {
	if (data.shown.stepKind) await fetchView(data.shown.stepKind);
	const anew = data.events.some(({ body }) => body.kind === 'planAnew' || body.kind === 'addBox');
	const planner = anew ? (await import('$lib/job/planner')).plannerOn(data.recorded) : null;
	return { ...data, planner, atOnce: await atOnce(data.shown) };
}
