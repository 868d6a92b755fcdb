import { metresFromBath, type Edition, type FactName, type Place, type Region } from '@wary/core/rules';
import { terms } from '../terms';

export const placeNames: Record<Place, string> = {
	bathroom: 'bathroom',
	kitchen: 'kitchen',
	foodArea: 'bar, kitchenette: a sink and a place for food or drink',
	laundry: 'laundry',
	garage: 'garage',
	outbuilding: 'shed, greenhouse or other outbuilding',
	outdoors: 'outdoors',
	crawlSpace: 'crawl space',
	basement: 'basement',
	bedroom: 'bedroom',
	living: 'living, dining or like room',
	hall: 'hall or closet',
	other: 'none of these'
};

export const dampNames = {
	dry: 'dry',
	damp: 'damp: under a roof',
	wet: 'wet: rain or hose reaches it'
} as const;

/** What is asked about the place, as a question that is answered by yes or no, or by one of the names above. */
export function factWords(fact: FactName, region: Region, edition: Edition): { ask: string; short: string } {
	const t = terms[region];
	switch (fact) {
		case 'place':
			return { ask: 'What sort of place is it?', short: 'place' };
		case 'nearWater':
			return region === 'uk'
				? {
						ask: `Is it nearer than ${metresFromBath[edition] ?? ''} m to the edge of a bath or shower?`,
						short: 'near a bath'
					}
				: {
						ask: 'Within 6 ft (1.8 m) of a sink’s, bathtub’s or shower’s edge, the way a cord would take?',
						short: 'near water'
					};
		case 'counter':
			return { ask: 'Does it serve a worktop?', short: 'worktop' };
		case 'finished':
			return { ask: 'Is the basement finished as a room to live in?', short: 'finished' };
		case 'damp':
			return { ask: 'How dry is it there?', short: 'damp' };
		case 'high':
			return { ask: 'More than 5½ ft (1.7 m) above the floor?', short: 'high up' };
		case 'reachable':
			return { ask: 'Can one get at it without moving anything?', short: 'within reach' };
		case 'applianceSpace':
			return {
				ask: 'Is it in the space of an appliance that stays where it is, and for that alone?',
				short: 'for one appliance'
			};
		case 'groundCanBeBrought':
			return {
				ask: 'Can a ground be brought to this box by an electrician (250.130(C))?',
				short: 'a ground that can be brought'
			};
		case 'arcBreakerSold':
			return { ask: 'Is there an arc-fault breaker to be had for this panel?', short: 'arc-fault breaker' };
		case 'arcReceptacleSold':
			return {
				ask: 'Is an outlet that opens at arcs as well as leaks to be had?',
				short: 'arc-fault outlet'
			};
		case 'depthMm':
			return { ask: 'How deep is the box behind the face?', short: 'depth of the box' };
		case 'roomInBox':
			return { ask: 'How large is the box?', short: 'volume of the box' };
		case 'ground':
			return { ask: `Does a ${t.ground} come to the box?`, short: t.ground };
		case 'guardedBefore':
			return { ask: `Is there ${t.aResidual} before it?`, short: `${t.aResidual} before it` };
		case 'arcBefore':
			return { ask: 'Does anything before it open at arcs?', short: 'arc protection before it' };
		case 'arcFirst':
			return {
				ask: 'Is the circuit protected against arcs from its beginning?',
				short: 'arc protection from the beginning'
			};
		case 'spur':
			return { ask: 'Is it on a spur off the ring?', short: 'spur' };
		default:
			return { ask: fact, short: fact };
	}
}
/** The place in a line, and whether anybody said it. */
export const placeLine = (place: Place | null, said: boolean): string =>
	place === null
		? 'Not said: say what place it is'
		: said
			? placeNames[place]
			: `${placeNames[place]}, by its name`;

export const yesNo = { yes: 'Yes', no: 'No', unsaid: 'Not said' };
