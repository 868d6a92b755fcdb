export const words = {
	held: 'Made, and it held',
	cameOut: 'It came out',
	done: 'Done'
};
