import { error } from '@sveltejs/kit';
import { findBox } from '@wary/core/house';
import { candidatesFor, searchStand } from '@wary/core/search';
import { isSimulated, latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';
import { latestSettings } from '$lib/server/settings';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const { house, version } = await latestHouse(household.id);
	const box = findBox(house, params.box);
	if (!box) error(404, { message: 'There is no outlet by that name in this home.', code: 'unknownBox' });
	const [settings, simulated] = await Promise.all([
		latestSettings(household.id, house.region),
		isSimulated(household.id)
	]);
	// The first move comes with the page, so that nothing moves when the device has planned it too.
	const candidates = candidatesFor(house, box.id, []);
	const stand = searchStand(candidates, settings.search, []);
	return {
		house,
		version,
		box,
		settings,
		first: { candidates, stand },
		simulated: household.isDemo && simulated
	};
}
