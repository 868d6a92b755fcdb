import { redirect } from '@sveltejs/kit';
import { manyHomes } from '$lib/server/households';

/** The page opens on Today of the home that was looked at last, or of the first. */
export async function load({ cookies }) {
	const homes = await manyHomes();
	const last = cookies.get('home');
	const home = homes.find(({ slug }) => slug === last) ?? homes[0];
	redirect(307, home ? `/${home.slug}` : '/new');
}
