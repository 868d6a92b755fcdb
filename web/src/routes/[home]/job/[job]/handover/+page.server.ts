import { recordOf } from '@wary/core/job';
import { manyPhotos } from '$lib/server/photos';
import { pageJob } from '$lib/server/requests';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const { job, house, plan, events, state } = loaded;
	const photos = await manyPhotos(household.id, job.id);
	return { job, recorded: house, plan, events, record: recordOf(plan, events, state), state, photos };
}
