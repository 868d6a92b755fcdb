import { drawingSvg } from '@wary/core/files';
import { jobTag } from '$lib/server/tag';

export async function GET({ params }) {
	const svg = drawingSvg(await jobTag(params.home, params.job));
	return new Response(svg, { headers: { 'content-type': 'image/svg+xml; charset=utf-8' } });
}
