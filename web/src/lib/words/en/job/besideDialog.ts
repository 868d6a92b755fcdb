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
	itIsClosed: 'It is closed',
	another: (outlet: string) => `Another ${outlet} belongs to this job`,
	anotherLead: (outlet: string) =>
		`It is read live first, like every ${outlet}. With power off its turn comes when this box is closed and power is back; then everything is switched off, held and proven again.`,
	noneNear: (outlet: string, breaker: string) =>
		`No other ${outlet} is on record on this ${breaker} that isn’t in the job.`,
	which: 'Which',
	whichOne: 'pick one …',
	sameAgain: 'Take it in: the same again',
	planIt: 'Plan something else there',
	leaveOut: (place: string) => `Leave out ${place} again`,
	cantPlanNow: 'What plans it couldn’t be fetched. Try again when the server is back.'
};
