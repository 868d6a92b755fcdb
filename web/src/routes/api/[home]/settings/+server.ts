import { doneAnswer } from '$lib/answers';
import { maybeHousehold } from '$lib/server/households';
import { answer, failure, readBody } from '$lib/server/requests';
import { addSettings } from '$lib/server/settings';
import { settingsSchema } from '$lib/settingsSchema';

/** Keeps what a household has and prefers. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, settingsSchema);
	if (!body.ok) return body.response;
	await addSettings(household.id, body.value);
	return answer(doneAnswer, {});
}
