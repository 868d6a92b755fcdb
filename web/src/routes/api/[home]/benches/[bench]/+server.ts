import { z } from 'zod';
import { benchSaveSchema } from '@wary/core/bench';
import { benchSavedAnswer, doneAnswer } from '$lib/answers';
import { removeBench, saveBench } from '$lib/server/benches';
import { maybeHousehold } from '$lib/server/households';
import { answer, failure, isUuid, readBody } from '$lib/server/requests';

const saveSchema = z.strictObject({ revision: z.int().min(1), ...benchSaveSchema.shape });

/** Saves what is new of a bench over the revision last seen. Nothing is done again here: the page that did it has, and whoever opens it will. */
export async function PUT({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	if (!isUuid(params.bench)) return failure(404, 'unknownBench');
	const body = await readBody(request, saveSchema);
	if (!body.ok) return body.response;
	const { revision, ...save } = body.value;
	const saved = await saveBench(household.id, params.bench, revision, save);
	return saved === null ? failure(409, 'savedElsewhere') : answer(benchSavedAnswer, { revision: saved });
}

export async function DELETE({ params }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	if (!isUuid(params.bench)) return failure(404, 'unknownBench');
	await removeBench(household.id, params.bench);
	return answer(doneAnswer, {});
}
