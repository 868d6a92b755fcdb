export const words = {
	noOnAnotherCircuitIs: (outlet: string | number) =>
		`No ${outlet} on another circuit is on record. Add one to the house record, or stop here.`,
	broughtFrom: 'Brought from',
	expect: 'expect',
	lit: 'lit',
	contactlessTesterAtThe: (ground: string | number) => `contactless tester at the ${ground}`,
	takeTheReading: 'Take the reading',
	saveReading: 'Save reading',
	simulated: (instrument: string | number) => `simulated ${instrument}`,
	litAndAlarms: (ground: string | number) =>
		`It may be ALIVE: touch nothing metal here. Or the live slot beside it fools the tester. A known ${ground} will be brought, and one reading tells.`,
	litIsNotEnoughA: (ground: string | number, ground2: string | number) =>
		`Lit is not enough: a live ${ground} behind swapped wires lights the same. Without a contactless tester a known ${ground2} will be brought by an extension lead.`,
	theHereIsOneWires: (ground: string | number) => `The ${ground} here is one. Wires will be read to it.`,
	thisDoesntShowThatIt: (ground: string | number, ground2: string | number) =>
		`This ${ground} doesn’t show that it is one: open somewhere, or not connected. It can’t be read to. A known ${ground2} will be brought by an extension lead, and this one is noted as a worry.`,
	aKnownLeaveTheLead: (ground: string | number) =>
		`A known ${ground}. Leave the lead plugged in, and bring its end here.`,
	notAToRelyOn: (ground: string | number) => `Not a ${ground} to rely on. Try another one.`,
	theSimulatedInstrumentCantRead: 'The simulated instrument can’t read this. Say what you see instead.',
	sayWhatItShowed: 'Say what it showed.',
	sayWhatTheContactlessTester: 'Say what the contactless tester did.',
	plugInTesterLampBetween: (hot: string | number, ground: string | number) =>
		`plug-in tester, lamp between ${hot} and ${ground}`,
	itAlarms: 'it alarms there',
	silent: (ground: string | number, hot: string | number) =>
		`alarms at the ${hot} slot, silent at the ${ground}`,
	iHaveNone: (hot: string | number) => `I have none, or it is silent at the ${hot} slot too`,
	lampsAtTheEnd: 'What the three lamps show at the end of the lead'
};
