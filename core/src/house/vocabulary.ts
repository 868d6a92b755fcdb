/*
 * Closed lists that a house is described with. Apart from its schema, so that a page which offers them as choices doesn't carry what parses a house.
 */

/** What a thing on a circuit is to the people of the house, where its going off matters. */
export const matters = ['router', 'freezer', 'alarm', 'medical', 'pump', 'light', 'clock', 'work'] as const;
export type Matters = (typeof matters)[number];

export const breakerTypes = ['plain', 'residual', 'arcFault', 'dualFunction', 'fuse'] as const;
export type BreakerType = (typeof breakerTypes)[number];

/** What a conductor is for, whatever its colour. */
export const roles = ['hot', 'neutral', 'ground', 'switchedHot'] as const;
export type Role = (typeof roles)[number];

/** Colours of insulation, and none. */
export const colours = [
	'black',
	'white',
	'grey',
	'red',
	'blue',
	'brown',
	'yellow',
	'green',
	'greenYellow',
	'bare'
] as const;
export type Colour = (typeof colours)[number];

/** Ways of holding a conductor. */
export const ways = ['hook', 'clampPlate', 'pushIn', 'pillar', 'twistOn', 'lever', 'crimp', 'screw'] as const;
export type How = (typeof ways)[number];

/** How many times a day one thing may run by its hours, chosen: more is “at any time”. */
export const mostStretches = 6;
