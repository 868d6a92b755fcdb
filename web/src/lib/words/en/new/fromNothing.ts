export const words = {
	spacesRange: (spaces: string) => `2 to 84 ${spaces}.`,
	usualPlace: { us: 'hall', uk: 'under the stairs' },
	panelIsIn: { us: 'Panel hangs in', uk: 'Consumer unit is' },
	exampleLine: { us: '14 15 Sewing room', uk: '3 32 Upstairs sockets' },
	exampleDirectory: {
		us: '1 15 Porch\n2 20 Kitchen\n5+7 30 Dryer\n14',
		uk: '1 32 Cooker\n2 32 Downstairs sockets\n3 6 Lights'
	},
	namesNoRoom: 'names no room',
	region: 'Region',
	nameOrAddress: 'Name or address',
	mainA: 'Main, A',
	theDirectoryAsItIs: (aBreaker: string | number, n332UpstairsSockets: string | number) =>
		`The directory as it is written, ${aBreaker} a line: ${n332UpstairsSockets}`,
	line: (line: string | number, problem: string | number, code: string | number) =>
		`line ${line}, “${problem}” ${code}`,
	roomsAndTheirSA: (outlet: string | number) => `Rooms and their ${outlet}s, a room a line`,
	bothFieldsMayStayEmpty: 'Both fields may stay empty; everything can be added and changed afterwards.',
	sRoomsSInYour: (
		breakers: string | number,
		breaker: string | number,
		rooms: string | number,
		boxes: string | number,
		outlet: string | number
	) =>
		`${breakers} ${breaker}s, ${rooms} rooms, ${boxes} ${outlet}s. In your own home you type what your instruments show.`,
	aMainSwitchOf10: 'A main switch of 10 to 400 A.',
	sewingRoomEastWallDoor: 'Sewing room: east wall, door\nHall: by the stairs',
	beginsWithNoNumberOf: 'begins with no number of a space here',
	theRatingIsnt1To: 'the rating isn’t 1 to 200 A',
	isThereAlready: 'is there already',
	doesntFitThatSpaceIs: 'doesn’t fit: that space is taken, or a two-pole breaker can’t sit there',
	aHomeNeedsAName: 'A home needs a name: its address, or what you call it.',
	beginning: 'Beginning …',
	beginWithThis: 'Begin with this',
	aFigureIsntUnderstoodIt: 'A figure isn’t understood; it is named beside its field.',
	aLineIsntUnderstoodIt: 'A line isn’t understood; it is named beside the field.'
};
