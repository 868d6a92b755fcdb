export const words = {
	farOff: (panel: string) =>
		`Far off what may be supplied. If that is what it shows, the neutral of the supply may be lost: touch nothing metal, and everything goes off at the ${panel}. Saved, the job ends with that.`,
	theLeadsEnd: 'The end of the lead: hot to ground, in its contacts',
	aProvingUnit: 'a proving unit',
	drainedBy: 'Drained by',
	theMetersLowImpedanceMode: 'the meter’s low-impedance mode',
	aLampHeldAcrossThe: 'a lamp held across the same two points',
	expect: 'expect',
	lowImpedance: ', low impedance',
	lampAcross: ', lamp across',
	yourReading: (lowImpedance: string | number) => `your reading${lowImpedance}`,
	yourReadingInVolts: 'your reading in volts',
	saveReading: 'Save reading',
	simulated: (instrument: string | number) => `simulated ${instrument}`,
	litToV: (expectedV: string | number) => `lit to ${expectedV} V`,
	drainedItWasInducedNothing: 'Drained: it was induced, nothing stands behind it.',
	fitsADeadPair: 'Fits a dead pair.',
	neitherDeadNorPlainlyLive: (liveAboveV: string | number) =>
		`Neither dead nor plainly live (3 to ${liveAboveV} V): induced, or fed back from somewhere. Next it is drained, and read again.`,
	stillThereWithALoad: (panel: string | number) =>
		`Still there with a load on it: something feeds it. Treat as live: back to the ${panel}, the next circuits off one after another, and read this pair again.`,
	liveTouchNothingSomethingStill: (panel: string | number) =>
		`LIVE. Touch nothing. Something still feeds this: back to the ${panel}.`,
	theTesterShowsWhatIt: 'The tester shows what it should.',
	liveAsItShouldBe: 'Live, as it should be before anything is switched off.',
	liveButOutsideNotedAs: (healthyWords: string | number, source: string | number) =>
		`Live, but outside ${healthyWords} (${source}). Noted as a worry.`,
	itDidNotShowA:
		'It did not show a live source. Nothing this tester has said in this proof counts: battery, leads, or another tester.',
	notLiveIfThatIs:
		'Not live. If that is so, something is wrong before you have begun: prove the tester elsewhere, or stop here and find out why.',
	theSimulatedInstrumentCantRead: 'The simulated instrument can’t read this. Type what you see instead.',
	sayWhetherItIsLit: 'Say whether it is lit.',
	sayHowFarItLit: 'Say how far it lit.',
	typeWhatTheMeterShows: 'Type what the meter shows.',
	theSameSource: 'The same source',
	provedOn: 'Proved on',
	reading: 'Reading …',
	takeTheReading: 'Take the reading',
	dark: 'dark',
	lit: 'lit',
	about: (volts: string) => `about ${volts}`
};
