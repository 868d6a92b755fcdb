export const words = {
	theBoxIsOnRecord: 'The box is on record as it was seen.',
	takeThatBack: 'Take that back',
	onceThatIsOnRecord: (seenWords: string | number) =>
		`${seenWords}. Once that is on record, the swap begins again at its first step: tag and lock off, power on, live first.`,
	seenOtherwise: (day: string | number) => `Seen otherwise ${day}:`,
	cablesGo: (newOutlets: string | number) => `${newOutlets} cables go`,
	oneCableGoes: 'One cable goes',
	whereNobodyHasLookedYet: (newOutlets: string | number) =>
		`${newOutlets} where nobody has looked yet: on record as “not found yet”.`,
	boxAsSeenOn: (otherwise: string | number) => `box as seen on ${otherwise}`,
	puttingItOnRecord: 'Putting it on record …',
	putItOnRecord: 'Put it on record'
};
