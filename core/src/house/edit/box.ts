import { deviceModel } from '../devices';
import { beside, findBox, findBreaker, findCircuit, isJumper, withBox } from '../lookup';
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
			return sharing(
				withBox(fitted.house, box.id, () => set),
				box.id,
				edit
			);
		}
		case 'removeBox': {
			const off = unplace(house, box.id);
			if (!off.ok) return off;
			return changed({
				...off.house,
				boxes: alone(off.house, box.id).boxes.filter(({ id }) => id !== box.id),
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

/** Wires from one device to the one beside it, m: typical. */
const jumperM = 0.2;

/** The house with this device in a box of its own; those that were beside it stay together. */
function alone(house: House, boxId: string): House {
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
function sharing(house: House, boxId: string, { inBoxWith }: EditOf<'setBox'>): Changed {
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
		isJumper(joined, cable) && (cable.from as { box?: string }).box !== undefined && cable.lengthM > 1
			? { ...cable, lengthM: jumperM }
			: cable
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

/** Watts of something plugged in, and how long it runs, as somebody has looked. */
export function setLoad(house: House, { load: id, ratedW, continuous }: EditOf<'setLoad'>): Changed {
	if (!house.loads.some((load) => load.id === id)) return refused({ code: 'unknown', what: 'load', id });
	return changed({
		...house,
		loads: house.loads.map((load) => {
			if (load.id !== id) return load;
			const { ratedW: wasW, continuous: was, ...rest } = load;
			const watts = ratedW === undefined ? wasW : (ratedW ?? undefined);
			const long = continuous ?? was;
			return {
				...rest,
				...(watts === undefined ? {} : { ratedW: watts }),
				...(long ? { continuous: true } : {})
			};
		})
	});
}
