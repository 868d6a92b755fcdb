import { bill, needsOfJob } from '@wary/core/shopping';
import { maybeCostOf } from '$lib/server/observations';
import { manyPhotos } from '$lib/server/photos';
import { latestCosts } from '$lib/server/shopping';
import { pageJob } from '$lib/server/requests';
import { recordsOf } from '$lib/server/records';
import { recordSheet } from '$lib/server/recordSheet';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const { job, house } = loaded;
	const [costs, cost] = await Promise.all([latestCosts(household.id), maybeCostOf(household.id, job.id)]);
	const priced = bill(needsOfJob(house, loaded.whole.plans), costs);
	return {
		/** What was entered of this job; `null`: nothing yet. */
		cost,
		/** What the price list makes of it. */
		priced: { parts: priced.unpriced > 0 ? null : priced.parts, callOut: costs.callOut },
		job,
		recorded: house,
		sheets: recordsOf(loaded).map((one, k) => recordSheet(house, job, one, k === 0 ? cost : null)),
		photos: await manyPhotos(household.id, job.id)
	};
}
