export const words = {
	howTheSupplyIsEarthed: 'How the supply is earthed',
	nobodyHasSaidYetTn:
		'Nobody has said yet; TN-C-S is assumed. Look where the supply comes in. Nothing is opened or touched there. If you can’t tell, leave it.',
	theHousesElectrodeΩAs: (electrodeOhm: string | number) =>
		`The house’s electrode, Ω (as measured; ${electrodeOhm} where nobody has)`,
	atTheCutOutBeside:
		'At the cut-out, beside the supply cable’s neutral, a thick earth wire leaves the same block.',
	theEarthWireIsClamped: 'The earth wire is clamped or soldered to the metal sheath of the supply cable.',
	theEarthWireLeadsTo: 'The earth wire leads to a rod or plate in the ground, and to nothing of the supply.',
	supplyEarthedBy: (name: string | number) => `supply earthed by ${name}`,
	anElectrodeIs01: 'An electrode is 0.1 to 20,000 Ω.'
};
