export const words = {
	tagWaryHand: 'Tag · Wary Hand',
	theTag: 'The tag',
	cutItOutHangIt:
		'Cut it out, hang it on the lock, or tape it over the handle. It carries what is off now, your name and the time.',
	unwanted: {
		nothingOff:
			'Nothing is switched off in this job yet. What is off, and since when, is left to be written by hand: it may turn out to be another than the directory says.',
		over: 'This job is over, and nothing is off for it: take its tag down.'
	},
	print: 'Print',
	backToTheJob: 'Back to the job'
};
