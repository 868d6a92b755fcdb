import { json } from '@sveltejs/kit';
import { connections } from '$lib/server/db';

/** Whether the server and its database answer. */
export async function GET() {
	await connections().query('select 1');
	return json({ ok: true });
}
