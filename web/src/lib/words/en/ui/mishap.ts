export const words = {
	title: 'This page stumbled.',
	text: 'What you pressed last may not be entered: look whether it stands here before you go on. What was entered before is kept.',
	again: 'Load the page again',
	putAway: 'Put away'
};
