import { capabilities } from '@wary/core/instruments';
import { isWildcard } from '$lib/server/addresses';
import { manyPaired } from '$lib/server/devices';
import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';
import { latestSettings } from '$lib/server/settings';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const { house } = await latestHouse(household.id);
	return {
		region: house.region,
		settings: await latestSettings(household.id, house.region),
		capabilities: capabilities(house.region),
		devices: await manyPaired(),
		everywhere: isWildcard(process.env.HOST ?? '')
	};
}
