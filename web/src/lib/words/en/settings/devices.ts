export const words = {
	devices: 'Devices',
	thisServerAnswersTheWhole:
		'This server answers the whole local network. Besides this machine only paired devices get in. A link pairs one device, once.',
	thisServerAnswersThisMachine:
		'This server answers this machine only. To use a phone at the outlet, start it with',
	theCodeItPrintsLets: '; the code it prints lets the phone in.',
	pairedLastSeen: (moment: string | number, moment2: string | number) =>
		`paired ${moment}, last seen ${moment2}`,
	sendAway: 'Send away',
	noDeviceIsPairedYet: 'No device is paired yet.',
	pairAnotherDevice: 'Pair another device',
	qrCodeOfThePairing: 'QR code of the pairing link',
	scanItWithTheDevice: (goodForMin: string | number) =>
		`Scan it with the device, within ${goodForMin} minutes. Or type:`
};
