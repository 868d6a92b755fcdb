import { beside, findBox, isJumper, withBox } from '../lookup';
import type { House } from '../schema';
import { changed, refused, type Changed } from './chain';
import type { EditOf } from './edits';
import { boxOfMaterial } from './material';

/** Wires from one device to the one beside it, m: typical. */
const jumperM = 0.2;

/** The house with this device in a box of its own; those that were beside it stay together. */
export function alone(house: House, boxId: string): House {
	const [heir, ...rest] = house.boxes.flatMap(({ id, inBoxWith }) => (inBoxWith === boxId ? [id] : []));
	return {
		...house,
		boxes: house.boxes.map((box) => {
			const { inBoxWith: was, ...own } = box;
			if (box.id === boxId || box.id === heir) return own;
			return rest.includes(box.id) ? { ...box, inBoxWith: heir! } : was === undefined ? own : box;
		})
	};
}

/** What is said of the box goes for every device in it: where it sits, what it is made of, and who else is in it. */
export function sharing(house: House, boxId: string, { inBoxWith }: EditOf<'setBox'>): Changed {
	if (inBoxWith === undefined) return changed(asOneBox(house, boxId));
	const apart = alone(house, boxId);
	if (inBoxWith === null) return changed(apart);
	const other = findBox(apart, inBoxWith);
	if (!other) return refused({ code: 'unknown', what: 'box', id: inBoxWith });
	if (other.id === boxId || other.room !== findBox(apart, boxId)!.room)
		return refused({ code: 'notBeside', box: boxId, with: inBoxWith });
	const first = other.inBoxWith ?? other.id;
	const joined = withBox(apart, boxId, (box) => ({ ...box, inBoxWith: first }));
	const cables = joined.cables.map((cable) =>
		isJumper(joined, cable) && cable.lengthM > 1 ? { ...cable, lengthM: jumperM } : cable
	);
	return changed(asOneBox({ ...joined, cables }, first));
}

/** Every device of a box as this one of them has it: room, material, and how large it is. */
function asOneBox(house: House, boxId: string): House {
	const { room, material, volumeIn3, depthMm } = findBox(house, boxId)!;
	const sizes = {
		...(volumeIn3 === undefined ? {} : { volumeIn3 }),
		...(depthMm === undefined ? {} : { depthMm })
	};
	return beside(house, boxId).reduce(
		(now, id) => withBox(now, id, (box) => ({ ...boxOfMaterial(now, box, material), ...sizes, room })),
		house
	);
}
