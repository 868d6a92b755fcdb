export const words = {
	findTheWaryHand: (breaker: string | number, placeName: string | number) =>
		`Find the ${breaker} · ${placeName} · Wary Hand`,
	whichFeedsIt: (breaker: string | number) => `Which ${breaker} feeds it?`,
	nothingHereMakesItDead: (breaker: string | number) =>
		`Nothing here makes it dead to the touch. It says which ${breaker}; the job proves the rest. Answers are kept on this device.`,
	searchAt: (placeName: string | number) => `search at ${placeName}`,
	placedOnItsCircuit: 'placed on its circuit',
	writeItIntoTheDirectory: 'Write it into the directory',
	saveWhatWasFound: 'Save what was found',
	thoseThatLeftItOn: 'Those that left it on are noted as not feeding it.',
	circuit: (breakerName: string | number) => `Circuit ${breakerName}`,
	foundByTestWithTodays: (breakerNames: string | number) =>
		`${breakerNames} found by test, with today’s date; those that left it on, found not to.`
};
