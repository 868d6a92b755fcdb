export const words = {
	looks: 'looks',
	sound: 'sound',
	discoloured: 'discoloured',
	scorched: 'scorched',
	cracked: 'cracked',
	gripOnAPlug: 'grip on a plug',
	firm: 'firm',
	weak: 'weak',
	none: 'none',
	shouldBe: (should: string | number) => `should be ${should}`,
	ωOrOl: 'Ω or OL',
	nothingWrongWithItThe: 'Nothing wrong with it: the trouble, if there was one, is elsewhere.',
	saveItWithTheRecord: 'Save it with the record',
	terminalToItsContactA: (hot: string | number) => `${hot} terminal to its contact, a blade pushed in`,
	eachInOhmsOrOl: 'Each in ohms, or OL for open.',
	whatTheOldOneTells: (done: string | number) => `What the old one tells${done}`,
	inOhms: (text: string | number) => `${text}, in ohms`,
	under: (ohmsWord: string | number, contactBelowOhm: string | number) =>
		`${ohmsWord}, under ${contactBelowOhm}`,
	toContact: (hot: string | number, neutral: string | number) => `${hot} to ${neutral} contact`,
	toContact2: (hot: string | number, ground: string | number) => `${hot} to ${ground} contact`
};
