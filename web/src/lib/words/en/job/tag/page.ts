export const words = {
	tagWaryHand: 'Tag · Wary Hand',
	theTag: 'The tag',
	cutItOutHangIt:
		'Cut it out, hang it on the lock, or tape it over the handle. It carries what is off now, your name and the time.',
	print: 'Print',
	backToTheJob: 'Back to the job'
};
