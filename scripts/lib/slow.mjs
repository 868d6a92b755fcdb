/** Tests that take as long as all the others: walks, people who slip, proofs drawn by the thousand. They run beside the rest. */
export const longest = ['walk.long', 'slips.long', 'neverProven.long', 'hands.long'];

/** Over some five seconds each: left out of `npm run check`, which is for while one works. */
export const slow = [
	'.long',
	'wiring/wiring',
	'job/findings',
	'job/work',
	'job/proofOfDead',
	'job/landAt',
	'job/reopen',
	'job/anew',
	'job/whole',
	'job/decide',
	'inference/suspects',
	'search/search',
	'replacement/choose',
	'replacement/admitted',
	'edit/cable',
	'words/safety',
	'words/rows',
	'words/work',
	'words/catalogue',
	'ui/controls',
	'network/ngspice'
];
