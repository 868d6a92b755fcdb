export const words = {
	wanted: 'Wanted:',
	theOldOneIsMarked: (ratingA: string | number) =>
		`The old one is marked ${ratingA} A, which doesn’t fit this circuit. It is put right, not copied.`,
	thisPartDoesntFitCheck: (faults: string | number) => `This part doesn’t fit. ${faults} Check another.`,
	ratingMarkedOnIt: 'Rating marked on it',
	thisIsThePart: 'This is the part',
	itMustBeMarkedThat: (wanted: string | number) =>
		`It must be marked ${wanted}: that is what the breaker and the wires allow.`,
	itMustBeTamperResistant: 'It must be tamper resistant.',
	itMustBeOfThe: 'It must be of the same kind.',
	itMustBeAGrounding: 'It must be a grounding one.',
	takeItBackADamaged: 'Take it back: a damaged part is not fitted.',
	aAndEveryOneOf: (only: string | number) => `${only} A, and every one of these`,
	itHasEveryOneOf: 'It has every one of these'
};
