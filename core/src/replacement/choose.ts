import { familyOf, forRules, soldIn, type PartId } from '../devices';
import {
	clauseOf,
	fitting,
	places,
	regions,
	replacingRules,
	type Effect,
	type FactName,
	type Facts,
	type Region,
	type PartFacts,
	type Rule,
	type RuleId
} from '../rules';

/** A rule as it stands to a part here. `open`: it hangs on what nobody has said (`unknown`). */
export interface Reason {
	readonly rule: RuleId;
	readonly effect: Effect;
	/** Empty where no code says so, but the thing itself. */
	readonly clause: string;
	readonly state: 'holds' | 'met' | 'open';
	readonly unknown: readonly FactName[];
}

/** `right`: allowed, nothing against it, and all that is wished for. */
export type Level = 'right' | 'allowed' | 'allowedIf' | 'notAllowed';

export interface Judged {
	readonly part: PartId;
	readonly ratingA: number;
	readonly level: Level;
	readonly reasons: readonly Reason[];
	/** Wishes that it doesn’t fulfil. */
	readonly lacks: readonly (keyof Wishes)[];
}

/** What somebody would like of the new part. */
export interface Wishes {
	readonly usb?: boolean;
	/** A plate with one square opening. */
	readonly decorator?: boolean;
	/** At least so many outlets. */
	readonly outlets?: number;
	readonly ratingA?: number;
}

export interface Choice {
	readonly parts: readonly Judged[];
	/** What ends it before any part goes in: somebody else has to look first. */
	readonly stops: readonly Reason[];
	/** What nobody has said and would change the answer, the most telling first. */
	readonly ask: readonly FactName[];
}

const levels: readonly Level[] = ['right', 'allowed', 'allowedIf', 'notAllowed'];

/** Judges every part that is sold in the region by the rules of the edition, with all reasons. */
export function choose(facts: Facts, wishes: Wishes = {}): Choice {
	const parts = soldIn(facts.region)
		.map(({ id }) => judgePart(facts, id, wishes))
		.sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
	return { parts, stops: stopsOf(facts), ask: worthAsking(facts, wishes) };
}

/** One part by the rules. Its rating is the one wished for, or the first that fits. */
export function judgePart(facts: Facts, part: PartId, wishes: Wishes = {}): Judged {
	const ratingA = wishes.ratingA ?? usualRatingA(facts, part);
	const its = forRules(familyOf(part), ratingA);
	const reasons = replacingRules[facts.region].flatMap((rule) => reasonOf(rule, facts, its) ?? []);
	const lacks = lacking(part, its, wishes);
	return { part, ratingA, reasons, lacks, level: levelOf(reasons, lacks) };
}

/** The least that fits; a single one alone on its circuit has its circuit’s (NEC 210.21(B)(1)). */
function usualRatingA({ region, circuitA, alone }: Facts, part: PartId): number {
	const { plugRatingA } = regions[region].code;
	if (plugRatingA !== null) return plugRatingA;
	const family = familyOf(part);
	const fits = fitting(circuitA);
	return alone && forRules(family, fits[0]!).outlets === 1 ? fits.at(-1)! : fits[0]!;
}

function reasonOf(rule: Rule, facts: Facts, part: PartFacts): Reason | null {
	const clause = clauseOf(rule, facts);
	const applies = clause === null ? false : rule.applies(facts, part);
	if (clause === null || applies === false) return null;
	const met = rule.met?.(facts, part) ?? (rule.met ? null : false);
	const open = applies === null ? met !== true : rule.met !== undefined && met === null;
	return {
		rule: rule.id,
		effect: rule.effect,
		clause,
		state: rule.met && met === true ? 'met' : open ? 'open' : 'holds',
		unknown: open ? rule.reads.filter((fact) => facts[fact] === null) : []
	};
}

