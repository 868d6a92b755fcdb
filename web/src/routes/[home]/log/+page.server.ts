import { findBox, placeName } from '@wary/core/house';
import { nextTests, testsDue } from '@wary/core/observations';
import { latestHouse } from '$lib/server/households';
import { manyObservations } from '$lib/server/observations';
import { pageHousehold } from '$lib/server/requests';

const entriesShown = 200;

export async function load({ params, url }) {
	const household = await pageHousehold(params.home);
	const [{ house }, ledger] = await Promise.all([latestHouse(household.id), manyObservations(household.id)]);
	const on = new Date().toISOString().slice(0, 10);
	const place = (boxId: string) => {
		const box = findBox(house, boxId);
		return box ? placeName(house, box) : boxId;
	};
	const due = new Map(testsDue(house, ledger, on).map((test) => [test.box, test]));
	const only = url.searchParams.get('at');
	return {
		region: house.region,
		only: only && findBox(house, only) ? { id: only, place: place(only) } : null,
		tests: nextTests(house, ledger, on)
			.map(({ box, on: next }) => ({ box, place: place(box), next, due: due.get(box) ?? null }))
			.toSorted((a, b) => a.next.localeCompare(b.next)),
		outlets: house.boxes
			.filter(({ use }) => use === 'outlet')
			.map((box) => ({ id: box.id, place: placeName(house, box) }))
			.toSorted((a, b) => a.place.localeCompare(b.place)),
		entries: ledger
			.filter((entry) => !only || entry.box === only)
			.slice(0, entriesShown)
			.map((entry) => ({ ...entry, place: place(entry.box), known: findBox(house, entry.box) !== undefined }))
	};
}
