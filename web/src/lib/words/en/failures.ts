/** What a whole request can come to, in words: a title, and what to do. */
export const failureWords = {
	databaseAway: {
		title: 'The records can’t be reached just now',
		text: 'The server is here, and the database behind it is away for a moment. Nothing you recorded is lost. A job under way goes on here and is sent when it is back; other pages come back by themselves.'
	},
	busy: {
		title: 'Busy right now',
		text: 'The server is busy, or somebody else is changing the same records. Nothing was changed by this. Try again in a moment.'
	},
	diskFull: {
		title: 'No space is left for the records',
		text: 'The disk of the machine that keeps the records is full. Nothing that was recorded is lost, and nothing new is kept until there is space. Free some there: it goes on by itself. A job under way goes on here and is sent then.'
	},
	damaged: {
		title: 'A record can’t be read',
		text: 'The database says that a part of what it keeps is damaged. Stop Wary Hand, copy its data folder before anything else is tried, then bring back what is whole.'
	},
	unknownHost: {
		title: 'Not by that name',
		text: 'This server isn’t served under that name. Use the address that was printed when it started.'
	},
	otherSite: {
		title: 'Not from another page',
		text: 'A page of another site asked for this. It was not done.'
	},
	taken: {
		title: 'It is there already',
		text: 'Somebody was quicker, or this was asked twice. Go back and load the page again: it shows how things stand.'
	},
	gone: {
		title: 'What it belongs to is gone',
		text: 'Go back and load the page again: it shows how things stand.'
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

/** Why a form wasn’t taken, in words that fit any form; `own` comes first. */
export function failureText(
	failure: { readonly code: string },
	own: Readonly<Record<string, string>> = {}
): string {
	const said = Object.hasOwn(own, failure.code) ? own[failure.code] : undefined;
	return (
		said ??
		(Object.hasOwn(formFailures, failure.code) ? formFailures[failure.code]! : formFailures.unexpected)
	);
}
const formFailures: Readonly<Record<string, string>> & { readonly unexpected: string } = {
	unreachable: 'The server can’t be reached. What you entered is still here; try again.',
	databaseAway:
		'The records can’t be reached just now. What you entered is still here; try again in a moment.',
	malformed: 'That can’t be taken as it is. Nothing was saved.',
	notJson: 'This isn’t JSON: a bracket, comma or quote is missing or too many. Nothing was taken.',
	tooLarge: 'That is larger than 1 MB. Nothing was taken.',
	notPaired: 'This device has been sent away. Pair it again, then try again.',
	unknownHome: 'There is no such home any more. It may have been reset.',
	ruledOut:
		'A rule is in the way of what was planned: it is marked on the plan, with what would make it possible. No job was begun.',
	cannotPlan: 'This can’t be done as the record is now. Reload the page: the plan is made anew and says why.',
	tooManyPlans: 'A hundred plans are kept already. Take one off the shopping list first.',
	busy: 'Somebody else is changing the same just now. Nothing was changed by this; try again in a moment.',
	diskFull:
		'No space is left where the records are kept. What you entered is still here; free some there, then try again.',
	damaged:
		'A part of the records can’t be read: the database says it is damaged. What you entered is still here.',
	taken: 'It is there already: somebody was quicker, or this was asked twice. Load the page again.',
	gone: 'What it belongs to is gone. Load the page again.',
	conflict: 'The record was changed elsewhere meanwhile. What you see now is how it stands.',
	unexpected: 'The server did not take that. Reload the page and try again.'
};

/** Before something typed and not saved is left behind. */
export const leavingWords = {
	title: 'Leave without saving?',
	text: 'Something here isn’t saved yet. If you leave, it is lost.',
	stay: 'Stay here',
	leave: 'Leave without it'
};

export const savedNotice = 'Saved.';

/** Why the server didn't take an entry of a job, and what to do. */
export function sendTrouble(code: string): string {
	switch (code) {
		case 'timeWrong':
			return 'The server didn’t take the last entry: the time it was given can’t be. The clock of this device may be off. The entry is kept here.';
		case 'notPaired':
			return 'The server didn’t take the last entry: this device has been sent away. Pair it again, then send. The entry is kept here.';
		case 'idTaken':
			return 'The server didn’t take the last entry: another one has its number. It is kept here; leave it out and enter it anew.';
		case 'notOfThisJob':
			return 'The server didn’t take the last entry: it names an outlet that isn’t in this job. It is kept here; leave it out and enter it anew.';
		case 'olderProcedure':
			return 'Wary Hand has changed since this job was begun: it has to begin again. Reload the page, which says what to make safe first. What you entered is kept here.';
		case 'unknownJob':
		case 'unknownHome':
			return 'The server doesn’t know this job. It may have been reset. What you entered is kept here.';
		default:
			return 'The server didn’t take the last entry. It is kept here. Send it again, or leave it out and enter it anew.';
	}
}

/** After the server was away. */
export const allSent = 'The server is back. All that was entered here has been sent.';

/** What the server finds wrong with a home that is added. */
export const newHomeFailures = {
	houseFile: 'Something is wrong in the file. Nothing was taken.',
	slug: 'That name makes no address. Choose another, with letters or digits.',
	slugTaken: 'There is a home by that name already. Choose another name.'
};

/** The record edited in place. */
export const editorFailures = {
	unreachable: 'The server can’t be reached. That change was not saved; try again.',
	databaseAway: 'The records can’t be reached just now. That change was not saved; try again in a moment.'
};
export const editorWords = {
	noLongerFits:
		'The record was changed elsewhere meanwhile, and this no longer fits. What you see now is how it stands.',
	madeOnTop: 'The record was changed elsewhere meanwhile; your change was made on top.'
};

/** A photograph of a job. */
export const photoWords = {
	tooLarge: 'The picture is over 10 MB.',
	notAPicture: 'The server doesn’t take that as a picture.',
	heic: 'That is a HEIC picture, which can’t be read here. Set the camera to “most compatible” (JPEG), or take a screenshot of the picture and send that.',
	homeFull:
		'The photographs of this home take 500 MB already, and no more are taken. Those that are kept stay.',
	unreachable:
		'The server can’t be reached: the router may be off. The picture is kept here; send it again when it is back.'
};
