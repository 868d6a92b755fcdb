import { error } from '@sveltejs/kit';
import { findBox } from '@wary/core/house';
import { planJob } from '@wary/core/job';
import { latestHouse } from '$lib/server/households';
import { manyJobs } from '$lib/server/jobs';
import { pageHousehold } from '$lib/server/requests';
import { planFailureWords } from '$lib/words/refusals';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const [{ house, version }, jobs] = await Promise.all([latestHouse(household.id), manyJobs(household.id, params.box)]);
	const box = findBox(house, params.box);
	if (!box) error(404, { message: `There is no outlet “${params.box}” in this home.`, code: 'unknownBox' });
	const planned = planJob(house, box.id);
	return {
		house,
		version,
		box,
		cannot: planned.ok ? null : planFailureWords(planned.failure, house.region),
		underWay: jobs.find(({ outcome }) => outcome === null)?.id ?? null,
		ended: jobs.filter(({ outcome }) => outcome !== null)
	};
}
