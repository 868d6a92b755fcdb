import { z } from 'zod';
import { asOfNow, keptPlanSchema } from '@wary/core/shopping';
import { doneAnswer } from '$lib/answers';
import { latestHouse, maybeHousehold } from '$lib/server/households';
import { answer, failure, readBody } from '$lib/server/requests';
import { keepPlan } from '$lib/server/shopping';

const keepSchema = z.strictObject({ id: z.uuid(), ...keptPlanSchema.shape });

/** Keeps a plan to be bought for and begun another day. One that can’t be done as the house is isn’t kept. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, keepSchema);
	if (!body.ok) return body.response;
	const { id, ...plan } = body.value;
	const { house } = await latestHouse(household.id);
	const now = asOfNow(house, { id, keptAt: '', plan });
	if (!now.ok) return failure(422, 'cannotPlan', { failure: now.failure });
	return (await keepPlan(household.id, id, plan)) === 'full'
		? failure(422, 'tooManyPlans')
		: answer(doneAnswer, {});
}
