import { allBreakers, findBox, placeName } from '@wary/core/house';
import { placesAnswer } from '$lib/answers';
import { latestHouse, maybeHousehold } from '$lib/server/households';
import { manyJobs } from '$lib/server/jobs';
import { answer, failure } from '$lib/server/requests';
import { breakerName } from '$words/terms';

/** What the palette of a home can go to: its outlets, breakers and jobs under way. */
export async function GET({ params }) {
	const household = await maybeHousehold(params.home);
	if (!household) return failure(404, 'unknownHome');
	const [{ house }, jobs] = await Promise.all([latestHouse(household.id), manyJobs(household.id)]);
	return answer(placesAnswer, {
		outlets: house.boxes.map((box) => ({ id: box.id, name: placeName(house, box) })),
		breakers: allBreakers(house).map(({ id, label }) => ({ id, name: breakerName(house, id), label })),
		jobs: jobs
			.filter(({ outcome }) => outcome === null)
			.map(({ id, boxId }) => {
				const box = findBox(house, boxId);
				return { id, place: box ? placeName(house, box) : boxId };
			})
	});
}
