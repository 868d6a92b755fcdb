import { believe } from './belief';
import type { Candidate } from './candidates';
import { observationsOf, type SearchEvent, type SearchSettings } from './search';

/** How a breaker stood before the first answer and after each: the probability that it feeds the outlet, alone or with another. */
export interface CourseLine {
	/** `null`: none of these. */
	readonly breaker: string | null;
	readonly shares: readonly number[];
}

/** More lines than that can't be told apart; chosen. */
const shownAtMost = 6;

/** The belief of a search move by move: the breakers that were ever likeliest, likeliest at the end first; last, that it is none of them. */
export function courseOfBelief(
	candidates: readonly Candidate[],
	settings: SearchSettings,
	events: readonly SearchEvent[]
): CourseLine[] {
	const stands = Array.from({ length: events.length + 1 }, (_, k) =>
		believe(
			candidates,
			events.slice(0, k).flatMap((event) => observationsOf(event, settings))
		)
	);
	const shareOf = (feeds: (of: (typeof stands)[number][number]['hypothesis']) => boolean): number[] =>
		stands.map((believed) =>
			believed.reduce((sum, { hypothesis, probability }) => sum + (feeds(hypothesis) ? probability : 0), 0)
		);
	const lines = candidates.map(({ id }): CourseLine => ({
		breaker: id,
		shares: shareOf((of) => (of.kind === 'one' ? of.id === id : of.kind === 'two' && of.ids.includes(id)))
	}));
	const ever = ({ shares }: CourseLine) => Math.max(...shares);
	const kept = lines.toSorted((a, b) => ever(b) - ever(a)).slice(0, shownAtMost);
	return [
		...kept.toSorted((a, b) => b.shares.at(-1)! - a.shares.at(-1)!),
		{ breaker: null, shares: shareOf(({ kind }) => kind === 'elsewhere') }
	];
}
