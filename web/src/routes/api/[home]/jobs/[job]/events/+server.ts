import { json } from '@sveltejs/kit';
import { appendSchema } from '$lib/server/commandSchema';
import { maybeHousehold } from '$lib/server/households';
import { failure, isUuid, readBody, routeJob } from '$lib/server/requests';
import { appendEvent } from '$lib/server/useCases';

/** Stores what was seen, done or decided as the job's next event. Sent again, it is acknowledged again and stored once. */
export async function POST({ params, request }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	if (!isUuid(params.job)) return failure(404, 'unknownJob');
	const body = await readBody(request, appendSchema);
	if (!body.ok) return body.response;
	const appended = await appendEvent(household, params.job, body.value);
	// The device learns the server's clock from every answer.
	const now = new Date().toISOString();
	switch (appended.code) {
		case 'stored':
			return json({ ok: true, version: appended.version, event: appended.event, now }, { status: 201 });
		case 'alreadyStored':
			return json({ ok: true, version: appended.version, now });
		case 'refused':
			return failure(422, 'refused', { refusal: appended.refusal, version: appended.version });
		case 'conflict':
			return failure(409, 'conflict', { version: appended.version, events: appended.events });
		case 'timeWrong':
			return failure(422, 'timeWrong', { now, lastAt: appended.lastAt });
		case 'idTaken':
		case 'olderProcedure':
			return failure(409, appended.code);
		case 'notOfThisJob':
			return failure(422, 'notOfThisJob');
		case 'unknownJob':
			return failure(404, 'unknownJob');
	}
}

/** The job's events; with `after`, those that came after so many. A page can be older than what its own last act stored. */
export async function GET({ params, url }) {
	const found = await routeJob(params.home, params.job);
	if (!found.ok) return found.response;
	const after = Number(url.searchParams.get('after') ?? 0);
	if (!Number.isInteger(after) || after < 0) return failure(400, 'malformed');
	const { events } = found.value.loaded;
	return json({ ok: true, version: events.length, events: events.slice(after) });
}
