export const words = {
	more: (count: number) => `; ${count} more`,
	notTested: 'not tested',
	directoryWaryHand: (name: string | number) => `Directory · ${name} · Wary Hand`,
	house: 'House',
	print: 'Print',
	mainA: (name: string | number, place: string | number, mainRatingA: string | number) =>
		`${name} · ${place} · main ${mainRatingA} A`,
	feeds: 'feeds',
	proof: 'proof',
	places: (proven: string | number) => `${proven} places`,
	rcdMaWays: (k: string | number, tripMa: string | number, panel: string | number) =>
		`RCD ${k}, ${tripMa} mA: ways ${panel}`,
	pressEachTestButtonEvery: (panel: string | number) => `${panel}. Press each test button every six months.`,
	notPlaced: (unplaced: string | number) => `Not placed: ${unplaced}.`,
	foundByTestOnThat: (outlet: string | number, capital: string | number) =>
		`✓ found by test on that date: switched off, and the ${outlet} went dark or read dead. ${capital}: what a label says. Off is not dead: prove it where you work.`,
	labelWrong: (day: string | number) => `✗ label wrong, ${day}`
};
