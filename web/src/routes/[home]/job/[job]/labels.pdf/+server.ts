import { drawingPdf } from '$lib/server/pdf';
import { jobLabels } from '$lib/server/labels';

export async function GET({ params }) {
	const pdf = await drawingPdf(await jobLabels(params.home, params.job));
	return new Response(new Uint8Array(pdf), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="labels.pdf"' }
	});
}
