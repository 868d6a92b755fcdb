import { heavily } from '$lib/server/heavy';
import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const { house } = await latestHouse(household.id);
	return { house, circuits: await heavily(house, 'protection', null) };
}
