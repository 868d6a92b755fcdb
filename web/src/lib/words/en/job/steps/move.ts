export const words = {
	held: 'Made, and it held',
	cameOut: 'It came out',
	done: 'Done',
	sitsSo: 'It sits so, and it held',
	elsewhere: 'It sat elsewhere',
	whereDidItSit: 'Where did it sit? Put it where it belongs, tighten, tug; then say where it was.',
	onNothing: 'on nothing'
};
