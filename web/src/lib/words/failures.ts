/** What a whole request can come to, in words: a title, and what to do. */
export const failureWords = {
	databaseAway: {
		title: 'The records can’t be reached just now',
		text: 'The server is here, and the database behind it is away for a moment. Nothing you recorded is lost. A job under way goes on here and is sent when it is back; other pages come back by themselves.'
	},
	unknownHost: {
		title: 'Not by that name',
		text: 'This server isn’t served under that name. Use the address that was printed when it started.'
	},
	malformed: { title: 'That address can’t be', text: 'Something in that address or request isn’t text.' },
	notPaired: {
		title: 'This device isn’t paired',
		text: 'Wary Hand serves paired devices only. Scan the QR code printed where it was started, or, on a device that is in, open Settings, Devices, and choose “Pair another device”.'
	},
	notFound: { title: 'Nothing here', text: 'There is nothing at this address.' },
	unexpected: {
		title: 'Something went wrong',
		text: 'Something went wrong here that should not have. Nothing you recorded is lost. Number:'
	}
} as const;

/** Why the server didn't take an entry of a job, and what to do. */
export function sendTrouble(code: string): string {
	switch (code) {
		case 'timeWrong':
			return 'The server didn’t take the last entry: the time it was given can’t be. The clock of this device may be off. The entry is kept here.';
		case 'notPaired':
			return 'The server didn’t take the last entry: this device has been sent away. Pair it again, then send. The entry is kept here.';
		case 'idTaken':
			return 'The server didn’t take the last entry: another one has its number. It is kept here; leave it out and enter it anew.';
		case 'unknownJob':
		case 'unknownHome':
			return 'The server doesn’t know this job. It may have been reset. What you entered is kept here.';
		default:
			return 'The server didn’t take the last entry. It is kept here. Send it again, or leave it out and enter it anew.';
	}
}

/** After the server was away. */
export const allSent = 'The server is back. All that was entered here has been sent.';
