import { doneAnswer } from '$lib/answers';
import { sendAway } from '$lib/server/devices';
import { answer, failure, isUuid } from '$lib/server/requests';

/** Sends a paired device away: its cookie opens nothing from now on. */
export async function DELETE({ params }) {
	if (!isUuid(params.device)) return failure(404, 'unknownDevice');
	await sendAway(params.device);
	return answer(doneAnswer, {});
}
