export const words = {
	elsewhere:
		'The server can’t be reached, and this was never fetched. When it is back, load the page anew: nothing saved is lost.',
	neverFetched:
		'The server can’t be reached, and this was never fetched. Touch nothing more; what is off and held stays so. When it is back, load the page anew: nothing entered is lost.',
	loadAnew: 'Load the page anew'
};
