export const words = {
	views: 'Views',
	search: 'Search',
	theme: (theme: string | number) => `theme: ${theme}`
};
