import { regions, type Region } from '../../rules';
import type { House } from '../schema';

/** A home of which nothing is known yet but its region and the size of its panel. */
export function newHome(home: {
	name: string;
	region: Region;
	spaces: number;
	mainRatingA: number;
	place: string;
}): House {
	const { name, region, spaces, mainRatingA, place } = home;
	return {
		format: 'wary-hand/house',
		version: 1,
		name,
		region,
		service: { voltageV: regions[region].supply.nominalV, impedanceOhm: 0.1 },
		rooms: [],
		panels: [
			{
				id: 'main',
				name: regions[region].custom.panelName,
				place,
				spaces,
				mainRatingA,
				mainOn: true,
				breakers: [],
				residualDevices: []
			}
		],
		circuits: [],
		boxes: [],
		cables: [],
		loads: []
	};
}
