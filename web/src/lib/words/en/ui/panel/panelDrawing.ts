export const words = {
	ma: (tripMa: string | number) => `${tripMa} mA`,
	stayedLive: 'stayed live',
	noLabel: '(no label)',
	on: 'on',
	off: 'off',
	main: 'main',
	mainSwitch: 'main switch',
	spaceEmptyAdd: (space: string | number, aBreaker: string | number) =>
		`Space ${space}, empty: add ${aBreaker}`
};
