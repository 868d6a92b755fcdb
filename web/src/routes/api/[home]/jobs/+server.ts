import { jobAnswer } from '$lib/answers';
import { startSchema } from '$lib/server/commandSchema';
import { maybeHousehold } from '$lib/server/households';
import { answer, failure, readBody } from '$lib/server/requests';
import { startJob } from '$lib/server/useCases';

/** Starts a job at a box. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const body = await readBody(request, startSchema);
	if (!body.ok) return body.response;
	const started = await startJob(household, body.value);
	switch (started.code) {
		case 'started':
			return answer(jobAnswer, { jobId: started.jobId }, 201);
		case 'underWay':
			return failure(409, 'underWay', { jobId: started.jobId });
		case 'olderRecord':
		case 'idTaken':
			return failure(409, started.code);
		case 'ruledOut':
			return failure(422, 'ruledOut', { by: started.by });
		case 'cannotPlan':
			return failure(started.failure.code === 'unknownBox' ? 404 : 422, 'cannotPlan', {
				failure: started.failure
			});
	}
}
