import { editionsIn } from '../../rules';
import { changed, refused } from './chain';
import { freshId, idsOf, sameName } from './ids';
import type { Making } from './making';

/** Changes of the home as a whole, and of its rooms. */
export const atHome: Making<
	'renameHome' | 'setEarthing' | 'setEdition' | 'addRoom' | 'renameRoom' | 'removeRoom' | 'replaceHouse'
> = {
	renameHome: (house, { name }) => changed({ ...house, name }),
	setEarthing: (house, { earthing }) => changed({ ...house, service: { ...house.service, earthing } }),
	setEdition: (house, { edition }) =>
		editionsIn[house.region].includes(edition)
			? changed({ ...house, edition })
			: refused({ code: 'otherBook', edition }),
	addRoom: (house, edit) =>
		house.rooms.some(({ name }) => sameName(name, edit.name))
			? refused({ code: 'nameTaken', name: edit.name })
			: changed({
					...house,
					rooms: [...house.rooms, { id: freshId(edit.name, 'room', idsOf(house.rooms)), name: edit.name }]
				}),
	renameRoom: (house, edit) => {
		if (!house.rooms.some(({ id }) => id === edit.room))
			return refused({ code: 'unknown', what: 'room', id: edit.room });
		if (house.rooms.some(({ id, name }) => id !== edit.room && sameName(name, edit.name)))
			return refused({ code: 'nameTaken', name: edit.name });
		return changed({
			...house,
			rooms: house.rooms.map((room) => (room.id === edit.room ? { ...room, name: edit.name } : room))
		});
	},
	removeRoom: (house, { room }) => {
		const boxes = house.boxes.filter((box) => box.room === room).length;
		return boxes > 0
			? refused({ code: 'roomInUse', room, boxes })
			: changed({ ...house, rooms: house.rooms.filter(({ id }) => id !== room) });
	},
	replaceHouse: (house, edit) =>
		edit.house.region === house.region
			? changed(edit.house)
			: refused({ code: 'otherRegion', region: edit.house.region })
};
