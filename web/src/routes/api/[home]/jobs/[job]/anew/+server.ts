import { anewAnswer } from '$lib/answers';
import { anewSchema } from '$lib/server/commandSchema';
import { currentProcedure } from '@wary/core/job';
import { maybeHousehold } from '$lib/server/households';
import { maybeJob } from '$lib/server/jobs';
import { endOlder } from '$lib/server/olderJobs';
import { answer, failure, isUuid, readBody } from '$lib/server/requests';

/** Ends a job of another procedure, and begins it again under this one. Sent again, it is acknowledged again. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const job = isUuid(params.job) ? await maybeJob(household.id, params.job) : null;
	if (!job) return failure(404, 'unknownJob');
	if (job.procedure === currentProcedure) return failure(409, 'notOlder');
	const body = await readBody(request, anewSchema);
	if (!body.ok) return body.response;
	const ended = await endOlder(household, job, body.value);
	switch (ended.code) {
		case 'ended':
			return answer(anewAnswer, { jobId: null });
		case 'started':
		case 'underWay':
			return answer(anewAnswer, { jobId: ended.jobId }, 201);
		case 'idTaken':
			return failure(409, 'idTaken');
		// The old one is ended all the same; what is in the way of a new one its plan says.
		case 'cannotPlan':
		case 'ruledOut':
		case 'olderRecord':
			return failure(422, 'cannotBegin');
	}
}
