import { pageJob } from '$lib/server/requests';
import { maybeDemoWiring } from '$lib/server/households';
import { latestSettings } from '$lib/server/settings';

export async function load({ params }) {
	const { household, loaded } = await pageJob(params.home, params.job);
	// Users' own homes have no wiring to measure.
	const simulated = (await maybeDemoWiring(household.id)) !== null;
	const settings = await latestSettings(household.id, loaded.plan.region);
	return {
		settings,
		job: loaded.job,
		recorded: loaded.house,
		plan: loaded.plan,
		events: loaded.events,
		simulated,
		/** The server's clock, so that the device can correct its own. */
		now: new Date().toISOString()
	};
}
