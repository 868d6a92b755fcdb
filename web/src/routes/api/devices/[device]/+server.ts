import { json } from '@sveltejs/kit';
import { sendAway } from '$lib/server/devices';
import { failure, isUuid } from '$lib/server/requests';

/** Sends a paired device away: its cookie opens nothing from now on. */
export async function DELETE({ params }) {
	if (!isUuid(params.device)) return failure(404, 'unknownDevice');
	await sendAway(params.device);
	return json({ ok: true });
}
