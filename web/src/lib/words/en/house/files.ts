export const words = {
	inAndOut: 'In and out',
	directoryAsCsv: 'Directory as CSV',
	outletsAsCsv: 'Outlets as CSV',
	houseFile: 'House file',
	takeIn: 'Take in',
	chooseAFile: 'Choose a file',
	showWhatWouldChange: 'Show what would change',
	nothingWasTaken: 'Nothing was taken.',
	andMore: (shownAtMost: string | number) => `and ${shownAtMost} more`,
	nothingWouldChangeTheRecord: 'Nothing would change: the record says all of it already.',
	rowsAsTheyAre: (unchanged: string | number) => `, ${unchanged} rows as they are`,
	change: (edits: string | number, preview: string | number) => `change${edits}${preview}:`,
	takeThem: 'Take them',
	leaveIt: 'Leave it',
	chooseAFileOrPaste: 'Choose a file or paste its text.',
	thatIsLargerThan0: 'That is larger than 0.9 MB.',
	theServerCantBeReached: 'The server can’t be reached. Try again.',
	beginsWithNoSpaceNumber: 'Begins with no space number: write “14 15 Sewing room”.',
	theRatingIsnt1To: 'The rating isn’t 1 to 200 A.',
	noRoomBeforeTheColon: 'No room before the colon.',
	isThereAlready: 'Is there already.',
	thatSpaceIsTakenOr: 'That space is taken, or a two-pole breaker can’t sit there.',
	thisIsntJsonABracket: 'This isn’t JSON: a bracket, comma or quote is missing or too many.',
	thisHomeIsTheFile: (editor: string | number, parsed: string | number) =>
		`This home is ${editor}, the file ${parsed}.`,
	theWholeRecordIsReplaced: (
		name: string | number,
		parsed: string | number,
		circuits: string | number,
		boxes: string | number
	) => `The whole record is replaced by “${name}”: ${parsed} breakers, ${circuits} circuits, ${boxes} boxes.`,
	takenIn: (kind: string | number) => `${kind} taken in`,
	changeTakenUndoTakesThem: (count: string | number, count2: string | number) =>
		`${count} change${count2} taken. Undo takes them all back.`,
	roomsAndOutlets: 'rooms and outlets',
	orItsTextCsvOr: 'or its text: CSV, or a breaker a line as on the door: 14 15 Sewing room',
	orItsTextCsvOr2: 'or its text: CSV, or a room a line: Sewing room: east wall, door'
};
