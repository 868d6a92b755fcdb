import { drawingPdf } from '$lib/server/pdf';
import { jobTag } from '$lib/server/tag';

export async function GET({ params, url }) {
	const pdf = await drawingPdf((await jobTag(params.home, params.job, url.searchParams.get('zone'))).drawing);
	return new Response(new Uint8Array(pdf), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="tag.pdf"' }
	});
}
