import { deviceModel } from '../devices';
import { findBox } from '../lookup';
import type { House } from '../schema';
import { changed, refused, type Changed } from './chain';
import type { EditOf } from './edits';
import { freshId, idsOf } from './ids';

/** Resistance of a thing whose rating nobody gave: it has to be something, and a small load disturbs no reading, Ω. */
const unknownLoadOhm = 2000;

export function addLoad(
	house: House,
	{ box: boxId, half, name, matters, ratedW, continuous }: EditOf<'addLoad'>
): Changed {
	const box = findBox(house, boxId);
	if (!box) return refused({ code: 'unknown', what: 'box', id: boxId });
	const at = half ?? (box.device ? deviceModel(box.device).halves[0] : undefined);
	if (at === undefined) return refused({ code: 'notAnOutlet', box: boxId });
	const id = freshId(name, 'load', idsOf(house.loads));
	const load = {
		id,
		name,
		box: boxId,
		half: at,
		// Whether it runs when somebody measures nobody knows: as large as its label says it would disturb what is expected.
		resistanceOhm: unknownLoadOhm,
		on: true,
		...(matters ? { matters } : {}),
		...(ratedW === undefined ? {} : { ratedW }),
		...(continuous ? { continuous } : {})
	};
	return changed({ ...house, loads: [...house.loads, load] });
}

/** Watts of something plugged in, how long it runs and between which hours, as somebody has looked; and where it is plugged in. */
export function setLoad(
	house: House,
	{ load: id, box: boxId, ratedW, continuous, hours }: EditOf<'setLoad'>
): Changed {
	if (!house.loads.some((load) => load.id === id)) return refused({ code: 'unknown', what: 'load', id });
	const to = boxId === undefined ? null : findBox(house, boxId);
	if (to === undefined) return refused({ code: 'unknown', what: 'box', id: boxId! });
	const half = to?.device && deviceModel(to.device).halves[0];
	if (to && half === undefined) return refused({ code: 'notAnOutlet', box: to.id });
	return changed({
		...house,
		loads: house.loads.map((load) => {
			if (load.id !== id) return load;
			const { ratedW: wasW, continuous: was, hours: wasHours, ...rest } = load;
			const watts = ratedW === undefined ? wasW : (ratedW ?? undefined);
			const long = continuous ?? was;
			const when = hours === undefined ? wasHours : (hours ?? undefined);
			return {
				...rest,
				...(to && half ? { box: to.id, half } : {}),
				...(watts === undefined ? {} : { ratedW: watts }),
				...(long ? { continuous: true } : {}),
				...(when ? { hours: when } : {})
			};
		})
	});
}

export const removeLoad = (house: House, { load: gone }: EditOf<'removeLoad'>): Changed =>
	house.loads.some(({ id }) => id === gone)
		? changed({ ...house, loads: house.loads.filter(({ id }) => id !== gone) })
		: refused({ code: 'unknown', what: 'load', id: gone });
