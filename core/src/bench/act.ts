import {
	allBreakers,
	deviceModel,
	findBox,
	mainSwitch,
	settle,
	withBox,
	withBreakers,
	type Box,
	type House,
	type Settled
} from '../house';
import { mistakesOf } from '../mistakes';
import { regions } from '../rules';
import { addCable, removeCable } from './cables';
import { pressTest, pressTester, resetDevice } from './device';
import type { BenchEvent } from './events';
import { gonePlaces, land, landTail, stripped, wiresAt } from './landing';
import { changed, refuse, unknown, type BenchRefusal, type Changed } from './refusal';

/** Watts of what can be plugged in, by region; a lamp and a radio draw alike everywhere. */
export const loadW: Record<string, Record<'us' | 'uk', number>> = {
	lamp: { us: 60, uk: 60 },
	radio: { us: 10, uk: 10 },
	kettle: { us: 1500, uk: 3000 },
	heater: { us: 1500, uk: 2000 }
};

export type Acted =
	{ readonly ok: true; readonly settled: Settled } | { readonly ok: false; readonly refusal: BenchRefusal };

/** Does one thing at the bench, and lets open what then opens. The house is never changed in place. */
export function act(house: House, boxId: string, event: BenchEvent): Acted {
	if (event.kind === 'pressTest') return pressTest(house, boxId);
	if (event.kind === 'pressTester') {
		const device = findBox(house, boxId)!.device;
		return device && deviceModel(device).halves.includes(event.half)
			? { ok: true, settled: pressTester(house, boxId, event.half) }
			: unknown('half', event.half);
	}
	const made = change(house, boxId, event);
	return made.ok ? { ok: true, settled: settle(made.house) } : made;
}

function change(
	house: House,
	boxId: string,
	event: Exclude<BenchEvent, { kind: 'pressTest' | 'pressTester' }>
): Changed {
	const box = findBox(house, boxId)!;
	const inBox = (alter: (box: Box) => Box): Changed => changed(withBox(house, boxId, alter));
	const ofConductor = (
		cable: string,
		conductor: string,
		alter: (end: Box['terminations'][number]) => Box['terminations'][number]
	): Changed =>
		box.terminations.some((each) => each.cable === cable && each.conductor === conductor)
			? inBox((each) => ({
					...each,
					terminations: each.terminations.map((end) =>
						end.cable === cable && end.conductor === conductor ? alter(end) : end
					)
				}))
			: unknown('conductor', `${cable}/${conductor}`);
	switch (event.kind) {
		case 'land':
			return land(house, box, event, ofConductor);
		case 'landTail':
			return landTail(house, box, event);
		case 'strip':
			return ofConductor(event.cable, event.conductor, (end) => stripped(house, end, event.mm));
		case 'mark':
			return ofConductor(event.cable, event.conductor, ({ mark: _mark, tape: _tape, ...end }) => ({
				...end,
				...(event.tape ? { tape: event.tape } : {}),
				...(event.text ? { mark: event.text } : {})
			}));
		case 'joint':
			return ofConductor(event.cable, event.conductor, ({ open: _open, resistanceOhm: _ohm, ...end }) => ({
				...end,
				...(event.state === 'open'
					? { open: true as const }
					: event.state === 'good'
						? {}
						: { resistanceOhm: event.state })
			}));
		case 'touch':
			if (box.material !== 'metal') return refuse({ code: 'noMetal' });
			return ofConductor(event.cable, event.conductor, ({ touches: _touches, ...end }) => ({
				...end,
				...(event.touches ? { touches: 'box' as const } : {})
			}));
		case 'makeTail': {
			if (box.pigtails.some(({ id }) => id === event.tail))
				return refuse({ code: 'idTaken', id: event.tail });
			const { tail: id, role, colour, from, to } = event;
			// Made loose, then put where it goes, one end after the other: each end is refused as any wire would be.
			const loose = withBox(house, boxId, (each) => ({
				...each,
				pigtails: [...each.pigtails, { id, role, colour, from: 'bare', to: 'bare' }]
			}));
			const begun = landTail(loose, findBox(loose, boxId)!, {
				kind: 'landTail',
				tail: id,
				end: 'from',
				at: from
			});
			return begun.ok
				? landTail(begun.house, findBox(begun.house, boxId)!, {
						kind: 'landTail',
						tail: id,
						end: 'to',
						at: to
					})
				: begun;
		}
		case 'removeTail':
			return box.pigtails.some(({ id }) => id === event.tail)
				? inBox((each) => ({ ...each, pigtails: each.pigtails.filter(({ id }) => id !== event.tail) }))
				: unknown('tail', event.tail);
		case 'makeJoint':
			if (box.joints.some(({ id }) => id === event.joint))
				return refuse({ code: 'idTaken', id: event.joint });
			return inBox((each) => ({ ...each, joints: [...each.joints, { id: event.joint, how: event.how }] }));
		case 'removeJoint': {
			if (!box.joints.some(({ id }) => id === event.joint)) return unknown('joint', event.joint);
			const wires = wiresAt(box, `joint:${event.joint}`);
			if (wires > 0) return refuse({ code: 'jointInUse', wires });
			return inBox((each) => ({ ...each, joints: each.joints.filter(({ id }) => id !== event.joint) }));
		}
		case 'breakTab': {
			const { device } = box;
			if (device?.kind !== 'duplex' || !device.tabs[event.which])
				return refuse({ code: 'noTab', which: event.which });
			return inBox((each) => ({
				...each,
				device: { ...device, tabs: { ...device.tabs, [event.which]: false } }
			}));
		}
		case 'fit': {
			const gone = gonePlaces(box, event.device);
			if (gone > 0) return refuse({ code: 'deviceInUse', wires: gone });
			const halves = deviceModel(event.device).halves;
			return changed({
				...withBox(house, boxId, (each) => ({ ...each, use: 'outlet', device: event.device })),
				loads: house.loads.filter((load) => load.box !== boxId || halves.includes(load.half))
			});
		}
		case 'takeOut': {
			if (!box.device) return refuse({ code: 'noDevice' });
			const wires = gonePlaces(box, undefined);
			if (wires > 0) return refuse({ code: 'deviceInUse', wires });
			const bare = withBox(house, boxId, ({ device: _device, ...each }) => each);
			return changed({ ...bare, loads: house.loads.filter((load) => load.box !== boxId) });
		}
		case 'material':
			if (event.material === 'plastic' && touchesMetal(box))
				return refuse({ code: 'jointInUse', wires: wiresAt(box, 'box') || 1 });
			return inBox((each) => ({ ...each, material: event.material }));
		case 'turnSwitch':
			return turnSwitch(house, box, event);
		case 'breaker': {
			const known = [
				...allBreakers(house).map(({ id }) => id),
				...house.panels.map(({ id }) => mainSwitch(id))
			];
			return known.includes(event.id)
				? changed(withBreakers(house, { [event.id]: event.on }))
				: unknown('breaker', event.id);
		}
		case 'residualDevice':
			if (!house.panels.some(({ residualDevices }) => residualDevices.some(({ id }) => id === event.id)))
				return unknown('breaker', event.id);
			return changed({
				...house,
				panels: house.panels.map((panel) => ({
					...panel,
					residualDevices: panel.residualDevices.map((each) =>
						each.id === event.id ? { ...each, on: event.on } : each
					)
				}))
			});
		case 'plug':
			return plug(house, event);
		case 'unplug':
			return house.loads.some(({ id }) => id === event.id)
				? changed({ ...house, loads: house.loads.filter(({ id }) => id !== event.id) })
				: unknown('load', event.id);
		case 'reset': {
			const pushed = resetDevice(house, boxId);
			return pushed.ok ? inBox((each) => ({ ...each, device: pushed.device })) : pushed;
		}
		case 'mistake': {
			const made = mistakesOf(house, boxId)
				.find(({ id }) => id === event.id)
				?.apply(house);
			return made ? changed(made) : refuse({ code: 'mistakeNotHere' });
		}
		case 'addCable':
			return addCable(house, box, event);
		case 'removeCable':
			return removeCable(house, box, event.id);
	}
}

