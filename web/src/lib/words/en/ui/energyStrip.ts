export const words = {
	away: {
		server: 'Server away',
		databaseAway: 'Records away',
		busy: 'Records held up',
		diskFull: 'No disk space for the records',
		damaged: 'The records are damaged'
	},
	goesOn: (away: string, unsent: number) => `${away}: work goes on here, ${unsent} to send`,
	stillHere: (minutes: number) => `Lapses in ${minutes} min: still here, nothing changed`,
	stillHereNote: 'Still here, nothing changed.'
};
