import { pageJob } from '$lib/server/requests';
import { recordOf } from '@wary/core/job';

export async function load({ params }) {
	const { loaded } = await pageJob(params.home, params.job);
	const { job, house, plan, events, state } = loaded;
	return { job, recorded: house, plan, record: recordOf(plan, events, state), state };
}
