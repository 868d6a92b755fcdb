import type { Drawing } from '@wary/core/files';
import { tagOf } from '$words/tag';
import { pageJob } from './requests';

/** The tag of a job, dated by the switching it stands for; and why it may not be wanted now: nothing is off yet, or the job is over. */
export async function jobTag(
	home: string,
	jobId: string,
	timeZone: string | null
): Promise<{ drawing: Drawing; unwanted: 'nothingOff' | 'over' | null }> {
	const { loaded } = await pageJob(home, jobId);
	const switched = loaded.events.findLast(({ body }) => body.kind === 'switchBreaker' && !body.on);
	const isOff = loaded.state.isolation.off.length > 0;
	const drawing = tagOf({
		house: loaded.house,
		plan: loaded.plan,
		boxIds: loaded.whole.plans.map(({ boxId }) => boxId),
		state: loaded.state,
		who: loaded.job.who,
		at: isOff ? (switched?.at ?? null) : null,
		timeZone
	});
	const isOver = loaded.state.status !== 'underWay';
	return { drawing, unwanted: isOff ? null : isOver ? 'over' : 'nothingOff' };
}
