import { jointsAlong } from '@wary/core/sums';
import { lastLoaded } from '@wary/core/observations';
import { manyObservations } from '$lib/server/observations';
import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';

export async function load({ params, url }) {
	const household = await pageHousehold(params.home);
	const { house, version } = await latestHouse(household.id);
	const tests = lastLoaded(await manyObservations(household.id));
	/** By circuit: what each stretch loses beyond its cable, where anybody has tried. */
	const joints = new Map(house.circuits.map(({ id }) => [id, jointsAlong(house, id, tests)] as const));
	return { house, version, joints, at: url.searchParams.get('at') };
}
