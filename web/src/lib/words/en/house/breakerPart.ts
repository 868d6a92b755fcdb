export const words = {
	inText: (panelOf: string | number) => `in ${panelOf}`,
	directorySays: 'Directory says',
	nothingYet: 'nothing yet',
	ratingA: 'Rating, A',
	type: 'Type',
	noCircuitIsOnRecord: 'No circuit is on record here.',
	addACircuit: 'Add a circuit',
	feeds: 'Feeds',
	losesPowerWithIt: 'Loses power with it',
	anotherCircuitOnIt: 'Another circuit on it',
	removeThis: (breaker: string | number) => `Remove this ${breaker}`,
	write1457For: 'Write 14, 5+7 for two poles, 14a for one of two thin ones.',
	aRatingFrom1To: 'A rating from 1 to 200 A.',
	way: 'Way',
	space: 'Space',
	circuit: (breakerName: string | number) => `Circuit ${breakerName}`
};
