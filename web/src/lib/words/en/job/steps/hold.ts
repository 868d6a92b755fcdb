export const words = {
	strengthOf3: (strength: string | number) => `, strength ${strength} of 3`,
	lapsesMeansThatTheProof: (awayAfterMin: string | number) =>
		`“Lapses” means that the proof of dead no longer counts: whenever you go away, and after ${awayAfterMin} minutes without an entry.`,
	itIsHeld: 'It is held',
	printTheTag: 'Print the tag',
	theFuseAndItsCarrier: 'The fuse and its carrier in my pocket, the holder covered and tagged',
	clipAndPadlockTheOnly: 'Clip and padlock, the only key in my pocket',
	holdsWhileYouAreAway: 'Holds while you are away.',
	clipWithoutALock: 'Clip, without a lock',
	stopsAHandThatSlips: 'Stops a hand that slips, not one that means it.',
	somebodyStandsByThePanel: 'Somebody stands by the panel',
	asGoodAsTheyAre: 'As good as they are patient.',
	tapedOverTaggedDoorClosed: (panel: string | number) => `Taped over, tagged, ${panel} door closed`,
	asksOthersToBehave: 'Asks others to behave.',
	lapsesWhenYouLeave: ' Lapses when you leave.',
	notAmongYourThings: ' Not among your things.',
	strengthOf32: (strength: string | number) => `strength ${strength} of 3`
};
