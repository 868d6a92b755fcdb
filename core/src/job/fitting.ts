import { applianceOf, own, takesGround } from '../house';
import type { PartAnswers, Tester } from './events';
import type { PartFault } from './judge';
import type { PartInHand } from './partInHand';
import type { JobPlan } from './jobPlan';
import { regions } from '../rules';

/** What must be at hand before the first step. */
export function toolsNeeded(plan: JobPlan, tester: Tester): string[] {
	const common = [
		...(tester === 'none' ? ['lamp'] : ['tester']),
		...(tester === 'indicator' ? ['provingUnit', 'multimeter'] : []),
		...(plan.grounded || plan.newGrounded || plan.asFound === 'threeLamps' ? ['plugTester'] : []),
		...(plan.controls === null && plan.grounded && plan.newGrounded ? [] : ['lead']),
		'drivers',
		'stripper',
		'lockOrTape',
		'headTorch'
	];
	return [...common, ...(regions[plan.region].custom.sleevesEarth ? ['sleeving'] : ['knife', 'tape'])];
}

/** Two straight wires under one plate: a plain screw takes one hook, and no more. */
const twoUnderAPlate = ({ work }: JobPlan): boolean =>
	work?.ways.some(({ moves }) =>
		moves.some((move) => move.kind === 'land' && move.how === 'clampPlate' && move.ends.length > 1)
	) ?? false;

/** The same for a job at several boxes: one may need what another doesn’t. */
export const toolsForAll = (plans: readonly JobPlan[], tester: Tester): string[] => [
	...new Set(plans.flatMap((plan) => toolsNeeded(plan, tester)))
];

/** Ratings that fit: read off the breaker that feeds it, as far as that is known, and its conductors. */
export function ratingsWanted(plan: JobPlan, feeder: string | null): readonly number[] {
	const wanted = 'ratingA' in plan.newDevice ? [plan.newDevice.ratingA] : [];
	return (
		(feeder === null ? undefined : own(plan.fittingRatingsA, feeder)) ??
		own(plan.fittingRatingsA, plan.recordedBreaker) ??
		wanted
	);
}

/** What is wrong with the part in hand, against what a like-for-like replacement must be. */
export function partFaults(
	plan: JobPlan,
	answers: PartAnswers,
	feeder: string | null = null,
	hand: PartInHand = {}
): PartFault[] {
	const wanted = applianceOf(plan.newDevice) ? null : plan.newDevice;
	return [
		...(wanted && !ratingsWanted(plan, feeder).includes(answers.ratingA) ? (['rating'] as const) : []),
		...(answers.tamperResistant || (wanted && !takesGround(wanted)) ? [] : (['notTamperResistant'] as const)),
		...(answers.sameKind ? [] : (['otherKind'] as const)),
		...(answers.grounded ? [] : (['notGrounded'] as const)),
		...(answers.undamaged ? [] : (['damaged'] as const)),
		...(hand.holds === 'screws' && twoUnderAPlate(plan) ? (['noPlates'] as const) : [])
	];
}
