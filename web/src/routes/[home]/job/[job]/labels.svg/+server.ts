import { drawingSvg } from '@wary/core/files';
import { jobLabels } from '$lib/server/labels';

export async function GET({ params }) {
	const svg = drawingSvg(await jobLabels(params.home, params.job));
	return new Response(svg, { headers: { 'content-type': 'image/svg+xml; charset=utf-8' } });
}
