export const words = {
	gone: (what: string) => `${what} gone`,
	loadOnCircuit: 'Load on this circuit, with what is plugged in',
	pluggedInHere: 'Plugged in here',
	nothingIsOnRecordA:
		'Nothing is on record. A router, a freezer, an alarm, medical equipment: put it in, and it is asked about before its circuit loses power.',
	what: 'What',
	mattersAs: 'matters as',
	nothingMuch: 'nothing much',
	inText: 'in',
	add: 'Add',
	pluggedIn: (name: string | number) => `${name} plugged in`,
	isNotPluggedInAny: (name: string | number) => `${name} is not plugged in any more`
};
