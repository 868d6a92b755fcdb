import { findBox, wordsOf, type Box, type House } from '../house';
import { editionOf, placeNamed, replacingRules, type FactName, type PlaceFacts } from '../rules';

/** What is known of a place, and what of that is only taken to be so, since nobody has said. */
export interface Placed extends PlaceFacts {
	readonly high: boolean | null;
	readonly reachable: boolean | null;
	readonly applianceSpace: boolean | null;
	readonly assumed: readonly FactName[];
}

/** Rooms where water and damp are no matter unless somebody says so (chosen). */
const dryRooms = ['bedroom', 'living', 'hall'];
const underRoof = [...dryRooms, 'kitchen', 'laundry', 'bathroom', 'basement', 'other'];

/** What an outlet’s record says of its place; its room’s name serves where nobody has said what it is, and usual things are taken for granted. */
export function placeOf(house: House, box: Box): Placed {
	const said = box.place ?? {};
	const room = house.rooms.find(({ id }) => id === box.room)?.name ?? '';
	const place = said.kind ?? placeNamed(new Set([...wordsOf(room), ...wordsOf(box.name)]));
	const assumed: FactName[] = [];
	const asked = new Set(replacingRules[house.region].flatMap(({ reads }) => reads));
	const usually = <T>(fact: FactName, stated: T | undefined, usual: T | null): T | null => {
		if (stated === undefined && usual !== null && asked.has(fact)) assumed.push(fact);
		return stated ?? usual;
	};
	const is = (places: readonly string[]) => place !== null && places.includes(place);
	if (said.kind === undefined && place !== null) assumed.push('place');
	return {
		region: house.region,
		edition: editionOf(house),
		place,
		nearWater: usually('nearWater', said.nearWater, is(dryRooms) ? false : null),
		// These follow from the place.
		counter: said.counter ?? (place === 'kitchen' || place === null ? null : false),
		finished: said.finished ?? (place === 'basement' || place === null ? null : true),
		damp: usually('damp', said.damp, is(underRoof) ? 'dry' : null),
		high: usually('high', said.high, false),
		// Behind an appliance that stays where it is one doesn’t get at it.
		reachable: usually('reachable', said.reachable, standsBefore(house, box) ? null : true),
		applianceSpace: usually('applianceSpace', said.applianceSpace, standsBefore(house, box) ? null : false),
		assumed
	};
}

/** Something large is plugged in here that hides the outlet as it stands. */
const standsBefore = (house: House, { id }: Box): boolean =>
	house.loads.some(({ box, matters }) => box === id && matters === 'freezer') &&
	findBox(house, id) !== undefined;
