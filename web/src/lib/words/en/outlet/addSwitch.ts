export const words = {
	title: 'A wall switch sits in the same box',
	why: 'Its wires are in reach of your hands when the outlet comes out. On record, it comes out in the same job, is read dead too, and goes back.',
	name: 'What you call the switch',
	usualName: (outlet: string) => `${outlet}, switch`,
	works: 'What it works',
	forInstance: 'ceiling light',
	fedBy: 'Its circuit',
	asTheOutlet: (name: string) => `${name}, as here`,
	onBreaker: (name: string, breaker: string) => `${name}, ${breaker}`,
	bothNames: 'Both names are needed: the job asks by them.',
	add: 'Put it on record',
	line: (name: string, outlet: string) => `${name}: in one box with ${outlet}`
};
