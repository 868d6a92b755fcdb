export const words = {
	switchedOff: 'switched off',
	power: 'Power',
	main: 'main',
	ma: (tripMa: string | number, on: string | number) => `${tripMa} mA ${on}`,
	pluggedIn: 'Plugged in',
	unplug: 'unplug',
	nothing: 'Nothing.',
	whatToPlugIn: 'What to plug in',
	where: 'Where',
	plugIn: 'plug in',
	tooMuch: (share: string | number) => `too much, ${share} %`,
	otherS: (breaker: string | number) => `Other ${breaker}s`,
	dim: (share: string | number) => `dim, ${share} %`
};
