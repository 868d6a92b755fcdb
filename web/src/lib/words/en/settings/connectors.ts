export const words = {
	title: 'Connectors you have',
	lead: 'A connector holds as many wires of a size as its own packet says, and no others. Copy its chart once: a plan then says which of yours makes each joint.',
	none: 'None is written down yet.',
	name: 'What you call it',
	kind: 'Kind',
	strip: 'Strip length, mm',
	chart: 'Its chart: a size and how many wires, a line each',
	example: { us: '14 AWG 2-5\n12 AWG 2-4', uk: '2.5 mm² 2-5\n4.0 mm² 2-3' },
	strips: (mm: number) => `, strips ${mm} mm`,
	row: (size: string, least: number, most: number) =>
		least === most ? `${most} × ${size}` : `${least} to ${most} × ${size}`,
	add: 'Write it down',
	remove: 'Remove',
	removeOf: (name: string) => `Remove ${name}`,
	nameNeeded: 'Give it a name that you know it by.',
	nameTaken: 'There is one by that name already.',
	stripRange: 'A strip length from 4 to 30 mm, or nothing.',
	chartNeeded: 'Copy its chart: without it nobody knows what it holds.',
	lineUnread: 'A line of the chart isn’t understood. It is named above.',
	problem: (line: number, text: string, what: string) => `Line ${line}, “${text}”: ${what}`,
	problems: {
		noSize: 'begins with no size that is used here',
		noCount: 'says no number of wires from 1 to 20',
		turnedRound: 'the first number is the larger',
		twice: 'this size stands there already'
	}
};
