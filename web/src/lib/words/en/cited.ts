import type { House } from '@wary/core/house';
import { editionFacts, editionOf } from '@wary/core/rules';

/**
 * A text as it is cited where this home stands. Texts are written with the usual edition’s year; the clauses they name have the same numbers in each edition that can be chosen.
 */
export const inEdition = (text: string, house: Pick<House, 'region' | 'edition'>): string =>
	house.region === 'us'
		? text.replaceAll(/\bNEC 2020\b/g, `NEC ${editionFacts[editionOf(house)].cited}`)
		: text;

/** The same of everything that is told in an object of texts. */
export const allInEdition = <Texts extends object>(
	texts: Texts,
	house: Pick<House, 'region' | 'edition'>
): Texts =>
	Object.fromEntries(
		Object.entries(texts).map(([key, text]) => [
			key,
			typeof text === 'string' ? inEdition(text, house) : (text as unknown)
		])
	) as Texts;
