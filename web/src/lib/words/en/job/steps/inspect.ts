export const words = {
	inYourOwnWords: 'In your own words',
	thatIsWhatISee: 'That is what I see',
	theOther: 'the other',
	noTo: (theOther: string | number, left: string | number) => `“no” to ${theOther} ${left}`,
	theDevice: 'the device',
	cantTell: 'can’t tell',
	stillOpen: (words: string | number, left: string | number) => `Still open: ${words}${left}.`,
	notBeingSureEndsThe: 'Not being sure ends the job too. That is right.',
	andMore: (left: string | number) => `, and ${left} more`,
	where: (look: string | number) => `Where: ${look}`
};
