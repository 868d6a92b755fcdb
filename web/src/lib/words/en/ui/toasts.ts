export const words = {
	putAway: 'Put away'
};
