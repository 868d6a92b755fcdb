export const words = {
	homes: 'Homes',
	searchHomes: 'Search homes',
	theListCantBeFetched: 'The list can’t be fetched just now.',
	tryAgain: 'Try again',
	oneMoment: 'One moment …',
	noHomeByThatName: 'No home by that name.',
	more: 'More',
	addAHome: 'Add a home'
};
