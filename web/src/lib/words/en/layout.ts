export const words = {
	views: 'Views',
	spaceLow:
		'Less than 200 MB are free where the records are kept. Free some soon: without space nothing new is kept.'
};
