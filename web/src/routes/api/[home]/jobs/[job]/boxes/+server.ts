import { jobAnswer } from '$lib/answers';
import { takeInSchema } from '$lib/server/commandSchema';
import { maybeHousehold } from '$lib/server/households';
import { answer, failure, isUuid, readBody } from '$lib/server/requests';
import { takeIn } from '$lib/server/useCases';

/** Takes an outlet into a job under way. Sent again, it is acknowledged again and stored once. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	if (!isUuid(params.job)) return failure(404, 'unknownJob');
	const body = await readBody(request, takeInSchema);
	if (!body.ok) return body.response;
	const taken = await takeIn(household, params.job, body.value);
	switch (taken.code) {
		case 'stored':
		case 'alreadyStored':
			return answer(jobAnswer, { jobId: params.job }, 201);
		case 'refused':
			return failure(422, 'refused', { refusal: taken.refusal });
		case 'conflict':
		case 'idTaken':
		case 'olderProcedure':
			return failure(409, taken.code);
		case 'unknownJob':
			return failure(404, 'unknownJob');
		case 'timeWrong':
		case 'notOfThisJob':
			return failure(422, taken.code);
	}
}
