import { redirect } from '@sveltejs/kit';

/** Keeps the chosen theme in a cookie and goes back to where it was chosen. */
export async function POST({ request, cookies, url }) {
	const form = await request.formData();
	const theme = String(form.get('theme') ?? '');
	if (['light', 'dark', 'auto'].includes(theme))
		cookies.set('theme', theme, { path: '/', maxAge: 31_536_000, sameSite: 'lax', secure: false });
	const back = String(form.get('back') ?? '/');
	const target = new URL(back.startsWith('/') ? back : '/', url);
	redirect(303, target.origin === url.origin ? target.pathname : '/');
}
