import { around } from '$lib/server/around';
import { manyPhotos } from '$lib/server/photos';
import { pageTold } from '$lib/server/requests';
import { handoverSheetsOf } from '$lib/server/told';

export async function load({ params }) {
	const { household, job, house, now, told } = await pageTold(params.home, params.job);
	const sheets = told ? told.handover : handoverSheetsOf(now);
	return {
		recorded: around(house, sheets),
		sheets,
		photos: await manyPhotos(household.id, job.id)
	};
}
