import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const { house, version } = await latestHouse(household.id);
	return { house, version };
}
