export const words = {
	lit: (mark: number) => `${mark} V lit`,
	slot: (half: string, role: string) => `${half}, ${role} slot`,
	meterAndTester: 'Meter and tester',
	meter: 'Meter',
	whatItMeasures: 'What it measures',
	thePairIsLiveAn: 'The pair is live: an ohmmeter isn’t for that.',
	notHeldAnywhere: 'not held anywhere',
	tester: 'tester',
	threeLampTesterNotPlugged: 'three-lamp tester, not plugged in',
	inText: (half: string | number) => `in ${half}`,
	lampsOfTheTester: 'Lamps of the tester',
	pressItsButton: 'Press its button',
	knownByALead: (ground: string | number) => `known ${ground}, by a lead`,
	pigtail: (second: string | number) => `pigtail ${second}`,
	cable: (second: string | number, first: string | number) => `${second}, cable ${first}`
};
