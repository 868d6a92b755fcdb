import {
	cablesInBox,
	cablesOfCircuit,
	chainOfCircuit,
	circuitsInBox,
	deviceModel,
	findBox,
	findBreaker,
	panelOf,
	sensesResidual,
	type Box,
	type House
} from '../house';
import { placeOf } from '../replacement/place';
import {
	breakerLimitA,
	editionFacts,
	fitting,
	groundFaultAsked,
	groundFaultHere,
	regions,
	type Place
} from '../rules';
import { guardOfOutlet } from '../wiring';

/** That a rule asks for more at this place than the same again, by its name: which rule, and of which edition. */
export interface ProtectionAsked {
	readonly place: Place | 'nearWater' | 'dampIndoors';
	readonly code: string;
	readonly clause: string;
	readonly edition: string;
	/** Somebody said that it is such a place; otherwise its name suggests it, or nobody has said whether it is. */
	readonly said?: true;
}

/** What a rule asks at an outlet that the model doesn't find guarded; `null` where none does, or something guards it already. */
export function protectionAsked(house: House, box: Box): ProtectionAsked | null {
	const here = placeOf(house, box);
	const { code, cited } = editionFacts[here.edition];
	const by = { code, edition: cited };
	const said = box.place?.kind === undefined ? {} : { said: true as const };
	// A rule of distance isn't met by any device; one of protection is, by whatever guards the place.
	if (regions[house.region].code.placesByDistance)
		return here.place === 'bathroom' && here.nearWater !== false
			? { place: here.place, clause: '701.512.3', ...by, ...said }
			: null;
	const asked = groundFaultHere(here);
	// Where nothing tells what place it is, nothing is said.
	const [clause] = here.place === null && asked.is !== true ? [] : asked.clauses;
	if (asked.is === false || clause === undefined || guardOfOutlet(house, box.id) !== null) return null;
	// Which of them asks: the kind of place, or what is near it.
	const near = (['nearWater', 'dampIndoors'] as const).find(
		(each) => groundFaultAsked[here.edition][each]?.clause === clause
	);
	if (near) return { place: near, clause, ...by, ...(asked.is === true ? { said: true as const } : {}) };
	return { place: here.place!, clause, ...by, ...said };
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
	const circuitA = circuitRatingA(house, boxId, breakerId);
	const alone = isAloneOnCircuit(house, boxId) && isSingle(findBox(house, boxId));
	return fitting(circuitA).filter((ratingA) => !alone || ratingA >= circuitA);
}

/** What breaker and conductors together make of a circuit, A (NEC 240.4(D)). */
export function circuitRatingA(house: House, boxId: string, breakerId: string): number {
	const breakerA = findBreaker(house, breakerId)?.ratingA ?? 15;
	const circuit = circuitsInBox(house, boxId)[0];
	const cables = circuit ? cablesOfCircuit(house, circuit.id) : [];
	const limits = cables.flatMap(({ size, material }) => breakerLimitA[size]?.[material] ?? []);
	return Math.min(breakerA, ...limits);
}

/** Whether nothing else hangs on the circuit, nor can: one cable comes, none goes on. */
export function isAloneOnCircuit(house: House, boxId: string): boolean {
	const circuit = circuitsInBox(house, boxId)[0];
	return (
		circuit !== undefined &&
		cablesInBox(house, boxId).length === 1 &&
		chainOfCircuit(house, circuit.id).length === 1
	);
}
