import { atOnce } from './later';
import { fetchView } from './steps/views';

/** Has what the page shows first fetched with it, so that nothing moves: the step that is on, or how the job ended. */
export async function load({ data }) {
	if (data.shown.stepKind) await fetchView(data.shown.stepKind);
	return { ...data, atOnce: await atOnce(data.shown) };
}
