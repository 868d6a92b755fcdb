export const words = {
	bothFit: (amps: string) => ` (${amps} A both fit this circuit)`,
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
	noPlates:
		'It has plain screws, and a screw takes one hook. Two wires go to one terminal here: take a part with plates, or stop here and plan it with pigtails.',
	onThisPart: 'On this part, as far as you can see it',
	holds: 'Wires are held by',
	lineAt: 'LINE is printed, seen from the back',
	indicator: 'Its light',
	gauge: 'Strip gauge, mm',
	torque: (unit: string) => `Torque printed, ${unit}`,
	charger: 'All USB ports together, W',
	odd: 'That isn’t a figure such a part has.',
	aAndEveryOneOf: (only: string | number) => `${only} A, and every one of these`,
	itHasEveryOneOf: 'It has every one of these'
};

/** What a part in hand can show, word for word. */
export const handValues = {
	plates: 'plates',
	screws: 'plain screws',
	top: 'at the top',
	bottom: 'at the bottom',
	showsPower: 'lit while there is power',
	showsTrip: 'lit while tripped',
	none: 'no light'
};
