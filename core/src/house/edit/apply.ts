import { checkHouse, type HouseProblem } from '../check';
import { deviceModel } from '../devices';
import { cablesInBox, findBox, findBreaker, findCircuit, panelOf, withBox } from '../lookup';
import { usualDevice, usualSize } from '../standard';
import { chainOfCircuit } from '../topology';
import type { Breaker, Device, House, Panel } from '../schema';
import { changed, place, refused, rewire, split, unplace, type Changed } from './chain';
import type { Edit, EditOf, EditRefusal } from './edits';
import { breakerIds, freshId, idsOf, sameName } from './ids';

export type Edited =
	| { readonly ok: true; readonly house: House }
	/** `edit`: which of several, from 0. */
	| {
			readonly ok: false;
			readonly edit: number;
			readonly refusal: EditRefusal | { readonly code: 'wouldBeWrong'; readonly problem: HouseProblem };
	  };

/** Makes changes one after another; all of them, or none and why. The result is a house without problems if the first was. */
export function editHouse(house: House, edits: readonly Edit[]): Edited {
	let now = house;
	for (const [k, edit] of edits.entries()) {
		const made = make(now, edit);
		if (!made.ok) return { ...made, edit: k };
		const next = supplyStillKnown(now, made.house);
		const problem = checkHouse(next)[0];
		if (problem) return { ok: false, edit: k, refusal: { code: 'wouldBeWrong', problem } };
		now = next;
	}
	return { ok: true, house: now };
}

/** Which cable feeds a box was found among the cables that were in it: where those are others now, the finding goes. */
function supplyStillKnown(before: House, after: House): House {
	const cablesOf = (house: House, id: string) =>
		cablesInBox(house, id)
			.map(({ cable }) => cable.id)
			.sort()
			.join();
	if (before.cables === after.cables || !after.boxes.some(({ supply }) => supply)) return after;
	return {
		...after,
		boxes: after.boxes.map((box) => {
			if (!box.supply || cablesOf(before, box.id) === cablesOf(after, box.id)) return box;
			const { supply: _gone, ...kept } = box;
			return kept;
		})
	};
}

function make(house: House, edit: Edit): Changed {
	switch (edit.do) {
		case 'renameHome':
			return changed({ ...house, name: edit.name });
		case 'addRoom':
			if (house.rooms.some(({ name }) => sameName(name, edit.name))) return refused({ code: 'nameTaken', name: edit.name });
			return changed({ ...house, rooms: [...house.rooms, { id: freshId(edit.name, 'room', idsOf(house.rooms)), name: edit.name }] });
		case 'renameRoom':
			if (!house.rooms.some(({ id }) => id === edit.room)) return refused({ code: 'unknown', what: 'room', id: edit.room });
			if (house.rooms.some(({ id, name }) => id !== edit.room && sameName(name, edit.name)))
				return refused({ code: 'nameTaken', name: edit.name });
			return changed({ ...house, rooms: house.rooms.map((room) => (room.id === edit.room ? { ...room, name: edit.name } : room)) });
		case 'removeRoom': {
			const boxes = house.boxes.filter(({ room }) => room === edit.room).length;
			if (boxes > 0) return refused({ code: 'roomInUse', room: edit.room, boxes });
			return changed({ ...house, rooms: house.rooms.filter(({ id }) => id !== edit.room) });
		}
		case 'setPanel':
		case 'addSubPanel':
		case 'removeSubPanel':
		case 'addBreaker':
		case 'setBreaker':
		case 'removeBreaker':
		case 'setResidual':
			return atPanel(house, edit);
		case 'addCircuit':
		case 'setCircuit':
		case 'removeCircuit':
		case 'splitCircuit':
			return atCircuit(house, edit);
		case 'addOutlet':
		case 'setBox':
		case 'removeBox':
		case 'placeBox':
		case 'unplaceBox':
		case 'wireBox':
			return atBox(house, edit);
		case 'addFinding':
			if (!findBreaker(house, edit.breaker)) return refused({ code: 'unknown', what: 'breaker', id: edit.breaker });
			if (!findBox(house, edit.box)) return refused({ code: 'unknown', what: 'box', id: edit.box });
			return changed(
				withBreaker(house, edit.breaker, (breaker) => ({
					...breaker,
					findings: [...breaker.findings, { finding: edit.finding, box: edit.box, on: edit.on, how: edit.how }]
				}))
			);
		case 'addLoad':
			return addLoad(house, edit);
		case 'removeLoad':
			if (!house.loads.some(({ id }) => id === edit.load)) return refused({ code: 'unknown', what: 'load', id: edit.load });
			return changed({ ...house, loads: house.loads.filter(({ id }) => id !== edit.load) });
		case 'replaceHouse':
			return edit.house.region === house.region ? changed(edit.house) : refused({ code: 'otherRegion', region: edit.house.region });
	}
}

