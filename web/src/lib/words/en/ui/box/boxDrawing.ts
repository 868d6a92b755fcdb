export const words = {
	inTheBox: ' (in the box)',
	joint: 'joint ',
	boxDeviceSeenFromThe: (material: string | number, back: string | number, shared: boolean) =>
		`${material} box${shared ? ', shared with the device beside it' : ''}; device seen from the ${back}`,
	turnOver: 'turn over',
	theSameInWords: 'The same in words',
	conductor: 'conductor',
	role: 'role',
	endsAt: 'ends at',
	theBoxAsPlanned: (boxPlace: string | number) => `The box at ${boxPlace} as planned`,
	theBoxAtAsRecorded: (boxPlace: string | number) => `The box at ${boxPlace} as recorded`,
	the: (panel: string | number) => `the ${panel}`,
	cable: (goesTo: string | number) => `, cable ${goesTo}`
};
