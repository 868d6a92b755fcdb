import { doneAnswer } from '$lib/answers';
import { maybeHousehold } from '$lib/server/households';
import { answer, failure, isUuid } from '$lib/server/requests';
import { dropPlan } from '$lib/server/shopping';

/** Takes a kept plan off the list; one that isn’t there any more is off it. */
export async function DELETE({ params }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	if (!isUuid(params.plan)) return failure(404, 'unknownPlan');
	await dropPlan(household.id, params.plan);
	return answer(doneAnswer, {});
}
