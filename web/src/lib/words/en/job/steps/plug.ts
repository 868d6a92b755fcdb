export const words = {
	expect: (lampsWords: string | number) => `Expect ${lampsWords}.`,
	lampsOfTheTester: 'Lamps of the tester',
	theSimulatedTesterCantBe: 'The simulated tester can’t be reached. Try again.',
	saveReading: 'Save reading',
	simulatedTester: 'simulated tester',
	asItShouldBe: 'As it should be.',
	notAsItShouldBe: (lampsWords: string | number) =>
		`Not as it should be: expected ${lampsWords}. The box is opened again, the same safe way.`,
	pluggingIn: 'Plugging in …',
	plugTheTesterIn: 'Plug the tester in'
};
