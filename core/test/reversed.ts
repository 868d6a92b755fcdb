import { here } from '../src/arrangements';
import type { House } from '../src/house';

/** A through-fed middle of a run, but in the walls the cable that the record calls onward is the supply. */
export const reversed = (house: House): House => ({
	...house,
	cables: house.cables.map((cable) =>
		cable.id === 'c2'
			? { ...cable, to: { box: here }, from: { box: 'after' } }
			: cable.id === 'c3'
				? { ...cable, from: { box: 'before' }, to: { box: here } }
				: cable
	),
	boxes: house.boxes.map((box) => ({
		...box,
		terminations: box.terminations.map((end) =>
			box.id === 'before' && end.cable === 'c2'
				? { ...end, cable: 'c3' }
				: box.id === 'after'
					? { ...end, cable: 'c2' }
					: end
		)
	}))
});
