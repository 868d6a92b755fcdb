import { jobTag } from '$lib/server/tag';

export async function load({ params }) {
	const { drawing, unwanted } = await jobTag(params.home, params.job, null);
	return { title: drawing.title, unwanted, job: params.job };
}