const withPanel = (house: House, panelId: string, change: (panel: Panel) => Panel): House => ({
	...house,
	panels: house.panels.map((panel) => (panel.id === panelId ? change(panel) : panel))
});
const withBreaker = (house: House, breakerId: string, change: (breaker: Breaker) => Breaker): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((breaker) => (breaker.id === breakerId ? change(breaker) : breaker))
	}))
});
const byFirstSpace = (a: Breaker, b: Breaker) => a.spaces[0]! - b.spaces[0]! || (a.tandem ?? '').localeCompare(b.tandem ?? '');

type PanelEdit = EditOf<'setPanel' | 'addSubPanel' | 'removeSubPanel' | 'addBreaker' | 'setBreaker' | 'removeBreaker' | 'setResidual'>;
function atPanel(house: House, edit: PanelEdit): Changed {
	switch (edit.do) {
		case 'setPanel': {
			const { do: _, panel: panelId, ...fields } = edit;
			if (!house.panels.some(({ id }) => id === panelId)) return refused({ code: 'unknown', what: 'panel', id: panelId });
			return changed(withPanel(house, panelId, (panel) => ({ ...panel, ...fields })));
		}
		case 'addSubPanel': {
			const feeding = findBreaker(house, edit.breaker);
			if (!feeding) return refused({ code: 'unknown', what: 'breaker', id: edit.breaker });
			if (house.panels.length >= 8) return refused({ code: 'tooLarge', what: 'panels' });
			const panel: Panel = {
				id: freshId(edit.name, 'panel', idsOf(house.panels)),
				name: edit.name,
				place: edit.place,
				spaces: edit.spaces,
				mainRatingA: Math.max(10, feeding.ratingA),
				mainOn: true,
				fedFrom: { breaker: edit.breaker, lengthM: edit.lengthM, size: edit.size ?? usualSize(house.region, feeding.ratingA) },
				breakers: [],
				residualDevices: []
			};
			return changed({ ...house, panels: [...house.panels, panel] });
		}
		case 'removeSubPanel': {
			const panel = house.panels.find(({ id }) => id === edit.panel);
			if (!panel?.fedFrom) return refused({ code: 'unknown', what: 'panel', id: edit.panel });
			if (panel.breakers.length > 0) return refused({ code: 'panelInUse', panel: panel.id, breakers: panel.breakers.length });
			return changed({ ...house, panels: house.panels.filter((each) => each !== panel) });
		}
		case 'addBreaker': {
			const { do: _, panel: panelId, tandem, type, ...fields } = edit;
			if (!house.panels.some(({ id }) => id === panelId)) return refused({ code: 'unknown', what: 'panel', id: panelId });
			const main = house.panels[0]!.id === panelId;
			const added: Breaker = {
				id: freshId(`${main ? 'b' : `${panelId}-`}${fields.spaces[0]}${tandem ?? ''}`, 'b', breakerIds(house)),
				...fields,
				...(tandem ? { tandem } : {}),
				...(type && type !== 'plain' ? { type } : {}),
				on: true,
				findings: []
			};
			return changed(withPanel(house, panelId, (panel) => ({ ...panel, breakers: [...panel.breakers, added].sort(byFirstSpace) })));
		}
		case 'setBreaker': {
			const { do: _, breaker: breakerId, tandem, type, ...fields } = edit;
			if (!findBreaker(house, breakerId)) return refused({ code: 'unknown', what: 'breaker', id: breakerId });
			const set = withBreaker(house, breakerId, ({ tandem: wasTandem, type: wasType, ...breaker }) => {
				const nowTandem = tandem === undefined ? wasTandem : tandem;
				const nowType = type ?? wasType;
				return {
					...breaker,
					...fields,
					...(nowTandem ? { tandem: nowTandem } : {}),
					...(nowType && nowType !== 'plain' ? { type: nowType } : {})
				};
			});
			return changed({ ...set, panels: set.panels.map((panel) => ({ ...panel, breakers: [...panel.breakers].sort(byFirstSpace) })) });
		}
		case 'removeBreaker': {
			if (!findBreaker(house, edit.breaker)) return refused({ code: 'unknown', what: 'breaker', id: edit.breaker });
			const circuits = house.circuits.filter(({ breaker }) => breaker === edit.breaker).map(({ name }) => name);
			const fed = house.panels.filter(({ fedFrom }) => fedFrom?.breaker === edit.breaker).map(({ name }) => name);
			if (circuits.length + fed.length > 0)
				return refused({ code: 'breakerInUse', breaker: edit.breaker, circuits: [...circuits, ...fed] });
			return changed({
				...house,
				panels: house.panels.map((panel) => ({
					...panel,
					breakers: panel.breakers.filter(({ id }) => id !== edit.breaker),
					residualDevices: panel.residualDevices
						.map((device) => ({ ...device, covers: device.covers.filter((id) => id !== edit.breaker) }))
						.filter(({ covers }) => covers.length > 0)
				}))
			});
		}
		case 'setResidual': {
			const { panel: panelId, residual, tripMa, ratingA, covers } = edit;
			const panel = house.panels.find(({ id }) => id === panelId);
			if (!panel) return refused({ code: 'unknown', what: 'panel', id: panelId });
			if (residual !== null && !panel.residualDevices.some(({ id }) => id === residual))
				return refused({ code: 'unknown', what: 'residual', id: residual });
			const id = residual ?? freshId(`rcd${panel.residualDevices.length + 1}`, 'rcd', idsOf(panel.residualDevices));
			const device = { id, tripMa, ratingA, covers, on: true };
			const others = panel.residualDevices
				.filter((each) => each.id !== residual)
				.map((each) => ({ ...each, covers: each.covers.filter((covered) => !covers.includes(covered)) }));
			const kept = (covers.length > 0 ? [...others, device] : others).filter((each) => each.covers.length > 0);
			return changed(withPanel(house, panelId, (each) => ({ ...each, residualDevices: kept.sort((a, b) => a.id.localeCompare(b.id)) })));
		}
	}
}

