export const words = {
	anOutlet: { us: 'an outlet', uk: 'a socket-outlet' },
	benchWaryHand: (name: string | number) => `Bench · ${name} · Wary Hand`,
	putABoxOnThe: 'Put a box on the bench',
	wireItSwitchItOn:
		'Wire it, switch it on, probe it, touch it: nothing here is alive, and nothing changes the record of the house.',
	ofThisHouse: (anOutlet: string | number) => `${anOutlet} of this house …`,
	anEmptyBox: 'An empty box',
	fromAFile: 'From a file',
	kept: 'Kept',
	throwAway: 'throw away',
	howBoxesAreMet: 'How boxes are met',
	theFileIsLargerThan: 'The file is larger than 1 MB, which no bench is.',
	isntJsonSoItIs: (name: string | number) => `“${name}” isn’t JSON, so it is no bench file.`,
	thatFileIsNoBench: 'That file is no bench that can be opened. Nothing was taken.',
	thatOutletIsntOnRecord: 'That outlet isn’t on record any more. Reload the page.',
	ofThisHouse2: (anOutlet: string | number) => `${anOutlet} of this house`,
	wiring: 'Wiring …',
	asItIsWired: 'As it is wired',
	throwAway2: (name: string | number) => `Throw away ${name}`
};
