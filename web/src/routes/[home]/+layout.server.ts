import { latestHouse } from '$lib/server/households';
import { isSpaceLow } from '$lib/server/space';
import { pageHousehold } from '$lib/server/requests';

export async function load({ params, cookies, locals }) {
	const household = await pageHousehold(params.home);
	const { house } = await latestHouse(household.id);
	cookies.set('home', household.slug, { path: '/', maxAge: 31_536_000, sameSite: 'lax', secure: false });
	return {
		home: { slug: household.slug, name: house.name, isDemo: household.isDemo, region: house.region },
		theme: locals.theme,
		spaceLow: isSpaceLow()
	};
}
