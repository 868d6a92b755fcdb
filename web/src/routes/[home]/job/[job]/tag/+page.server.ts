import { jobTag } from '$lib/server/tag';

export async function load({ params }) {
	return { title: (await jobTag(params.home, params.job, null)).title, job: params.job };
}
