export const words = {
	aWas: (
		breaker: string | number,
		breakerName: string | number,
		findBreaker: string | number,
		was: string | number
	) => `${breaker} ${breakerName}, ${findBreaker} A: was “${was}”`,
	theLineOfSaidWhat: (breakerName: string | number, labelOf: string | number) =>
		`The line of ${breakerName} said “${labelOf}”. What it really feeds is still to be found: it is marked as contradicted.`,
	writeIt: 'Write it'
};
