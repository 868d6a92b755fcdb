export const words = {
	views: 'Views',
	search: 'Search',
	theme: (theme: string | number) => `theme: ${theme}`,
	themeSwitchTo: (theme: string | number, theme2: string | number) => `Theme: ${theme}; switch to ${theme2}`
};