function levelOf(reasons: readonly Reason[], lacks: readonly string[]): Level {
	const has = (effect: Effect, state: Reason['state']) =>
		reasons.some((each) => each.effect === effect && each.state === state);
	if (has('forbids', 'holds')) return 'notAllowed';
	if (has('needs', 'holds') || has('needs', 'open') || has('forbids', 'open')) return 'allowedIf';
	return has('against', 'holds') || lacks.length > 0 ? 'allowed' : 'right';
}

/** What ends it before any part goes in. */
export function stopsOf(facts: Facts): Reason[] {
	// Any part serves: what stops is told from the place alone.
	const any = forRules(soldIn(facts.region)[0]!, fitting(facts.circuitA)[0]!);
	return replacingRules[facts.region]
		.filter(({ effect }) => effect === 'stops')
		.flatMap((rule) => reasonOf(rule, facts, any) ?? [])
		.filter(({ state }) => state === 'holds');
}

function lacking(part: PartId, { outlets, usb }: PartFacts, wishes: Wishes): (keyof Wishes)[] {
	return [
		...(wishes.usb && !usb ? (['usb'] as const) : []),
		...(wishes.decorator && !familyOf(part).squareOpening ? (['decorator'] as const) : []),
		...(wishes.outlets !== undefined && outlets < wishes.outlets ? (['outlets'] as const) : [])
	];
}

/** What each fact could turn out to be. */
const couldBe: Readonly<Partial<Record<FactName, readonly unknown[]>>> = {
	place: places,
	nearWater: [true, false],
	counter: [true, false],
	finished: [true, false],
	damp: ['dry', 'damp', 'wet'],
	high: [true, false],
	reachable: [true, false],
	applianceSpace: [true, false],
	ground: [true, false],
	roomInBox: [true, false],
	// Shallow and deep, mm: what one meets in a wall.
	depthMm: [16, 25, 35, 47, 90],
	guardedBefore: [true, false],
	arcBefore: [true, false],
	spur: ['no', 'alone', 'withOthers']
};

/** Facts that nobody has said, by how much the answer would change: for each the mean number of parts that come to stand otherwise, or have something else in the way. */
function worthAsking(facts: Facts, wishes: Wishes): FactName[] {
	const parts = soldIn(facts.region).map(({ id }) => {
		const judged = judgePart(facts, id, wishes);
		return { ...judged, its: forRules(familyOf(id), judged.ratingA) };
	});
	const weightOf = (fact: FactName): number => {
		const values = couldBe[fact]!;
		// Nothing else can come to stand otherwise by it.
		const touched = deciding[facts.region].filter(({ reads }) => reads.includes(fact));
		if (touched.length === 0) return 0;
		const changed = values.map((value) => {
			const then = { ...facts, [fact]: value };
			return parts.filter(({ part, level, its }) => {
				const moves = touched.some((rule) => standing(rule, facts, its) !== standing(rule, then, its));
				if (!moves) return false;
				return level !== 'notAllowed' || judgePart(then, part, wishes).level !== 'notAllowed';
			}).length;
		});
		return changed.reduce((sum, each) => sum + each, 0) / values.length;
	};
	return (Object.keys(couldBe) as FactName[])
		.filter((fact) => facts[fact] === null)
		.map((fact) => ({ fact, weight: weightOf(fact) }))
		.filter(({ weight }) => weight > 0)
		.sort((a, b) => b.weight - a.weight)
		.map(({ fact }) => fact);
}

/** Rules that can be in the way of a part, by region. */
const decides: readonly Effect[] = ['forbids', 'needs', 'stops'];
const deciding: Readonly<Record<Region, readonly Rule[]>> = {
	us: replacingRules.us.filter(({ effect }) => decides.includes(effect)),
	uk: replacingRules.uk.filter(({ effect }) => decides.includes(effect))
};
/** What a rule has in a part’s way. */
const standing = (rule: Rule, facts: Facts, its: PartFacts): string => {
	const state = reasonOf(rule, facts, its)?.state;
	return state === undefined || state === 'met' ? '' : state;
};
