import { findBox, findBreaker, findCircuit, withBox } from '../lookup';
import { usualDevice } from '../standard';
import { isWallSwitch } from '../deviceState';
import { takenOff } from './switchBeside';
import type { Box, Device, House } from '../schema';
import { alone, sharing } from './beside';
import { boxOfMaterial } from './material';
import { changed, place, refitted, refused, rewire, unplace, type Changed } from './chain';
import type { EditOf } from './edits';
import { freshId, idsOf, sameName } from './ids';

/** Changes at boxes: their place in the chain, their names, what is plugged in. */
export function atBox(
	house: House,
	edit: EditOf<'addOutlet' | 'setBox' | 'removeBox' | 'placeBox' | 'unplaceBox' | 'wireBox'>
): Changed {
	const roomId = 'room' in edit ? edit.room : undefined;
	if (roomId !== undefined && !house.rooms.some(({ id }) => id === roomId))
		return refused({ code: 'unknown', what: 'room', id: roomId });
	if (edit.do === 'addOutlet') return addOutlet(house, edit);
	const box = findBox(house, edit.box);
	if (!box) return refused({ code: 'unknown', what: 'box', id: edit.box });
	switch (edit.do) {
		case 'setBox':
			return setBox(house, box, edit);
		case 'removeBox':
			return removeBox(house, box);
		case 'placeBox': {
			if (edit.spot.after !== 'panel' && edit.spot.after.box === box.id)
				return refused({ code: 'afterItself', box: box.id });
			const off = unplace(house, box.id);
			return off.ok ? place(off.house, box.id, edit.spot) : off;
		}
		case 'unplaceBox':
			return unplace(house, box.id);
		case 'wireBox':
			return rewire(house, box.id, edit.way);
	}
}

function setBox(house: House, box: Box, edit: EditOf<'setBox'>): Changed {
	const fitted = edit.device ? refitted(house, box.id, edit.device) : changed(house);
	if (!fitted.ok) return fitted;
	const { depthMm, volumeIn3, place: standing } = edit;
	const set = {
		...boxOfMaterial(house, findBox(fitted.house, box.id)!, edit.material ?? box.material),
		...(depthMm === undefined ? {} : { depthMm }),
		...(volumeIn3 === undefined ? {} : { volumeIn3 }),
		...(standing === undefined ? {} : { place: standing }),
		name: edit.name ?? box.name,
		room: edit.room ?? box.room
	};
	if (house.boxes.some((other) => other !== box && other.room === set.room && sameName(other.name, set.name)))
		return refused({ code: 'nameTaken', name: set.name });
	return sharing(
		withBox(fitted.house, box.id, () => set),
		box.id,
		edit
	);
}

/** What hung on it alone goes with it. */
function removeBox(house: House, box: Box): Changed {
	const off = isWallSwitch(box.device) ? takenOff(house, box.id) : unplace(house, box.id);
	if (!off.ok) return off;
	const boxes = alone(off.house, box.id).boxes.filter(({ id }) => id !== box.id);
	// What hung on it alone may have gone with it.
	const stays = new Set(boxes.map(({ id }) => id));
	return changed({
		...off.house,
		boxes,
		loads: off.house.loads.filter((load) => stays.has(load.box)),
		panels: off.house.panels.map((panel) => ({
			...panel,
			breakers: panel.breakers.map((breaker) => ({
				...breaker,
				findings: breaker.findings.filter((found) => stays.has(found.box))
			}))
		}))
	});
}

function addOutlet(house: House, { room, name, kind, ratingA, spot }: EditOf<'addOutlet'>): Changed {
	if (house.boxes.length >= 1000) return refused({ code: 'tooLarge', what: 'boxes' });
	if (house.boxes.some((other) => other.room === room && sameName(other.name, name)))
		return refused({ code: 'nameTaken', name });
	const circuit = spot && findCircuit(house, spot.circuit);
	const usual = usualDevice(house.region, (circuit && findBreaker(house, circuit.breaker)?.ratingA) ?? 15);
	const device = {
		...usual,
		...(kind && kind !== usual.kind ? bareDevice(kind) : {}),
		...(ratingA ? { ratingA } : {})
	} as Device;
	const id = freshId(`${room}-${name}`, 'outlet', idsOf(house.boxes));
	const box = { id, room, name, use: 'outlet' as const, device, material: 'metal' as const };
	const added = {
		...house,
		boxes: [...house.boxes, { ...box, joints: [], terminations: [], pigtails: [], worries: [], history: [] }]
	};
	return spot ? place(added, id, spot) : changed(added);
}

const bareDevice = (kind: 'duplex' | 'twoSlot' | 'single' | 'socketSingle' | 'socketTwin'): Device => {
	const common = {
		ratingA: kind.startsWith('socket') ? 13 : 15,
		tamperResistant: false,
		contacts: 'good' as const
	};
	switch (kind) {
		case 'duplex':
			return usualDevice('us', 15);
		case 'socketTwin':
			return usualDevice('uk', 32);
		case 'twoSlot':
		case 'single':
		case 'socketSingle':
			return { kind, ...common };
	}
};
