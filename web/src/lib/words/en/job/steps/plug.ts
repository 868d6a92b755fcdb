export const words = {
	expect: (lampsWords: string | number) => `Expect ${lampsWords}.`,
	lampsOfTheTester: 'Lamps of the tester',
	theLamp: 'The lamp',
	theLampLit: 'the lamp lit',
	plugALampIn: 'Plug a lamp in',
	theSimulatedTesterCantBe: 'The simulated tester can’t be reached. Try again.',
	saveReading: 'Save reading',
	simulatedTester: 'simulated tester',
	asItShouldBe: 'As it should be.',
	asBefore:
		'Wrong, and just as it was before you began: it comes from before this box. Saved, it is written down as open; this box isn’t opened again for it.',
	notAsItShouldBe: (lampsWords: string | number) =>
		`Not as it should be: expected ${lampsWords}. The box is opened again, the same safe way.`,
	lit: 'lit',
	dark: 'dark',
	wrongBefore: (sound: string) =>
		`Not as it should be (${sound}). It was so before you began: it is kept, and set beside the final test.`,
	slipsBefore: 'The lamps are as they should be; the plug slips. It was so before you began.',
	saveHolds: 'Save: a plug holds',
	saveLoose: 'Save: it is loose',
	pluggingIn: 'Plugging in …',
	plugTheTesterIn: 'Plug the tester in'
};
