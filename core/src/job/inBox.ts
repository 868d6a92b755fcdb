import { cablesInBox, deviceModel, type House } from '../house';
import { endsAt, type Wiring } from '../wiring';

/** Whether any cable that comes to a box brings a ground wire. */
export const hasGroundWire = (house: House, boxId: string): boolean =>
	cablesInBox(house, boxId).some(({ cable }) => cable.conductors.some(({ role }) => role === 'ground'));

/** Whether anything sits on the ground screw of the device. */
export const endsOnGround = (wiring: Wiring): boolean =>
	deviceModel(wiring.device!).terminals.some(
		({ name, role }) => role === 'ground' && endsAt(wiring, `terminal:${name}`).length > 0
	);
