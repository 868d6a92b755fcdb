export const words = {
	finishedTestedRecorded: 'Finished, tested, recorded',
	theDirectoryAndTheOutlets: 'The directory and the outlet’s entry say what was found today.',
	stopped: 'Stopped',
	tellTheElectrician: 'Tell the electrician:',
	theBoxIsOnRecord: 'the box is on record as it is, or ',
	theBreakerIsOffHeld: (theBoxIsOnRecord: string | number) =>
		`The breaker is off, held and tagged. It stays so until ${theBoxIsOnRecord}somebody competent has seen to the box.`,
	sheetForTheElectrician: 'Sheet for the electrician',
	seeTheRecord: 'See the record',
	savingTheLastEntries: 'Saving the last entries …',
	putOnRecordWhatYou: 'Put on record what you saw',
	toToday: 'To Today'
};
