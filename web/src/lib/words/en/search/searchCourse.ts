export const words = {
	title: 'What each answer told',
	noneOfThese: 'none of these',
	answers: 'answers',
	breaker: 'Breaker',
	howLikely: (name: string | number, percent: string | number) =>
		`How likely each breaker was after each answer; now ${name} at ${percent} %. The figures are in the table below.`
};
