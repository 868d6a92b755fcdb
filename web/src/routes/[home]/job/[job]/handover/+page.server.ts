import { manyPhotos } from '$lib/server/photos';
import { recordsOf } from '$lib/server/records';
import { pageJob } from '$lib/server/requests';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const { job, house } = loaded;
	const photos = await manyPhotos(household.id, job.id);
	return { job, recorded: house, boxes: recordsOf(loaded), photos };
}
