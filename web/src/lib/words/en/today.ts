export const words = {
	todayWaryHand: (name: string | number) => `Today · ${name} · Wary Hand`,
	underWay: 'Under way',
	next: (next: string | number) => `next: ${next}`,
	begun: (day: string | number) => `begun ${day}`,
	nextAt: (name: string | number) => `Next at ${name}`,
	anEmptyHouseSoFar: 'An empty house, so far',
	putInTheItsDirectory: (
		panel: string | number,
		outlet: string | number,
		outlet2: string | number,
		breaker: string | number,
		outlet3: string | number
	) =>
		`Put in the ${panel}, its directory, rooms and ${outlet}s; five minutes are enough. Then each ${outlet2} can be looked at, its ${breaker} found, and the ${outlet3} replaced.`,
	putTheHouseIn: 'Put the house in',
	nothingIsWaiting: 'Nothing is waiting',
	everyWithAnOnIt: (breaker: string | number, outlet: string | number, outlet2: string | number) =>
		`Every ${breaker} with an ${outlet} on it was found by test, and no worry is on record. Choose any ${outlet2} below to look at it, or to replace it like for like.`,
	oneThingAtATime: 'One thing at a time',
	nothingElseIsWaitingAt: (name: string | number) =>
		`Nothing else is waiting at ${name}. Go on with the job under way.`,
	afterThat: 'After that',
	outletsOf: { us: 'Outlets', uk: 'Socket-outlets' },
	byRoom: (outlets: string | number) => `${outlets} by room`,
	aWorryIsOnRecord: 'a worry is on record',
	records: 'Records',
	takeThisHomesHouseFile: 'Take this home’s house file with you',
	aMadeUpHomeIts: '· A made-up home: its instruments are simulated.'
};
