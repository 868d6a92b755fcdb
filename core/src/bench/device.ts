import {
	branches,
	deviceModel,
	findBox,
	isSupplied,
	points,
	residualButtonOhm,
	resetsOnlyFed,
	settle,
	type Device,
	type Half,
	type House,
	type Settled
} from '../house';
import type { Branch } from '../network';
import { regions } from '../rules';

/** What may be pressed on a device; refused where there is nothing to press, or it won't stay in. */
export type PressRefusal =
	| { readonly code: 'noProtection' }
	/** It guards against arcs only, which aren't modelled: its button does nothing here. */
	| { readonly code: 'arcsNotModelled' }
	/** A current make can't be reset without supply on its supply side. */
	| { readonly code: 'wontReset' }
	| { readonly code: 'notTripped' };

type Residual = Extract<Device, { kind: 'gfci' | 'socketRcd' }>;
export const residualDevice = (device: Device | undefined): Residual | null =>
	device && 'tripped' in device ? device : null;

/**
 * Resistance of a device's own test button, Ω. us: 15 kΩ. uk: drives twice the marked current at nominal voltage (BS EN 61008-1 allows up to 2.5 times).
 */
export const testButtonOhm = (house: House, device: Residual): number =>
	'tripMa' in device ? regions[house.region].supply.nominalV / (2 * device.tripMa * 1e-3) : residualButtonOhm;

/** The house while its own test button is held: a current past one side of the transformer only. */
export function pressTest(
	house: House,
	boxId: string
): { ok: true; settled: Settled } | { ok: false; refusal: PressRefusal } {
	const device = residualDevice(findBox(house, boxId)?.device);
	if (!device) return { ok: false, refusal: { code: 'noProtection' } };
	const { protection, supply } = deviceModel(device);
	if (protection?.kind !== 'residual' || !supply) return { ok: false, refusal: { code: 'arcsNotModelled' } };
	const button: Branch = {
		kind: 'resistor',
		id: branches.link(boxId, 'test button'),
		from: points.terminal(boxId, 'sensedHot'),
		to: points.terminal(boxId, supply[1]),
		resistanceOhm: testButtonOhm(house, device)
	};
	return { ok: true, settled: settle(house, [button]) };
}

/** A plug-in tester's button: 15 kΩ from hot to ground of a half. Without a ground it does nothing, which is no fault. */
export function pressTester(house: House, boxId: string, half: Half): Settled {
	const at = (role: 'hot' | 'ground') => points.contact(boxId, half, role);
	return settle(house, [
		{
			kind: 'resistor',
			id: 'tester button',
			from: at('hot'),
			to: at('ground'),
			resistanceOhm: residualButtonOhm
		}
	]);
}

/** The device with its button pushed back in. */
export function resetDevice(
	house: House,
	boxId: string
): { ok: true; device: Residual } | { ok: false; refusal: PressRefusal } {
	const box = findBox(house, boxId);
	const device = residualDevice(box?.device);
	if (!box || !device) return { ok: false, refusal: { code: 'noProtection' } };
	if (!device.tripped) return { ok: false, refusal: { code: 'notTripped' } };
	if (resetsOnlyFed(device)) {
		const { solution } = settle(house);
		if (solution.outcome === 'singular' || !isSupplied(house, box, solution.voltageV))
			return { ok: false, refusal: { code: 'wontReset' } };
	}
	return { ok: true, device: { ...device, tripped: false } };
}
