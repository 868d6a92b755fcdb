export const words = {
	deadByResistance: 'Dead, by resistance',
	everythingStaysOffAndProven: (
		capital: string | number,
		ground: string | number,
		ohmsWord: string | number,
		ohmsWord2: string | number
	) =>
		`Everything stays off and proven. ${capital} to ${ground}, cable by cable: the one that reads far lower than the others leads back. The supply should read ${ohmsWord}, the others ${ohmsWord2}.`,
	aliveByVoltage: 'Alive, by voltage',
	everyEndCappedAndSpread:
		'Every end capped and spread, everybody clear, power on. First a contactless tester along the insulation, which touches nothing; two-point readings only where that leaves a doubt. Then off, held and proven anew.',
	byTheNewPart: 'By the new part itself',
	oneCableOnLine:
		'Everything off and proven. One cable alone goes on LINE of the new part, every other end is capped, and all of it is screwed into the box. Then power on, and reset: it clicks and stays in only if that cable is the supply. No live end is ever in reach. Each cable takes a walk to the panel.',
	handOver:
		'Every other way wants power on, and another device hangs out of the same box, its wires in reach. Press Stop: it is made safe and handed over.',
	leaveIt: 'Leave it',
	theSwapGoesOnWithout: 'The swap goes on without. The record says that the supply cable isn’t known.',
	isTheSupply: 'is the supply',
	soFar: (earlier: string | number) => `So far: ${earlier}.`,
	ifItIsTheSupply: 'if it is the supply',
	ifItGoesOn: 'if it goes on',
	theSupply: (field: string | number) => `${field}: the supply`,
	about: (voltsWord: string | number) => `about ${voltsWord}`,
	oneThatGoesOn: 'one that goes on',
	yourReading: 'your reading',
	saveReading: 'Save reading',
	simulatedMeter: 'simulated meter',
	theSimulatedMeterCantBe: 'The simulated meter can’t be reached. Try again.',
	theMeterRefusesVBetween: (shown: string | number) =>
		`The meter refuses: ${shown} V between the tips. This isn’t dead.`,
	theSimulatedTesterCantBe: 'The simulated tester can’t be reached. Try again.',
	typeWhatTheMeterShows: 'Type what the meter shows, or tick open.',
	bothReadingsAreNeeded: 'Both readings are needed.',
	thisIsTheSupply: 'This is the supply.',
	thisOneGoesOnTo: 'This one goes on to others.',
	neitherLowNorOpenBy:
		'Neither low nor open. By itself that tells nothing: what the other cables read decides.',
	neitherOneNorTheOther:
		'Neither one nor the other: this fits no arrangement. The job is made safe and handed over.',
	inVolts: (field: string | number) => `${field}, in volts`,
	reading: 'Reading …',
	takeTheReading: 'Take the reading',
	cable2: (cableLetter: string | number, each: string | number) => `cable ${cableLetter} ${each}`,
	to: (hot: string | number, neutral: string | number) => `${hot} to ${neutral}`,
	to2: (hot: string | number, ground: string | number) => `${hot} to ${ground}`
};