const touchesMetal = (box: Box): boolean =>
	wiresAt(box, 'box') > 0 || box.terminations.some(({ touches }) => touches);

function turnSwitch(
	house: House,
	box: Box,
	{ half, on }: Extract<BenchEvent, { kind: 'turnSwitch' }>
): Changed {
	const { device } = box;
	const to = (next: NonNullable<Box['device']>) =>
		changed(withBox(house, box.id, (each) => ({ ...each, device: next })));
	if (device?.kind === 'switch' || device?.kind === 'fusedSpur') return to({ ...device, on });
	const socket =
		device?.kind === 'socketSingle' || device?.kind === 'socketTwin' || device?.kind === 'socketRcd'
			? device
			: null;
	if (!socket?.switched) return refuse({ code: 'noSwitch' });
	if (half !== 'left' && half !== 'right' && half !== 'only') return unknown('half', String(half));
	const off = (socket.off ?? []).filter((each) => each !== half);
	return to({ ...socket, off: on ? off : [...off, half] });
}

function plug(house: House, { box: boxId, half, what, id }: Extract<BenchEvent, { kind: 'plug' }>): Changed {
	const device = findBox(house, boxId)?.device;
	if (!device || !deviceModel(device).halves.includes(half)) return unknown('half', `${boxId} ${half}`);
	if (house.loads.some((load) => load.id === id)) return refuse({ code: 'idTaken', id });
	if (house.loads.some((load) => load.box === boxId && load.half === half))
		return refuse({ code: 'halfTaken' });
	const resistanceOhm = regions[house.region].supply.nominalV ** 2 / loadW[what]![house.region];
	return changed({
		...house,
		loads: [...house.loads, { id, name: what, box: boxId, half, resistanceOhm, on: true }]
	});
}
