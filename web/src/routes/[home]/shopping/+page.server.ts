import { findBox, placeName } from '@wary/core/house';
import { neededBy } from '@wary/core/shopping';
import { latestHouse } from '$lib/server/households';
import { latestSettings } from '$lib/server/settings';
import { keptFailureWords } from '$words/planFailures';
import { boxPlace } from '$words/terms';
import { pageHousehold } from '$lib/server/requests';
import { latestCosts, listOf } from '$lib/server/shopping';

export async function load({ params }) {
	const household = await pageHousehold(params.home);
	const now = await latestHouse(household.id);
	const { house } = now;
	const [kept, costs, settings] = await Promise.all([
		listOf(household.id, now),
		latestCosts(household.id),
		latestSettings(household.id, house.region)
	]);
	return {
		region: house.region,
		kept: kept.map((each) => ({
			id: each.id,
			keptAt: each.keptAt,
			failure: each.ok ? null : keptFailureWords(each.failure, house.region),
			boxes: each.plan.boxes.map(({ boxId, wish }) => {
				const box = findBox(house, boxId);
				return { boxId, wish, place: box ? placeName(house, box) : boxId, there: box !== undefined };
			})
		})),
		needs: neededBy(kept),
		/** Of every box that something on the list is for. */
		places: Object.fromEntries(
			[...new Set(neededBy(kept).flatMap(({ at }) => at))].map((id) => [id, boxPlace(house, id)])
		),
		costs,
		connectors: settings.connectors
	};
}
