/** The frame of a job’s page: what stands round a step. */
export const jobPageWords = {
	visits: 'Visits',
	lookingBack: 'Looking back: answered anew, it counts from now; what was recorded stays.',
	backToNow: 'Back to now',
	sitsOtherwise: 'Something sits otherwise than planned',
	coming: 'One moment',
	endsHere: 'The job ends here.',
	why: 'Why?',
	odd: 'It moved, or it’s odd',
	another: { us: 'Another outlet', uk: 'Another socket' },
	stop: 'Stop',
	shocked: 'Someone is being shocked',
	shockedDo: {
		us: 'Don’t touch them. Main switch off first. Then call 911.',
		uk: 'Don’t touch them. Main switch off first. Then call 999.'
	},
	emergency: { us: '911', uk: '999' },
	call: (number: string) => `Call ${number}`,
	ruleOf: (rule: string) => `${rule}. Information only: your local code and whoever enforces it come first.`,
	asRecorded: {
		us: 'Outlet as recorded; what you see in front of you comes first.',
		uk: 'Socket-outlet as recorded; what you see in front of you comes first.'
	},
	overtaken: 'This job went on elsewhere.',
	added: 'Another tab or device added:',
	uncounted: 'Done here without knowing that. It doesn’t count, and is to be done again:',
	dropped: 'Entered here, and no longer fits. It was not taken:',
	warnings: 'Entered here, and no longer fits. It means that power may be on:',
	goOn: 'Go on from what is shown now.',
	sendAgain: 'Send it again',
	leaveOut: 'Leave that entry out',
	notKept:
		'This browser doesn’t keep what isn’t sent yet: its storage is full or forbidden. Don’t close or reload this page while the strip says that something is still to be sent.'
};
