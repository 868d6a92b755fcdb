export const words = {
	nowhere: 'none',
	planning: 'Planning …',
	transmitterIntoTheReceiverOver: (outlet: string | number, panel: string | number) =>
		`Transmitter into the ${outlet}, receiver over the ${panel}`,
	sweepItSlowlyOverEvery: (breaker: string | number) =>
		`Sweep it slowly over every ${breaker}, twice. Tap where it was loudest. It can bleed to a neighbour: the lamp has the last word.`,
	noSignalAnywhere: 'No signal anywhere',
	sweepSimulated: 'Sweep (simulated)',
	haveOffAllOthersOn: 'have off, all others on',
	dark: 'dark',
	dark2: 'Dark',
	stillOn: 'Still on',
	notSure: 'Not sure',
	itGoesDark: 'it goes dark',
	walksLeftExpected: 'walks left, expected',
	min: (move: string | number) => `${move} min`,
	byTheRecordThisInterrupts: 'By the record this interrupts:',
	whyThis: 'Why this?',
	byNoneOfTheseFeeds: (method: string | number, elsewhere: string | number) =>
		`By ${method}. None of these feeds it: ${elsewhere} %.`,
	twoAnswersContradictEachOther:
		'Two answers contradict each other. Nothing is ruled out for good: what was thought settled is open again.',
	signalStrongestAt: 'signal strongest at',
	forgetTheseAndBeginAgain: 'Forget these and begin again',
	meansAtHand: 'Means at hand',
	iHearItFromHere: 'I hear it from here',
	severalMayBeOffAt: 'several may be off at once',
	oneWalkThereAndBack: 'One walk there and back, seconds',
	mustStayOnWhateverIt: 'Must stay on, whatever it feeds',
	noIsOnRecordYet: (breaker: string | number) => `No ${breaker} is on record yet.`,
	aWalkOf10To: 'A walk of 10 to 900 seconds.',
	looking: 'Looking …',
	lookSimulated: 'Look (simulated)',
	howItIsLookedFor: (short: string | number) => `How it is looked for: ${short}`
};
