import { arrangements } from '../src/arrangements';
import type { House } from '../src/house';

/** The box that `sharedNeutral` is about: the second on its run. */
export const behindShared = 'after';

/**
 * A three-wire cable to one outlet, and a two-wire one from there to the next: the neutral of that one serves both legs, and the other hot isn’t in its box. Two breakers of
 * one pole each, b1 and b2.
 */
export function sharedNeutral(): House {
	const two = arrangements.find(({ kind }) => kind === 'sharedNeutralMiddle')!.build();
	const isBlack = ({ cable, conductor }: { readonly cable: string; readonly conductor: string }) =>
		cable === 'c2' && conductor === 'hot';
	return {
		...two,
		cables: two.cables.map((cable) =>
			cable.id === 'c2'
				? {
						...cable,
						circuit: 'b',
						conductors: cable.conductors
							.filter(({ id }) => id !== 'hot')
							.map(({ circuit: _its, ...conductor }) => conductor)
					}
				: cable
		),
		boxes: two.boxes.map((box) => ({ ...box, terminations: box.terminations.filter((end) => !isBlack(end)) }))
	};
}

/** The handles of two breakers tied: what shares a neutral opens together. */
export const withTie = (house: House, one = 'b1', other = 'b2'): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((each) => (each.id === other ? { ...each, tiedWith: one } : each))
	}))
});
