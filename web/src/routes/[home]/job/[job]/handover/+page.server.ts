import { mustStop } from '@wary/core/job';
import { handoverSheet } from '$lib/server/handoverSheet';
import { manyPhotos } from '$lib/server/photos';
import { recordsOf } from '$lib/server/records';
import { pageJob } from '$lib/server/requests';
import { boxPlace } from '$words/terms';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const { job, house } = loaded;
	const boxes = recordsOf(loaded);
	const ended = boxes.find(({ state }) => mustStop(state) !== null);
	const ordered = ended ? [ended, ...boxes.filter((one) => one !== ended)] : boxes;
	return {
		recorded: house,
		sheets: ordered.map((one) =>
			handoverSheet(house, job, one, ended && one !== ended ? boxPlace(house, ended.plan.boxId) : null)
		),
		photos: await manyPhotos(household.id, job.id)
	};
}
