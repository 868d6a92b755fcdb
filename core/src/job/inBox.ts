import { cablesInBox, deviceModel, tabsOf, type Device, type House } from '../house';
import { endsAt, type Wiring } from '../wiring';

/** Whether any cable that comes to a box brings a ground wire. */
export const hasGroundWire = (house: House, boxId: string): boolean =>
	cablesInBox(house, boxId).some(({ cable }) => cable.conductors.some(({ role }) => role === 'ground'));

/** Whether a bridge between the halves is broken off. */
export const hasBrokenTabs = (device: Device): boolean => Object.values(tabsOf(device) ?? {}).includes(false);

/** Whether anything sits on the ground screw of the device. */
export const endsOnGround = (wiring: Wiring): boolean =>
	deviceModel(wiring.device!).terminals.some(
		({ name, role }) => role === 'ground' && endsAt(wiring, `terminal:${name}`).length > 0
	);
