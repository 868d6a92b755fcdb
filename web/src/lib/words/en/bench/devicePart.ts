export const words = {
	device: 'Device',
	pressTest: 'Press test',
	reset: 'Reset',
	ownSwitch: 'Switch',
	switchIs: (which: string, isOn: boolean) => `${which}: ${isOn ? 'on' : 'off'}`,
	tripped: 'tripped',
	pushedIn: 'pushed in',
	fuseBlown: 'fuse blown',
	noneInTheBox: 'None in the box.',
	aDeviceToFit: 'A device to fit',
	fitAnother: 'fit another …',
	fit: 'fit',
	takeOut: 'take out',
	breakTheSideTab: (which: string | number) => `Break the ${which}-side tab`,
	sideTabIsBroken: (capital: string | number) => `${capital}-side tab is broken`,
	noSwitches: ', no switches',
	light: (isOn: boolean) => `, light ${isOn ? 'on' : 'off'}`
};
