export const words = {
	handOverWaryHand: (placeName: string | number) => `Hand-over · ${placeName} · Wary Hand`,
	forA: (handTo: string | number, name: string | number) => `For a ${handTo} · ${name}`,
	by: (
		name: string | number,
		namedBreakers: string | number,
		findBreaker: string | number,
		deviceWords: string | number,
		who: string | number,
		record: string | number
	) => `${name}, ${namedBreakers}${findBreaker} · ${deviceWords} · by ${who}${record}`,
	print: 'Print',
	thisJobIsntStoppedThe: 'This job isn’t stopped; the sheet shows how it stands now.',
	whyItStopped: 'Why it stopped',
	noReasonWasNoted: 'No reason was noted.',
	howItIsLeft: 'How it is left',
	whatWasInIt: 'What was in it',
	cable: (fromCharCode: string | number, colours: string | number) => `Cable ${fromCharCode}: ${colours}`,
	mayBe: (fits: string | number) => `May be: ${fits}.`,
	fitsNoArrangementKnownHere: 'Fits no arrangement known here.',
	toSettleIt: (settlingWords: string | number) => `To settle it: ${settlingWords}`,
	supplyCable: 'Supply cable:',
	condition: 'Condition',
	readings: 'Readings',
	liveBeforeAnythingWasSwitched: 'Live, before anything was switched off',
	atTheFace: 'at the face',
	onTheBareConductors: 'on the bare conductors',
	deadUtcOffTesterProved: (
		atTheFace: string | number,
		clock: string | number,
		breaker: string | number,
		breakerNames: string | number,
		readingWords: string | number,
		readingWords2: string | number
	) =>
		`Dead ${atTheFace}, ${clock} UTC; ${breaker} ${breakerNames} off; tester proved ${readingWords} before, ${readingWords2} after`,
	nothingWasProvenDead: 'Nothing was proven dead.',
	readingsThatSaidStop: 'Readings that said stop',
	whatWasDone: 'What was done',
	nothingWasChanged: 'Nothing was changed.',
	writtenByAHomeownerStep:
		'Written by a homeowner, step by step as the work went on. It is no certificate. Treat everything as live until you have proven it otherwise.',
	theBoxAsItIs: 'The box as it is now',
	foundBy: (state: string | number, by: string | number) => `${state}, found by ${by}.`,
	notTested: 'not tested.',
	nothingWasFound: 'Nothing was found.',
	notLookedAt: 'Not looked at.'
};
