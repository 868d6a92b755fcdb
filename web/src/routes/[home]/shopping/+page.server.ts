import { findBox, placeName } from '@wary/core/house';
import { neededBy } from '@wary/core/shopping';
import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';
import { latestCosts, listOf } from '$lib/server/shopping';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const { house } = await latestHouse(household.id);
	const [kept, costs] = await Promise.all([listOf(household.id, house), latestCosts(household.id)]);
	return {
		region: house.region,
		kept: kept.map((each) => ({
			id: each.id,
			keptAt: each.keptAt,
			failure: each.ok ? null : each.failure,
			boxes: each.plan.boxes.map(({ boxId, wish }) => {
				const box = findBox(house, boxId);
				return { boxId, wish, place: box ? placeName(house, box) : boxId, there: box !== undefined };
			})
		})),
		needs: neededBy(kept),
		costs
	};
}
