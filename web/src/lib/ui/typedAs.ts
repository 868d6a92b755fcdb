/** Names of more words are found by what stands together in them alone: the ways to leave some out double with each. */
const wordsAtMost = 6;

/** All ways to leave words out, their order kept. */
const subsequences = (words: readonly string[]): string[][] =>
	words.reduce<string[][]>((made, word) => [...made, ...made.map((each) => [...each, word])], [[]]);

/** How somebody types the name of a place: without its comma, the other way round, and with words left out (“sewing east”). */
export const typedAs = (name: string): string[] => {
	const parts = name.split(',').map((part) => part.trim().split(/\s+/));
	const ways = [parts.flat(), parts.toReversed().flat()];
	return [
		...new Set(
			ways.flatMap((words) =>
				words.length > wordsAtMost
					? [words.join(' ')]
					: subsequences(words)
							.filter(({ length }) => length >= Math.min(2, words.length))
							.map((each) => each.join(' '))
			)
		)
	];
};
