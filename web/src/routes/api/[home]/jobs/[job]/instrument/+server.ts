import { json } from '@sveltejs/kit';
import { instrumentSchema } from '$lib/server/commandSchema';
import { maybeDemoWiring } from '$lib/server/households';
import { takeReading } from '$lib/server/instruments';
import { failure, readBody, routeJob } from '$lib/server/requests';

/** Takes a reading with a simulated instrument; only demo homes have wiring to take it from. */
export async function POST({ params, request }) {
	const found = await routeJob(params.home, params.job);
	if (!found.ok) return found.response;
	const body = await readBody(request, instrumentSchema);
	if (!body.ok) return body.response;
	const wiring = await maybeDemoWiring(found.value.household.id);
	if (!wiring) return failure(404, 'noSimulation');
	const shown = takeReading(wiring, found.value.loaded, body.value);
	return shown.kind === 'nothing' ? failure(422, 'nothingToRead') : json({ ok: true, shown });
}
