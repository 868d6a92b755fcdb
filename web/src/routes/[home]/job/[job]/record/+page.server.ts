import { around } from '$lib/server/around';
import { maybeCostOf } from '$lib/server/observations';
import { manyPhotos } from '$lib/server/photos';
import { latestCosts } from '$lib/server/shopping';
import { pageTold } from '$lib/server/requests';
import { partsOf, recordSheetsOf } from '$lib/server/told';
import { costWords } from '$words/log';
import { capital } from '$words/terms';

export async function load({ params }) {
	const { household, job, house, now, told } = await pageTold(params.home, params.job);
	const [costs, cost, photos] = await Promise.all([
		latestCosts(household.id),
		maybeCostOf(household.id, job.id),
		manyPhotos(household.id, job.id)
	]);
	const sheets = told ? told.record : recordSheetsOf(now);
	return {
		/** What was entered of this job; `null`: nothing yet. */
		cost,
		costText: cost && capital(costWords(cost, house.region)),
		/** What the price list makes of it. */
		priced: { parts: told ? told.parts : partsOf(now, costs), callOut: costs.callOut },
		job,
		recorded: around(house, sheets),
		sheets,
		photos
	};
}
