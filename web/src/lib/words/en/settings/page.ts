export const words = {
	clip: 'breaker clip',
	settingsWaryHand: (name: string | number) => `Settings · ${name} · Wary Hand`,
	whatYouHaveAndWhat: 'What you have, and what it can prove',
	instruments: 'Instruments',
	canProveDead: 'can prove dead',
	toHoldOff: (aBreaker: string | number) => `To hold ${aBreaker} off`,
	toLookFor: (aBreaker: string | number) => `To look for ${aBreaker}`,
	severalMayBeOffAt: 'several may be off at once',
	saving: 'Saving …',
	nothingTickedReadsBetweenTwo: (plate: string | number) =>
		`Nothing ticked reads between two points. A job will go as far as the ${plate}, and wait until you borrow or buy one.`,
	computedNotDecreed: 'Computed, not decreed',
	eachCellIsTheWiring:
		'Each cell is the wiring model with that instrument held everywhere it can be held. Tap one to see what it shows. An instrument may prove dead if it misses nothing.',
	whatIsSo: 'What is so',
	mayProveDeadIfItself: 'May prove dead, if itself proved before and after',
	withThe: (capital: string | number, tester: string | number) => `${capital}, with the ${tester}`,
	padlockWithOneKey: 'padlock, with one key',
	tagAndPen: 'tag and pen',
	notSavedTheServerCant: 'Not saved: the server can’t be reached. Change it again to retry.',
	nothingItShowsSaysThat: 'Nothing it shows says that anything is alive. A hand in this box would find out.',
	itShowsWhatIsAlive: 'It shows what is alive.',
	itCallsLiveWhatOnly: 'It calls live what only floats. Drained by a load, it is gone.',
	betweenDeadAndLiveIt: 'Between dead and live: it is read again with a load across it, and then it is gone.',
	nothingIsAliveAndIt: 'Nothing is alive, and it doesn’t say so.'
};
