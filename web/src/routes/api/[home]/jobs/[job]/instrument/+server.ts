import { json } from '@sveltejs/kit';
import { instrumentSchema } from '$lib/server/commandSchema';
import { maybeWiringNow } from '$lib/server/demoWiring';
import { takeReading } from '$lib/server/instruments';
import { failure, readBody, routeJob } from '$lib/server/requests';

/** Takes a reading with a simulated instrument; only demo homes have wiring to take it from. */
export async function POST({ params, request }) {
	const found = await routeJob(params.home, params.job);
	if (!found.ok) return found.response;
	const body = await readBody(request, instrumentSchema);
	if (!body.ok) return body.response;
	const { household, loaded } = found.value;
	const wiring = await maybeWiringNow(household, loaded.job.id);
	if (!wiring) return failure(404, 'noSimulation');
	const shown = takeReading(wiring, loaded, body.value);
	return shown.kind === 'nothing' ? failure(422, 'nothingToRead') : json({ ok: true, shown });
}
