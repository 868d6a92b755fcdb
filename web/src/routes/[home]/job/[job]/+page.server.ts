import { pageJob } from '$lib/server/requests';
import { maybeDemoWiring } from '$lib/server/households';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	const simulated = household.isDemo && (await maybeDemoWiring(household.id)) !== null;
	return { job: loaded.job, recorded: loaded.house, plan: loaded.plan, events: loaded.events, simulated };
}
