export const words = {
	lookBackRecordedSoFar: 'Look back: recorded so far',
	putRightLater: 'put right later',
	again: 'again',
	putRight: 'put right',
	whatItReallyShowedV: 'what it really showed, V',
	putRight2: 'Put right',
	aNumberOfVoltsBelongs: 'A number of volts belongs here.',
	anIndicatorShows012: 'An indicator shows 0, 12, 24, 50, 120 or 230.'
};
