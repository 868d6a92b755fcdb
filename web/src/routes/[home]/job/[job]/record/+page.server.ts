import { manyPhotos } from '$lib/server/photos';
import { pageJob } from '$lib/server/requests';
import { recordsOf } from '$lib/server/records';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const { job, house } = loaded;
	return {
		job,
		recorded: house,
		boxes: recordsOf(loaded),
		photos: await manyPhotos(household.id, job.id)
	};
}
