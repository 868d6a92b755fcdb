export const words = {
	itsPanelCircuitsCablesAnd: 'Its panel, circuits, cables and boxes, in JSON. The documentation (',
	saysHowToWriteOne: ') says how to write one; any home here can be taken out as a file to start from.',
	chooseTheHouseFile: 'Choose the house file',
	orItsText: 'or its text',
	chooseAHouseFileOr: 'Choose a house file, or paste one.',
	reading: 'Reading …',
	addThisHome: 'Add this home'
};
