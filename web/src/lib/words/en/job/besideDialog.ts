export const words = {
	orJustNoteIt: 'Or just note it',
	saveTheNote: 'Save the note',
	why: 'Why',
	inYourOwnWordsFor: 'In your own words, for whoever goes on',
	stopAndKeepTheRecord: 'Stop and keep the record',
	itCantBeLeftAs: 'It can’t be left as it is now. First:',
	everyBareEndIsCapped: 'Every bare end is capped',
	itIsOff: 'It is off',
	iSawPowerALamp: 'I saw power: a lamp came on, something hummed',
	theBreakerWasntAsI: 'The breaker wasn’t as I left it',
	iWentAwayAndNobody: 'I went away and nobody watched the panel',
	iOpenedAnotherBox: 'I opened another box',
	stopTheJob: 'Stop the job',
	somethingChangedOrIsOdd: 'Something changed, or is odd',
	theTagHangs: 'The tag hangs',
	itIsClosed: 'It is closed'
};
