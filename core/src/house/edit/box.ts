import { deviceModel } from '../devices';
import { findBox, findBreaker, findCircuit, withBox } from '../lookup';
import { usualDevice } from '../standard';
import type { Box, Device, House } from '../schema';
import { changed, place, refitted, refused, rewire, unplace, type Changed } from './chain';
import type { EditOf } from './edits';
import { freshId, idsOf, sameName } from './ids';
import { regions } from '../../rules';

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
		case 'setBox': {
			const fitted = edit.device ? refitted(house, box.id, edit.device) : changed(house);
			if (!fitted.ok) return fitted;
			const { depthMm, volumeIn3 } = edit;
			const set = {
				...boxOfMaterial(house, findBox(fitted.house, box.id)!, edit.material ?? box.material),
				...(depthMm === undefined ? {} : { depthMm }),
				...(volumeIn3 === undefined ? {} : { volumeIn3 }),
				name: edit.name ?? box.name,
				room: edit.room ?? box.room
			};
			if (
				house.boxes.some(
					(other) => other !== box && other.room === set.room && sameName(other.name, set.name)
				)
			)
				return refused({ code: 'nameTaken', name: set.name });
			return changed(withBox(fitted.house, box.id, () => set));
		}
		case 'removeBox': {
			const off = unplace(house, box.id);
			if (!off.ok) return off;
			return changed({
				...off.house,
				boxes: off.house.boxes.filter(({ id }) => id !== box.id),
				loads: off.house.loads.filter((load) => load.box !== box.id),
				panels: off.house.panels.map((panel) => ({
					...panel,
					breakers: panel.breakers.map((breaker) => ({
						...breaker,
						findings: breaker.findings.filter((found) => found.box !== box.id)
					}))
				}))
			});
		}
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

/** A box said to be of metal or plastic: what was bonded to its metal goes with it, or comes. */
export function boxOfMaterial(house: House, box: Box, material: Box['material']): Box {
	if (material === box.material) return box;
	if (material === 'plastic')
		return {
			...box,
			material,
			terminations: box.terminations.map(({ touches: _gone, ...end }) =>
				end.at === 'box' ? { ...end, at: 'capped' } : end
			),
			pigtails: box.pigtails.filter(({ from, to }) => from !== 'box' && to !== 'box')
		};
	const joint = box.joints.find(({ id }) => id === 'ground');
	const earth = box.device && deviceModel(box.device).terminals.find(({ role }) => role === 'ground');
	const id = freshId('box-bond', 'tail', idsOf(box.pigtails));
	const { joins, boxBond } = regions[house.region].custom;
	const tail = { id, role: 'ground' as const, ...boxBond };
	const bond =
		joins === 'splices'
			? joint
				? [{ ...tail, from: 'joint:ground', to: 'box' }]
				: []
			: earth
				? [{ ...tail, from: 'box', to: `terminal:${earth.name}` }]
				: [];
	return {
		...box,
		material,
		pigtails: box.terminations.length > 0 ? [...box.pigtails, ...bond] : box.pigtails
	};
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

/** Resistance of a thing whose rating nobody gave: it has to be something, and a small load disturbs no reading, Ω. */
const unknownLoadOhm = 2000;

export function addLoad(house: House, { box: boxId, half, name, matters }: EditOf<'addLoad'>): Changed {
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
		resistanceOhm: unknownLoadOhm,
		on: true,
		...(matters ? { matters } : {})
	};
	return changed({ ...house, loads: [...house.loads, load] });
}