function atCircuit(house: House, edit: EditOf<'addCircuit' | 'setCircuit' | 'removeCircuit' | 'splitCircuit'>): Changed {
	const breakerId = 'breaker' in edit ? edit.breaker : undefined;
	if (breakerId !== undefined && !findBreaker(house, breakerId)) return refused({ code: 'unknown', what: 'breaker', id: breakerId });
	switch (edit.do) {
		case 'addCircuit':
			return changed(withCircuit(house, edit.name, edit.breaker).house);
		case 'setCircuit': {
			const circuit = findCircuit(house, edit.circuit);
			if (!circuit) return refused({ code: 'unknown', what: 'circuit', id: edit.circuit });
			const set = { ...circuit, name: edit.name ?? circuit.name, breaker: edit.breaker ?? circuit.breaker };
			const panel = panelOf(house, set.breaker)!.id;
			return changed({
				...house,
				circuits: house.circuits.map((each) => (each === circuit ? set : each)),
				cables: house.cables.map((cable) => (cable.circuit === circuit.id && 'panel' in cable.from ? { ...cable, from: { panel } } : cable))
			});
		}
		case 'removeCircuit': {
			if (!findCircuit(house, edit.circuit)) return refused({ code: 'unknown', what: 'circuit', id: edit.circuit });
			const boxes = chainOfCircuit(house, edit.circuit).length;
			if (boxes > 0) return refused({ code: 'circuitInUse', circuit: edit.circuit, boxes });
			return changed({ ...house, circuits: house.circuits.filter(({ id }) => id !== edit.circuit) });
		}
		case 'splitCircuit': {
			if (!findBox(house, edit.box)) return refused({ code: 'unknown', what: 'box', id: edit.box });
			const made = withCircuit(house, edit.name, edit.breaker);
			return split(made.house, edit.box, made.id, edit.breaker);
		}
	}
}

