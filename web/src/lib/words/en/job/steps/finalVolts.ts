export const words = {
	under3: (volts: string) => `${volts}, under 3`,
	expect: 'expect',
	yourReading: 'your reading',
	takeTheReadings: 'Take the readings',
	saveBoth: 'Save both',
	hotToNeutral: 'hot to neutral',
	neutralToTheKnownGround: 'neutral to the known ground',
	bothReadingsAreNeeded: 'Both readings are needed.',
	inVolts: (field: string | number) => `${field}, in volts`,
	powerAndTheSlotsAre: 'Power, and the slots are the right way round.',
	notAsItShouldBe: 'Not as it should be: no power, or hot and neutral are swapped. The box is opened again.',
	about: (voltsWord: string | number) => `about ${voltsWord}`
};
