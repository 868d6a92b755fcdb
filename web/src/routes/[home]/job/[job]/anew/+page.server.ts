import { redirect } from '@sveltejs/kit';
import { findBox, placeName } from '@wary/core/house';
import { currentProcedure } from '@wary/core/job';
import { olderJob } from '$lib/server/olderJobs';
import { pageJobRow } from '$lib/server/requests';
import { leftLines, safeLines } from '$words/anew';

export async function load({ params }) {
	const { household, job } = await pageJobRow(params.home, params.job);
	const page = `/${params.home}/job/${job.id}`;
	if (job.outcome !== null) redirect(303, `${page}/record`);
	if (job.procedure === currentProcedure) redirect(303, page);
	const { house, left, entries } = await olderJob(household, job);
	const places = job.boxes.map(({ boxId }) => {
		const box = findBox(house, boxId);
		return box ? placeName(house, box) : boxId;
	});
	return {
		job: { id: job.id, boxId: job.boxId },
		place: places.join(', '),
		opened: left.opened,
		stands: leftLines(house, left),
		safe: safeLines(house, left),
		entries
	};
}
