import { error } from '@sveltejs/kit';
import { maybeBench } from '$lib/server/benches';
import { houseOf, replayBench } from '@wary/core/bench';
import { isUuid, pageHousehold } from '$lib/server/requests';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const found = isUuid(params.bench) ? await maybeBench(household.id, params.bench) : null;
	if (!found)
		error(404, {
			message: 'This home has no such bench. It may have been thrown away, or the link is cut off.',
			code: 'unknownBench'
		});
	// Replayed once here, for the picture until the worker has answered.
	return { id: params.bench, ...found, first: houseOf(replayBench(found.file).bench) };
}
