export const words = {
	tripTime: 'Trip time, s, if the tester shows one',
	noTime: 'A time of 0 to 60 s belongs here, or nothing.',
	tryIt: 'Try it',
	simulated: 'simulated',
	theSimulatedInstrumentCantBe: 'The simulated instrument can’t be reached. Try again.',
	itAlarms: 'It alarms',
	itStaysSilent: 'It stays silent',
	runTheTesterAlongIt: 'Run the tester along it',
	itHeld: 'It held',
	itCameOut: 'It came out',
	itHolds: 'It holds',
	itIsLoose: 'It is loose',
	itWorks: 'It works',
	itIsDark: 'It is dark',
	plugTheLampIn: 'Plug the lamp in',
	itTripped: 'It tripped',
	switchTheOn: (breaker: string | number) => `Switch the ${breaker} on`
};
