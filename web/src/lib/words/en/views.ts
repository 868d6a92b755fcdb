import type { Region } from '@wary/core/rules';
import { terms } from './terms';

/** The views of a home, by their path under it, as navigation names them. */
export const views = [
	{ path: '', text: 'Today' },
	{ path: '/house', text: 'House' },
	{ path: '/bench', text: 'Bench' },
	{ path: '/log', text: 'Log' },
	{ path: '/settings', text: 'Settings' }
] as const;

/** Views about the house as a whole, gone to from one another. */
export const houseViews = [
	{ path: '/house', text: 'House' },
	{ path: '/load', text: 'Load' },
	{ path: '/protection', text: 'Protection' },
	{ path: '/rules', text: 'Rules' },
	{ path: '/shopping', text: 'Shopping' }
] as const;
export const houseViewsName = 'About the house';

export const themeWords = {
	auto: 'as the device',
	dark: 'dark',
	light: 'light'
} as const;

/** Of the palette: what it asks for, and what it says under each kind of thing. */
export const paletteWords = (region: Region) => ({
	open: 'Search',
	placeholder: `An ${terms[region].outlet === 'outlet' ? 'outlet' : 'outlet or room'}, ${terms[region].aBreaker}, a view …`,
	none: 'Nothing by that name.',
	away: 'The places of this home can’t be fetched just now; the views can be gone to.',
	outlet: terms[region].outlet,
	breaker: (label: string) => (label ? `${terms[region].breaker}, “${label}”` : terms[region].breaker),
	job: 'Job under way',
	view: 'View',
	find: (place: string) => `Find the ${terms[region].breaker} of ${place}`,
	directory: `Print the directory of the ${terms[region].panel}`,
	houseFile: 'Take the house file out',
	addHome: 'Add a home'
});
