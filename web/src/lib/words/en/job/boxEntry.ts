export const words = {
	cablesInTheBox: 'Cables in the box',
	cableConductor: (fromCharCode: string | number, colours: string | number, colours2: string | number) =>
		`Cable ${fromCharCode}: ${colours} conductor${colours2}`,
	device: 'Device',
	bridgeBetweenTheBrassScrews: 'Bridge between the brass screws',
	howTheWiresComeTo: 'How the wires come to it',
	armourOrConduit: 'armour or conduit',
	thatAloneIsAReason: 'That alone is a reason to hand over.',
	nothingKnownFitsThis: 'Nothing known fits this.',
	whatWouldSettleIt: 'What would settle it:',
	nothingMeasuredInThisBox: (panel: string | number) =>
		`Nothing measured in this box alone tells these apart; the way to the ${panel} has to be followed.`,
	measured: (settlingWords: string | number, settlingOutcomeWords: string | number) =>
		`Measured: ${settlingWords} ${settlingOutcomeWords}.`,
	takeThatBack: 'take that back',
	coloursAreAHintNever: 'Colours are a hint, never a proof.',
	outletTwoHalves: 'outlet, two halves',
	twoSlotsUngrounded: 'two slots, ungrounded',
	socketWithRcd: 'socket with RCD',
	straightToTheDevice: 'straight to the device',
	splicedWithPigtails: 'spliced, with pigtails',
	supplyAndLoadSides: 'supply and load sides',
	cantTell: 'can’t tell',
	cantSee: 'can’t see',
	butDiffer: (fit: string | number) => `; but ${fit} differ`
};
