export const words = {
	nothingOpens: 'nothing opens',
	protection: 'Protection',
	noOutletOnTheCircuits: 'No outlet on the circuits in this box.',
	maFromEachHotContact: (leakMa: string | number) =>
		`${leakMa} mA from each hot contact to earth, one after the other.`,
	theDeviceHere: 'the device here',
	theDeviceAt: (boxPlace: string | number) => `the device at ${boxPlace}`,
	opensIn: (who: string | number, secondsWord: string | number) => `${who} opens in ${secondsWord}`,
	here: 'Here',
	rcd: (device: string | number) => `RCD ${device}`
};
