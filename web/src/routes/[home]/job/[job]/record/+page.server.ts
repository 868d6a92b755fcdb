import { pageJob } from '$lib/server/requests';
import { recordOf } from '@wary/core/job';
import { manyPhotos } from '$lib/server/photos';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const { job, house, plan, events, state } = loaded;
	return {
		job,
		recorded: house,
		plan,
		record: recordOf(plan, events, state),
		state,
		photos: await manyPhotos(household.id, job.id)
	};
}
