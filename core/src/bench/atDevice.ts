import { deviceModel, ownSwitches, tabsOf, turned, withBox, withTabs, type Box } from '../house';
import { inBox, type Doing } from './at';
import { resetDevice } from './device';
import { gonePlaces, wiresAt } from './landing';
import { changed, refuse, unknown } from './refusal';

/** What is done to the device and its box. */
export const atDevice: Doing<'breakTab' | 'fit' | 'takeOut' | 'material' | 'turnSwitch' | 'reset'> = {
	breakTab: (at, { which }) => {
		const { device } = at.box;
		return device && tabsOf(device)?.[which]
			? inBox(at, (box) => ({ ...box, device: withTabs(device, { [which]: false }) }))
			: refuse({ code: 'noTab', which });
	},
	fit: ({ house, box }, { device }) => {
		const gone = gonePlaces(box, device);
		if (gone > 0) return refuse({ code: 'deviceInUse', wires: gone });
		const { halves } = deviceModel(device);
		return changed({
			...withBox(house, box.id, (each) => ({ ...each, use: 'outlet', device })),
			loads: house.loads.filter((load) => load.box !== box.id || halves.includes(load.half))
		});
	},
	takeOut: ({ house, box }) => {
		if (!box.device) return refuse({ code: 'noDevice' });
		const wires = gonePlaces(box, undefined);
		if (wires > 0) return refuse({ code: 'deviceInUse', wires });
		const bare = withBox(house, box.id, ({ device: _device, ...each }) => each);
		return changed({ ...bare, loads: house.loads.filter((load) => load.box !== box.id) });
	},
	material: (at, { material }) =>
		material === 'plastic' && touchesMetal(at.box)
			? refuse({ code: 'jointInUse', wires: wiresAt(at.box, 'box') || 1 })
			: inBox(at, (box) => ({ ...box, material })),
	turnSwitch: (at, { half, on }) => {
		const { device } = at.box;
		const switches = device ? ownSwitches(device) : [];
		if (!device || switches.length === 0) return refuse({ code: 'noSwitch' });
		// A switch that works all of it needs no half named.
		const which = switches.includes('whole') ? 'whole' : half;
		return which !== null && switches.includes(which)
			? inBox(at, (box) => ({ ...box, device: turned(device, which, on) }))
			: unknown('half', String(half));
	},
	reset: (at) => {
		const pushed = resetDevice(at.house, at.box.id);
		return pushed.ok ? inBox(at, (box) => ({ ...box, device: pushed.device })) : pushed;
	}
};

const touchesMetal = (box: Box): boolean =>
	wiresAt(box, 'box') > 0 || box.terminations.some(({ touches }) => touches);
