import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';

/** The home's record as a house file. */
export async function GET({ params }) {
	const household = await pageHousehold(params.home);
	const { house } = await latestHouse(household.id);
	return new Response(`${JSON.stringify(house, null, '\t')}\n`, {
		headers: {
			'content-type': 'application/json',
			'content-disposition': `attachment; filename="${household.slug}.house.json"`
		}
	});
}
