export const words = {
	expect: 'expect',
	saveReading: 'Save reading',
	simulatedMeter: 'simulated meter',
	notUnderGiveOrTake: (ohmsWord: string | number) => `not under ${ohmsWord}, give or take`,
	theSimulatedMeterCantBe: 'The simulated meter can’t be reached. Try again.',
	theMeterRefusesVBetween: (shown: string | number) =>
		`The meter refuses: ${shown} V between the tips. This isn’t dead.`,
	typeWhatTheMeterShows: 'Type what the meter shows, or tick open.',
	reading: 'Reading …',
	takeTheReading: 'Take the reading'
};
