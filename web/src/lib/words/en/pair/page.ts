export const words = {
	pairThisDeviceWaryHand: 'Pair this device · Wary Hand',
	thatLinkIsUsedOr: 'That link is used or too old',
	aPairingLinkWorksOnce:
		'A pairing link works once, for ten minutes. Get a new one where Wary Hand is in use: Settings, Devices, “Pair another device”. Or start it anew and scan the code it prints.',
	pairThisDevice: 'Pair this device',
	itCanThenReadAnd: 'It can then read and change everything here, until you send it away in Settings.',
	whatDoYouCallIt: 'What do you call it?',
	giveItANameOf: 'Give it a name of 1 to 80 characters.',
	pairIt: 'Pair it'
};
