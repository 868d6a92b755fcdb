export const words = {
	allAreDone: (steps: number) => (steps === 2 ? 'Both are done' : `All ${steps} are done`),
	allAreOffAndBent: (stillOn: string | number) => `All ${stillOn} are off and bent away`,
	theyAreOff: 'They are off',
	itIsOutAgain: 'It is out again',
	finishAndKeepTheRecord: 'Finish and keep the record',
	everyEndIsCapped: 'Every end is capped',
	iHaveReadThem: 'I have read them',
	itIsClosed: 'It is closed',
	done: 'Done'
};
