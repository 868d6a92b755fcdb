import {
	beside,
	cablesInBox,
	circuitsInBox,
	deviceModel,
	isBlank,
	takesGround,
	type Box,
	type House
} from '../house';
import { familyOf } from '../devices';
import { apartOnNeutral } from '../isolation';
import { regions } from '../rules';
import { withoutResidual, type ProtectionAsked } from './asked';
import { hasGroundWire } from './inBox';
import { landingsOf } from './landings';
import type { WishChoice } from './wishSchema';
import type { WorkFailure } from './work';

export type PlanFailure =
	| ({ readonly box: string } & WorkFailure)
	| { readonly code: 'unknownBox'; readonly box: string }
	| { readonly code: 'noDevice'; readonly box: string }
	| { readonly code: 'notAnOutlet'; readonly box: string }
	| { readonly code: 'noCircuit'; readonly box: string }
	/** A two-slot outlet where there is a ground: what belongs there is a grounded one. */
	| { readonly code: 'groundUnused'; readonly box: string }
	| { readonly code: 'nothingOnDevice'; readonly box: string }
	/** It would be taken out and put back, and nothing else is done in its box. */
	| { readonly code: 'nothingPutIn'; readonly box: string }
	/** Nothing is there yet that the same could be put in for again. */
	| { readonly code: 'nothingFitted'; readonly box: string }
	/** New work is done on one cable, its ends capped. */
	| { readonly code: 'newOneCable'; readonly box: string }
	/** Another device sits in the same box, whose proof this one has no face to be part of. */
	| { readonly code: 'newBeside'; readonly box: string }
	/** No ground comes with the cable: what has none isn’t extended (us: NEC 250.130(C)). */
	| { readonly code: 'newUngrounded'; readonly box: string }
	/** uk: no socket is added to a circuit that nothing guards (BS 7671 411.3.3). */
	| { readonly code: 'newNoResidual'; readonly box: string }
	/** What today’s code asks at this place is asked of a new outlet without exception. */
	| { readonly code: 'newUnguarded'; readonly box: string; readonly asked: ProtectionAsked }
	/** Two breakers that don't open together share a neutral here. */
	| { readonly code: 'sharedNeutral'; readonly box: string; readonly breakers: readonly string[] };

/** Why nothing is planned at a box: what the record shows there that neither the same again nor the wish covers; `null` where nothing is in the way. */
export function whyNot(house: House, box: Box, wish: WishChoice | null): PlanFailure | null {
	if (!box.device) return { code: 'noDevice', box: box.id };
	const newWork = isBlank(box.device);
	if (newWork && !wish) return { code: 'nothingFitted', box: box.id };
	if (!newWork && deviceModel(box.device).halves.length === 0) return { code: 'notAnOutlet', box: box.id };
	const circuits = circuitsInBox(house, box.id);
	if (circuits.length === 0) return { code: 'noCircuit', box: box.id };
	const notNew = newWork ? whyNotNew(house, box, circuits[0]!.breaker) : null;
	if (notNew) return notNew;
	const landings = landingsOf(house, box);
	const apart = apartOnNeutral(house, box.id, circuits[0]!.breaker);
	if (apart.length > 0)
		return { code: 'sharedNeutral', box: box.id, breakers: [circuits[0]!.breaker, ...apart] };
	if (!['hot', 'neutral'].every((role) => landings.some((landing) => landing.role === role)))
		return { code: 'nothingOnDevice', box: box.id };
	// Every outlet is of a family, so that something is wished for by now. What no ground asks of a part is the model’s to judge.
	const grounds = wish !== null && takesGround(familyOf(wish.part).made(0));
	return !grounds && hasGroundWire(house, box.id) ? { code: 'groundUnused', box: box.id } : null;
}

/** What a new outlet needs, over what one that is replaced has already. */
function whyNotNew(house: House, box: Box, breaker: string): PlanFailure | null {
	if (beside(house, box.id).length > 0) return { code: 'newBeside', box: box.id };
	if (cablesInBox(house, box.id).length !== 1) return { code: 'newOneCable', box: box.id };
	if (!hasGroundWire(house, box.id)) return { code: 'newUngrounded', box: box.id };
	const { residualEverywhere } = regions[house.region].code;
	return residualEverywhere && withoutResidual(house, breaker)
		? { code: 'newNoResidual', box: box.id }
		: null;
}
