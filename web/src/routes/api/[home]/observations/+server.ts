import { findBox } from '@wary/core/house';
import { observationSchema } from '@wary/core/observations';
import { doneAnswer } from '$lib/answers';
import { connections } from '$lib/server/db';
import { latestHouse, maybeHousehold } from '$lib/server/households';
import { maybeJob } from '$lib/server/jobs';
import { addObservations } from '$lib/server/observations';
import { answer, failure, readBody } from '$lib/server/requests';

/** Adds what was seen or tried at an outlet to the ledger. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, observationSchema);
	if (!body.ok) return body.response;
	const { house } = await latestHouse(household.id);
	if (!findBox(house, body.value.box)) return failure(422, 'unknownBox');
	const { job = null, ...entry } = body.value;
	if (job !== null && !(await maybeJob(household.id, job))) return failure(422, 'unknownJob');
	await addObservations(connections(), household.id, [{ ...entry, job }]);
	return answer(doneAnswer, {});
}
