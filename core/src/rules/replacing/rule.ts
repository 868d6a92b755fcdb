import type { Edition } from '../editions';
import type { FactName, Facts, PartFacts, Tri } from './facts';

/** Every rule by its name; its words stand under it. */
export const ruleIds = [
	'groundingType',
	'ungroundedAgain',
	'noGroundGuarded',
	'noGroundItself',
	'groundFaultPlace',
	'arcFaultPlace',
	'arcFaultExtended',
	'tamper',
	'weather',
	'inUseCover',
	'rating',
	'ratingAlone',
	'sharedNeutral',
	'groundsSpliced',
	'reachable',
	'boxFill',
	'aluminium',
	'wantsGround',
	'secondGuard',
	'weigh',
	'oneHalf',
	'tooDeep',
	'fewer',
	'insulationTest',
	'earthed',
	'addsWithoutResidual',
	'residualAdvised',
	'faceOnly',
	'bathDistance',
	'indoorsOnly',
	'metalFace',
	'earthTail',
	'oneOnSpur',
	'spurFromSpur',
	'rating13'
] as const;
export type RuleId = (typeof ruleIds)[number];

/**
 * What a rule says where it applies. `forbids`: this part may not go here. `stops`: whatever goes here, somebody else has to look first. `needs`: something outside the part
 * has to be so, or be made so. `asks`: of the part, its plate or its wiring; done with it. `permits`: the clause by which it may. `against`, `note`: good to know, the first
 * of them a reason to take another.
 */
export type Effect = 'forbids' | 'stops' | 'needs' | 'asks' | 'permits' | 'against' | 'note';

export interface Rule {
	readonly id: RuleId;
	readonly effect: Effect;
	/** Clause by edition, or how it is told from the facts; an edition without one has no such rule. `own`: no code says so, the thing itself does. */
	readonly clause: Readonly<Partial<Record<Edition, string>>> | 'own' | ((facts: Facts) => string | null);
	/** The clause where nothing was there that is replaced. */
	readonly anew?: string;
	/** Whether the part, put in here, falls under it. */
	readonly applies: (facts: Facts, part: PartFacts) => Tri;
	/** Of `needs`: whether it is so already. */
	readonly met?: (facts: Facts, part: PartFacts) => Tri;
	/** What has to be said of the place for it. */
	readonly reads: readonly FactName[];
}

export const everyUs = (clause: string): Rule['clause'] => ({
	'2017': clause,
	'2020': clause,
	'2023': clause
});
export const everyUk = (clause: string): Rule['clause'] => ({ '2018': clause, '2018A2': clause });

/** The clause under which a rule stands in the edition of the facts; `null`: it doesn’t. */
export function clauseOf({ clause, anew }: Rule, facts: Facts): string | null {
	if (clause === 'own') return '';
	if (anew !== undefined && facts.outletsNow === 0) return anew;
	if (typeof clause === 'function') return clause(facts);
	return clause[facts.edition] ?? null;
}
