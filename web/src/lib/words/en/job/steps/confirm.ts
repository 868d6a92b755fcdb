export const words = {
	tellTheElectrician: 'Tell the electrician:',
	inYourOwnWordsFor: 'In your own words, for whoever goes on',
	allAreOffAndBent: (stillOn: string | number) => `All ${stillOn} are off and bent away`,
	theyAreOff: 'They are off',
	itIsOutAgain: 'It is out again',
	finishAndKeepTheRecord: 'Finish and keep the record',
	everyEndIsCapped: 'Every end is capped',
	stopHereAndKeepThe: 'Stop here and keep the record',
	iHaveReadThem: 'I have read them',
	itIsClosed: 'It is closed',
	done: 'Done'
};
