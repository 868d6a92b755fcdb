import { redirect } from '@sveltejs/kit';
import { maybeFirstHome } from '$lib/server/households';

/** The page opens on Today of the home that was looked at last, or of the first. */
export async function load({ cookies }) {
	const slug = await maybeFirstHome(cookies.get('home'));
	redirect(307, slug ? `/${slug}` : '/new');
}
