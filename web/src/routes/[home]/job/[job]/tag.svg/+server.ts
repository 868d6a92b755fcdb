import { drawingSvg } from '@wary/core/files';
import { jobTag } from '$lib/server/tag';

export async function GET({ params, url }) {
	const svg = drawingSvg((await jobTag(params.home, params.job, url.searchParams.get('zone'))).drawing);
	return new Response(svg, { headers: { 'content-type': 'image/svg+xml; charset=utf-8' } });
}
