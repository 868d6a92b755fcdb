import { familyFor } from '../devices';
import {
	cablesInBox,
	circuitsInBox,
	circuitsOfCable,
	deviceModel,
	findBox,
	tabsOf,
	takesGround,
	type Box,
	type House,
	type Matters
} from '../house';
import { circuitRatingA, isAloneOnCircuit, withoutResidual } from '../job/asked';
import { mustBeOffTogether } from '../isolation';
import { regions, type FactName, type Facts } from '../rules';
import { boxFill } from '../sums';
import { guardBefore } from '../wiring';
import { arcGuardBefore } from './arcs';
import { placeOf } from './place';
import { spurOf } from './spur';

/** Facts, and which of them are only taken to be so. */
export interface Known {
	readonly facts: Facts;
	readonly assumed: readonly FactName[];
}

/** Things that may not go off unnoticed. */
export const hard: readonly Matters[] = ['freezer', 'pump', 'alarm', 'medical'];
/** Those that want a ground (NEC 250.114: refrigerators, freezers, pumps; computers with what serves them). */
const grounded: readonly Matters[] = ['freezer', 'pump', 'router', 'work', 'medical'];

/**
 * What the rules have to know to judge what may go into a box, from the record: `null` where it says nothing. `null` as a whole where the box has no outlet on a circuit.
 */
export function factsOf(house: House, boxId: string): Known | null {
	const box = findBox(house, boxId);
	const [circuit] = box ? circuitsInBox(house, boxId) : [];
	if (!box?.device || !circuit || deviceModel(box.device).halves.length === 0) return null;
	const { assumed, ...place } = placeOf(house, box);
	const cables = cablesInBox(house, boxId).map(({ cable }) => cable);
	const outlets = deviceModel(box.device).halves.length;
	const after = hangingOn(house, boxId);
	const arcs = arcGuardBefore(house, boxId);
	const things = (ids: readonly string[], among: readonly Matters[]) =>
		house.loads.some((load) => load.matters && among.includes(load.matters) && ids.includes(load.box));
	return {
		assumed,
		facts: {
			...place,
			ground: groundIn(house, box),
			metalBox: box.material === 'metal',
			roomInBox: roomIn(house, boxId),
			depthMm: box.depthMm ?? null,
			depthNowMm: familyFor(box.device)?.usualDepthMm ?? 0,
			outletsNow: outlets,
			groundedNow: takesGround(box.device),
			circuitA: circuitRatingA(house, boxId, circuit.breaker),
			alone: isAloneOnCircuit(house, boxId),
			sharedNeutral:
				cables.some((cable) => circuitsOfCable(cable).length > 1) ||
				mustBeOffTogether(house, boxId, circuit.breaker).some(({ because }) => because !== 'inTheBox'),
			aluminium: cables.some(({ material }) => material === 'aluminium'),
			halvesApart:
				tabsOf(box.device)?.hot !== false
					? 'no'
					: circuitsInBox(house, boxId).length > 1
						? 'circuits'
						: 'switched',
			cables: cables.length,
			guardedBefore: guardedBefore(house, box, circuit.breaker),
			arcBefore: arcs !== null,
			arcFirst: arcs?.isFirst ?? false,
			outletsAfter: after.filter((id) => findBox(house, id)?.device).length,
			hardHere: things([boxId, ...after], hard),
			wantsGround: things([boxId], grounded),
			spur: spurOf(house, boxId),
			groundCanBeBrought: box.place?.groundCanBeBrought ?? null,
			arcBreakerSold: box.place?.arcBreakerSold ?? null,
			arcReceptacleSold: box.place?.arcReceptacleSold ?? null
		}
	};
}

/** A ground conductor of a cable, or the metal round a cable in a metal box. */
function groundIn(house: House, box: Box): boolean {
	return cablesInBox(house, box.id).some(
		({ cable }) =>
			cable.conductors.some(({ role }) => role === 'ground') ||
			(box.material === 'metal' && cable.metal !== undefined && cable.metal.resistanceOhm <= soundMetalOhm)
	);
}
/** Armour or conduit that is a ground, end to end, Ω (chosen; a sound one is well under this). */
const soundMetalOhm = 1;

function roomIn(house: House, boxId: string): boolean | null {
	const fits = boxFill(house, boxId)?.fits ?? null;
	return fits === 'ifNoClamps' ? null : fits;
}

/** Whether something before the box opens at a leak, whoever sits here; uk: the panel’s own. */
function guardedBefore(house: House, box: Box, breaker: string): boolean | null {
	if (regions[house.region].code.residualEverywhere) return !withoutResidual(house, breaker);
	return guardBefore(house, box.id) !== null;
}

/** Boxes that hang on this one, as the cables run away from the panel. */
function hangingOn(house: House, boxId: string): string[] {
	const found = new Set<string>();
	const queue = [boxId];
	for (const at of queue)
		for (const { cable, end } of cablesInBox(house, at))
			if (end === 'from' && !found.has(cable.to.box) && cable.to.box !== boxId) {
				found.add(cable.to.box);
				queue.push(cable.to.box);
			}
	return [...found];
}
