import {
	cablesInBox,
	chainOfCircuit,
	circuitsInBox,
	deviceModel,
	findBox,
	findBreaker,
	panelOf,
	sensesResidual,
	wordsOf,
	type Box,
	type House
} from '../house';
import { breakerLimitA, placeRules, regions, type Place } from '../rules';
import { guardOfOutlet } from '../wiring';

/** That a rule asks for more at this place than the same again, by its name: which rule, and of which edition. */
export interface ProtectionAsked {
	readonly place: Place;
	readonly code: string;
	readonly clause: string;
	readonly edition: string;
}

/** What a rule asks at an outlet that the model doesn't find guarded; `null` where none does, or something guards it already. */
export function protectionAsked(house: House, box: Box): ProtectionAsked | null {
	const { code, edition, rules } = placeRules[house.region];
	const room = house.rooms.find(({ id }) => id === box.room)?.name ?? '';
	const said = new Set([...wordsOf(room), ...wordsOf(box.name)]);
	const rule = rules.find(({ words }) => words.some((word) => said.has(word)));
	if (!rule) return null;
	const asked = { place: rule.place, code, clause: rule.clause, edition };
	// A rule of distance isn't met by any device; one of protection is, by whatever guards the place.
	return regions[house.region].code.placesByDistance || guardOfOutlet(house, box.id) === null ? asked : null;
}

const isSingle = (box: Box | undefined): boolean =>
	box?.device !== undefined && deviceModel(box.device).halves.length === 1;

/** Whether nothing in the panel opens at a leak to earth, by the record: neither the breaker's own part nor a device before it. */
export function withoutResidual(house: House, breakerId: string): boolean {
	const breaker = findBreaker(house, breakerId);
	const covering = panelOf(house, breakerId)?.residualDevices.some(({ covers }) =>
		covers.includes(breakerId)
	);
	return breaker !== undefined && !sensesResidual(breaker) && !covering;
}

/**
 * Ratings of a receptacle that fit a circuit fed by this breaker, A: read off breaker and conductors, never off the old one. us: NEC 210.21(B)(3) and, for a
 * single one alone on its circuit, (B)(1), with conductors by 240.4(D); uk: 13 A, BS 1363.
 */
export function fittingRatingsA(house: House, boxId: string, breakerId: string): number[] {
	const { plugRatingA } = regions[house.region].code;
	if (plugRatingA !== null) return [plugRatingA];
	const breakerA = findBreaker(house, breakerId)?.ratingA ?? 15;
	const circuit = circuitsInBox(house, boxId)[0];
	const cables = circuit ? house.cables.filter((cable) => cable.circuit === circuit.id) : [];
	const limits = cables.flatMap(({ size, material }) => breakerLimitA[size]?.[material] ?? []);
	const circuitA = Math.min(breakerA, ...limits);
	const alone =
		circuit !== undefined &&
		chainOfCircuit(house, circuit.id).length === 1 &&
		isSingle(findBox(house, boxId)) &&
		cablesInBox(house, boxId).length === 1;
	if (circuitA <= 15) return [15];
	// What is larger is no general circuit: only its own rating belongs there.
	if (circuitA > 20) return [circuitA];
	return alone ? [20] : [15, 20];
}
