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
import { apartOnNeutral, mustBeOffTogether } from '../isolation';
import { regions } from '../rules';
import { withoutResidual, type ProtectionAsked } from './asked';
import { hasBrokenTabs, hasGroundWire } from './inBox';
import { landingsOf } from './landings';
import { neutralOnOneDevice, newWorkPlanned } from './procedures';
import type { WishChoice } from './wishSchema';
import type { WorkFailure } from './work';

export type PlanFailure =
	| ({ readonly box: string } & WorkFailure)
	| { readonly code: 'unknownBox'; readonly box: string }
	| { readonly code: 'noDevice'; readonly box: string }
	| { readonly code: 'notAnOutlet'; readonly box: string }
	| { readonly code: 'noCircuit'; readonly box: string }
	| { readonly code: 'noGround'; readonly box: string }
	/** A two-slot outlet where there is a ground: what belongs there is a grounded one. */
	| { readonly code: 'groundUnused'; readonly box: string }
	| { readonly code: 'nothingOnDevice'; readonly box: string }
	/** A half of its own switch or circuit: the new part's tab would have to be broken, and no step says so yet. */
	| { readonly code: 'brokenTabs'; readonly box: string }
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
export function whyNot(
	house: House,
	box: Box,
	procedure: number,
	wish: WishChoice | null
): PlanFailure | null {
	if (!box.device) return { code: 'noDevice', box: box.id };
	const newWork = isBlank(box.device);
	if (newWork && !wish) return { code: 'nothingFitted', box: box.id };
	if (newWork ? procedure < newWorkPlanned : deviceModel(box.device).halves.length === 0)
		return { code: 'notAnOutlet', box: box.id };
	const circuits = circuitsInBox(house, box.id);
	if (circuits.length === 0) return { code: 'noCircuit', box: box.id };
	const notNew = newWork ? whyNotNew(house, box, circuits[0]!.breaker) : null;
	if (notNew) return notNew;
	const landings = landingsOf(house, box);
	if (procedure >= 2) {
		if (!wish && hasBrokenTabs(box.device)) return { code: 'brokenTabs', box: box.id };
		const apart =
			procedure >= neutralOnOneDevice
				? apartOnNeutral(house, box.id, circuits[0]!.breaker)
				: mustBeOffTogether(house, box.id, circuits[0]!.breaker).flatMap(({ breaker, because }) =>
						because === 'sharedNeutral' ? [breaker] : []
					);
		if (apart.length > 0)
			return {
				code: 'sharedNeutral',
				box: box.id,
				breakers: [circuits[0]!.breaker, ...apart]
			};
	}
	if (!['hot', 'neutral'].every((role) => landings.some((landing) => landing.role === role)))
		return { code: 'nothingOnDevice', box: box.id };
	const hasGround = hasGroundWire(house, box.id);
	const part = wish ? familyOf(wish.part).made(0) : box.device;
	if (!takesGround(part)) return hasGround ? { code: 'groundUnused', box: box.id } : null;
	// What no ground asks of a part is the model’s to judge.
	if (wish) return null;
	if (!landings.some(({ role }) => role === 'ground')) return { code: 'noGround', box: box.id };
	return null;
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
