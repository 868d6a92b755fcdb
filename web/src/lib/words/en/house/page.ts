export const words = {
	homeRenamed: 'home renamed',
	anOutlet: { us: 'an outlet', uk: 'a socket' },
	takeBack: (what: string) => `Take back: ${what}`,
	houseWaryHand: (name: string | number) => `House · ${name} · Wary Hand`,
	nameOfTheHome: 'Name of the home',
	outletsOnCircuits: (x: string | number, boxes: string | number, circuits: string | number) =>
		`${x} · ${boxes} outlets on ${circuits} circuits`,
	undo: 'Undo',
	redo: 'Redo',
	printTheDirectory: 'Print the directory',
	tapToSayWhatIt: (aBreaker: string | number, panel: string | number) =>
		`Tap ${aBreaker} to say what it is, an empty space to add one, the main switch for the ${panel} itself. Arrow keys walk.`,
	whatIsSelected: 'What is selected',
	whatThisPageKnows: 'What this page knows',
	claimedByALabel: 'claimed by a label',
	somebodyWroteItNobodyHas: 'somebody wrote it; nobody has tested it',
	foundByTest: 'found by test',
	switchedOffAndWentDark: (outlet: string | number) =>
		`switched off, and ${outlet} went dark or read dead; how, is said beside it`,
	contradicted: 'contradicted',
	aTestContradictedTheLabel: 'a test contradicted the label; it isn’t trusted again until something is found',
	noIsOnRecordTap: (breaker: string | number) => `No ${breaker} is on record. Tap a space, or`,
	asItIsWrittenOn: 'as it is written on the door.',
	pasteTheDirectory: 'paste the directory',
	noRoomIsOnRecord: 'No room is on record.',
	addRoomsAndTheirOutlets: 'Add rooms and their outlets',
	everyTestMadeInA: (aBreaker: string | number) =>
		`Every test made in a job or a search is written here with its date. Choose ${aBreaker} to see its circuit as a chain.`,
	saving: 'Saving …',
	saved: 'Saved'
};
