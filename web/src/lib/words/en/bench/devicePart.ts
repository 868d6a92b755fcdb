export const words = {
	device: 'Device',
	pressTest: 'Press test',
	reset: 'Reset',
	switchText: (on: string | number) => `Switch ${on}`,
	fuseBlown: 'fuse blown',
	noneInTheBox: 'None in the box.',
	aDeviceToFit: 'A device to fit',
	fitAnother: 'fit another …',
	fit: 'fit',
	takeOut: 'take out',
	breakTheSideTab: (which: string | number) => `Break the ${which}-side tab`,
	sideTabIsBroken: (capital: string | number) => `${capital}-side tab is broken`,
	noSwitches: ', no switches',
	light: (indicator: string | number) => `, light ${indicator}`
};
