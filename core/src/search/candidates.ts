import {
	allBreakers,
	besideOf,
	circuitsInBox,
	evidenceOf,
	findBox,
	latestFindings,
	namesPlace,
	sameWord,
	tellingWords,
	type Breaker,
	type House
} from '../house';
import { hardThings, thingsBehind, type Thing } from '../isolation';
import { interruptions, searchRules } from '../rules';

/** Why a breaker is more or less likely than another. */
export type Reason =
	| { readonly code: 'recorded'; readonly circuit: string }
	| { readonly code: 'labelNamesRoom' }
	| { readonly code: 'labelNamesOtherRoom' }
	| { readonly code: 'labelNamesOtherThing'; readonly word: string }
	| { readonly code: 'labelContradicted' }
	| { readonly code: 'foundInRoom'; readonly box: string }
	| { readonly code: 'foundElsewhere'; readonly box: string }
	| { readonly code: 'foundHere' }
	| { readonly code: 'foundNotHere' }
	| { readonly code: 'unusualRating'; readonly ratingA: number }
	| { readonly code: 'twoPole' };

/** A breaker that could feed the outlet. */
export interface Candidate {
	readonly id: string;
	/** Prior probability, all of them and `elsewhere` together 1. */
	readonly probability: number;
	readonly reasons: readonly Reason[];
	/** What trying it costs beside the walk, s: switching off and on, and what goes off with it. */
	readonly costS: number;
	readonly things: readonly Thing[];
	/** Not to be switched off: something on it may not go off, and nobody has said that it may. */
	readonly forbidden: boolean;
	/** Breakers that sit beside it, to which a signal bleeds. */
	readonly beside: readonly string[];
}

export const switchingS = 4;
/** That the supply comes from elsewhere, or from two breakers at once, before anything is known. */
export const priorElsewhere = 0.02;
export const priorSeveral = 0.01;

/**
 * The breakers of a house as candidates for feeding a box, likeliest first. Weights multiply: rating and poles (`searchRules`), words of the label as far
 * as labels of this house have proved right, the recorded circuit, what was found by test. `released`: breakers that may be switched although something
 * hard hangs on them.
 */
export function candidatesFor(house: House, boxId: string, released: readonly string[] = []): Candidate[] {
	const breakers = allBreakers(house);
	const trust = labelTrust(house);
	const matching = breakers.filter(
		(breaker) => usableLabel(house, breaker) && namesPlace(house, breaker.label, boxId)
	).length;
	const weighed = breakers.map((breaker) => {
		const { weight, reasons } = weigh(house, boxId, breaker, trust, matching, breakers.length);
		const things = thingsBehind(house, breaker.id);
		return {
			id: breaker.id,
			weight,
			reasons,
			things,
			costS: switchingS + things.reduce((sum, { matters }) => sum + interruptions[matters].disturbanceS, 0),
			forbidden: hardThings(house, breaker.id).length > 0 && !released.includes(breaker.id),
			beside: besideOf(house, breaker)
		};
	});
	const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
	return weighed
		.map(({ weight, ...candidate }) => ({
			...candidate,
			probability: ((1 - priorElsewhere - priorSeveral) * weight) / total
		}))
		.sort((a, b) => b.probability - a.probability);
}

const usableLabel = (house: House, breaker: Breaker): boolean =>
	evidenceOf(house, breaker).level !== 'contradicted';

/** How far labels of this house can be believed: two right ones and one wrong one are imagined before any test. */
export function labelTrust(house: House): number {
	let right = 2;
	let all = 3;
	for (const breaker of allBreakers(house))
		for (const { finding, box } of latestFindings(breaker)) {
			if (!namesPlace(house, breaker.label, box)) {
				// Found to feed a place its label doesn't name, though a label is there: that label is wrong.
				if (finding === 'feeds' && tellingWords(breaker.label).length > 0) all++;
				continue;
			}
			all++;
			if (finding === 'feeds') right++;
		}
	return right / all;
}

function weigh(
	house: House,
	boxId: string,
	breaker: Breaker,
	trust: number,
	matching: number,
	count: number
): { weight: number; reasons: Reason[] } {
	const rules = searchRules[house.region];
	const reasons: Reason[] = [];
	let weight = rules.ratingWeight(breaker.ratingA);
	const by = (factor: number, reason: Reason) => {
		weight *= factor;
		reasons.push(reason);
	};
	if (weight < 0.1) reasons.push({ code: 'unusualRating', ratingA: breaker.ratingA });
	if (breaker.spaces.length > 1) by(rules.twoPoleWeight, { code: 'twoPole' });
	const words = tellingWords(breaker.label);
	if (!usableLabel(house, breaker)) reasons.push({ code: 'labelContradicted' });
	else if (namesPlace(house, breaker.label, boxId)) {
		// A label that names the room holds with probability `trust`, shared among all that do.
		const others = Math.max(1, count - matching);
		by(Math.max(1, trust / matching / ((1 - trust) / others)), { code: 'labelNamesRoom' });
	} else {
		const other = words.find((word) => rules.otherThings.includes(word));
		if (other) by(1 - 0.9 * trust, { code: 'labelNamesOtherThing', word: other });
		else if (
			house.rooms.some(({ name }) =>
				tellingWords(name).some((word) => words.some((own) => sameWord(word, own)))
			)
		)
			by(1 - 0.7 * trust, { code: 'labelNamesOtherRoom' });
	}
	const circuit = circuitsInBox(house, boxId).find((each) => each.breaker === breaker.id);
	const room = findBox(house, boxId)?.room;
	let elsewhere: string | null = null;
	for (const { finding, box } of latestFindings(breaker)) {
		if (box === boxId) {
			if (finding === 'feeds') by(200, { code: 'foundHere' });
			else by(0.01, { code: 'foundNotHere' });
		} else if (finding === 'feeds' && findBox(house, box)?.room === room) by(6, { code: 'foundInRoom', box });
		else if (finding === 'feeds') elsewhere = box;
	}
	// What feeds another room may feed this one too, but mostly doesn't.
	if (elsewhere !== null && !reasons.some(({ code }) => code === 'foundHere' || code === 'foundInRoom'))
		by(0.3, { code: 'foundElsewhere', box: elsewhere });
	if (circuit && !reasons.some(({ code }) => code === 'foundNotHere')) {
		// A record was mostly copied from the label: together they are hardly worth more than one.
		by(reasons.some(({ code }) => code === 'labelNamesRoom') ? 1.5 : 8, {
			code: 'recorded',
			circuit: circuit.name
		});
	}
	return { weight, reasons };
}
