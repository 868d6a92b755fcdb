import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { parseBench, benchFile } from '@wary/core/bench';
import { removeBench, saveBench } from '$lib/server/benches';
import { maybeHousehold } from '$lib/server/households';
import { failure, isUuid, readBody } from '$lib/server/requests';
import { benchProblemWords } from '$lib/words/bench';

const saveSchema = z.strictObject({ revision: z.int().min(1), file: z.unknown() });

/** Saves a bench over the revision last seen. */
export async function PUT({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	if (!isUuid(params.bench)) return failure(404, 'unknownBench');
	const body = await readBody(request, saveSchema);
	if (!body.ok) return body.response;
	const parsed = parseBench(body.value.file);
	if (!parsed.ok)
		return failure(422, 'benchFile', { problems: parsed.problems.slice(0, 20).map(benchProblemWords) });
	const revision = await saveBench(household.id, params.bench, body.value.revision, benchFile(parsed.bench));
	return revision === null ? failure(409, 'savedElsewhere') : json({ ok: true, revision });
}

export async function DELETE({ params }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	if (!isUuid(params.bench)) return failure(404, 'unknownBench');
	await removeBench(household.id, params.bench);
	return json({ ok: true });
}
