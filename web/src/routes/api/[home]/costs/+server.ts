import { costEntrySchema } from '@wary/core/shopping';
import { doneAnswer } from '$lib/answers';
import { maybeHousehold } from '$lib/server/households';
import { answer, failure, readBody } from '$lib/server/requests';
import { enterCost } from '$lib/server/shopping';

/** One figure more of what things cost, or what one has already. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, costEntrySchema);
	if (!body.ok) return body.response;
	await enterCost(household.id, body.value);
	return answer(doneAnswer, {});
}
