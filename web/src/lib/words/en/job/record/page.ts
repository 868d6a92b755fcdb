export const words = {
	recordWaryHand: (placeName: string | number) => `Record · ${placeName} · Wary Hand`,
	recordOfWork: (name: string | number) => `Record of work · ${name}`,
	print: 'Print',
	who: 'Who',
	begun: 'Begun',
	utc: (moment: string | number) => `${moment} UTC`,
	takenOut: 'Taken out',
	putIn: 'Put in',
	directory: 'Directory',
	worriesLeftOpen: 'Worries left open',
	none: 'None.',
	readingsBetweenDeadAndLive: 'Readings between dead and live',
	proofOfDead: 'Proof of dead',
	atTheFace: 'At the face',
	onTheBareConductors: 'On the bare conductors',
	utcOff: (
		atTheFace: string | number,
		clock: string | number,
		breaker: string | number,
		proof: string | number,
		holdWords: string | number
	) => `${atTheFace}, ${clock} UTC; ${breaker} ${proof} off, ${holdWords}`,
	testerProved: 'Tester proved',
	testerProvedAgain: 'Tester proved again',
	nothingWasProvenDeadIn: 'Nothing was proven dead in this job.',
	writtenByThePersonNamed:
		'Written by the person named above, step by step as the work went on; entries can’t be changed afterwards. It is no certificate, and no substitute for inspection under the local code.',
	liveBeforeAnythingWasSwitched: 'Live before anything was switched off',
	switching: 'Switching',
	readingsThatSaidStop: 'Readings that said stop',
	work: 'Work',
	testsAfter: 'Tests after',
	notes: 'Notes',
	inducedDrainedByALoad: 'induced, drained by a load',
	backFedByGoneWhen: (breakerName: string | number) =>
		`back-fed by ${breakerName}, gone when that was off too`,
	expected: (expected: string | number) => ` · expected ${expected}`
};
