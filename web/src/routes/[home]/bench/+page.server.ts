import { arrangementsOf } from '@wary/core/arrangements';
import { manyBenches } from '$lib/server/benches';
import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const [{ house }, benches] = await Promise.all([latestHouse(household.id), manyBenches(household.id)]);
	return {
		house,
		benches,
		arrangements: arrangementsOf(house.region).map(({ kind, build }) => ({ kind, house: build() }))
	};
}
