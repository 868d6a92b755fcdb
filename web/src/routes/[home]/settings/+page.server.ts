import { capabilities } from '@wary/core/instruments';
import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';
import { latestSettings } from '$lib/server/settings';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const { house } = await latestHouse(household.id);
	return {
		region: house.region,
		settings: await latestSettings(household.id, house.region),
		capabilities: capabilities(house.region)
	};
}