const withCircuit = (house: House, name: string, breaker: string): { house: House; id: string } => {
	const id = freshId(name, 'circuit', idsOf(house.circuits));
	return { id, house: { ...house, circuits: [...house.circuits, { id, name, breaker, arrangement: 'radial' }] } };
};

function atBox(house: House, edit: EditOf<'addOutlet' | 'setBox' | 'removeBox' | 'placeBox' | 'unplaceBox' | 'wireBox'>): Changed {
	const roomId = 'room' in edit ? edit.room : undefined;
	if (roomId !== undefined && !house.rooms.some(({ id }) => id === roomId)) return refused({ code: 'unknown', what: 'room', id: roomId });
	if (edit.do === 'addOutlet') return addOutlet(house, edit);
	const box = findBox(house, edit.box);
	if (!box) return refused({ code: 'unknown', what: 'box', id: edit.box });
	switch (edit.do) {
		case 'setBox': {
			const set = { ...box, name: edit.name ?? box.name, room: edit.room ?? box.room };
			if (house.boxes.some((other) => other !== box && other.room === set.room && sameName(other.name, set.name)))
				return refused({ code: 'nameTaken', name: set.name });
			return changed(withBox(house, box.id, () => set));
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
					breakers: panel.breakers.map((breaker) => ({ ...breaker, findings: breaker.findings.filter((found) => found.box !== box.id) }))
				}))
			});
		}
		case 'placeBox': {
			if (edit.spot.after !== 'panel' && edit.spot.after.box === box.id) return refused({ code: 'afterItself', box: box.id });
			const off = unplace(house, box.id);
			return off.ok ? place(off.house, box.id, edit.spot) : off;
		}
		case 'unplaceBox':
			return unplace(house, box.id);
		case 'wireBox':
			return rewire(house, box.id, edit.way);
	}
}

function addOutlet(house: House, { room, name, kind, ratingA, spot }: EditOf<'addOutlet'>): Changed {
	if (house.boxes.length >= 1000) return refused({ code: 'tooLarge', what: 'boxes' });
	if (house.boxes.some((other) => other.room === room && sameName(other.name, name))) return refused({ code: 'nameTaken', name });
	const circuit = spot && findCircuit(house, spot.circuit);
	const usual = usualDevice(house.region, (circuit && findBreaker(house, circuit.breaker)?.ratingA) ?? 15);
	const device = { ...usual, ...(kind && kind !== usual.kind ? bareDevice(kind) : {}), ...(ratingA ? { ratingA } : {}) } as Device;
	const id = freshId(`${room}-${name}`, 'outlet', idsOf(house.boxes));
	const box = { id, room, name, use: 'outlet' as const, device, material: 'metal' as const };
	const added = { ...house, boxes: [...house.boxes, { ...box, joints: [], terminations: [], pigtails: [], worries: [], history: [] }] };
	return spot ? place(added, id, spot) : changed(added);
}

const bareDevice = (kind: 'duplex' | 'twoSlot' | 'single' | 'socketSingle' | 'socketTwin'): Device => {
	const common = { ratingA: kind.startsWith('socket') ? 13 : 15, tamperResistant: false, contacts: 'good' as const };
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

function addLoad(house: House, { box: boxId, half, name, matters }: EditOf<'addLoad'>): Changed {
	const box = findBox(house, boxId);
	if (!box) return refused({ code: 'unknown', what: 'box', id: boxId });
	const at = half ?? (box.device ? deviceModel(box.device).halves[0] : undefined);
	if (at === undefined) return refused({ code: 'notAnOutlet', box: boxId });
	const id = freshId(name, 'load', idsOf(house.loads));
	const load = { id, name, box: boxId, half: at, resistanceOhm: unknownLoadOhm, on: true, ...(matters ? { matters } : {}) };
	return changed({ ...house, loads: [...house.loads, load] });
}
