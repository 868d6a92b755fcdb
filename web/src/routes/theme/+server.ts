import { redirect } from '@sveltejs/kit';
import { failure } from '$lib/server/requests';
import { formOf, ownPath } from '$lib/server/sameSite';

/** Keeps the chosen theme in a cookie and goes back to where it was chosen. */
export async function POST({ request, cookies }) {
	const form = await formOf(request);
	if (!form) return failure(400, 'malformed');
	const theme = String(form.get('theme') ?? '');
	if (['light', 'dark', 'auto'].includes(theme))
		cookies.set('theme', theme, { path: '/', maxAge: 31_536_000, sameSite: 'lax', secure: false });
	redirect(303, ownPath(form.get('back')));
}
