import type { Drawing } from '@wary/core/files';
import { tagOf } from '$words/tag';
import { pageJob } from './requests';

/** The tag of a job: dated by the switching it stands for, or by the job's beginning. */
export async function jobTag(home: string, jobId: string, timeZone: string | null): Promise<Drawing> {
	const { loaded } = await pageJob(home, jobId);
	const switched = loaded.events.findLast(({ body }) => body.kind === 'switchBreaker' && !body.on);
	return tagOf({
		house: loaded.house,
		plan: loaded.plan,
		boxIds: loaded.whole.plans.map(({ boxId }) => boxId),
		state: loaded.state,
		who: loaded.job.who,
		at: switched?.at ?? loaded.job.startedAt,
		timeZone
	});
}
