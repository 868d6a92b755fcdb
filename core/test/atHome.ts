import { fennelLaneRecorded, tanneryRow } from '../src/demo';
import type { House } from '../src/house';
import { factsOf } from '../src/replacement';
import type { Facts } from '../src/rules';

const facts = (house: House, boxId: string): Facts => {
	const known = factsOf(house, boxId);
	if (!known) throw new Error(`no outlet ${boxId}`);
	return known.facts;
};
/** What the rules know of an outlet of a demo home, from its record. */
export const atFennelLane = (boxId: string): Facts => facts(fennelLaneRecorded(), boxId);
export const atTanneryRow = (boxId: string): Facts => facts(tanneryRow(), boxId);
