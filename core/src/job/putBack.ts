import {
	beside,
	circuitsInBox,
	deviceModel,
	points,
	settle,
	switchedOn,
	withBox,
	type Box,
	type Device,
	type House
} from '../house';
import { plugLampLitShare, plugLampOhm, voltageBetweenV } from '../instruments';
import type { Branch } from '../network';
import { regions } from '../rules';
import { partOf, readied } from '../wiring';
import type { PlanFailure } from './whyNot';

/** Why a device can’t be taken out, read dead and put back with another of its box; `null`: it can. */
export function whyNotPutBack(house: House, box: Box): PlanFailure | null {
	if (!box.device) return { code: 'noDevice', box: box.id };
	if (circuitsInBox(house, box.id).length === 0) return { code: 'noCircuit', box: box.id };
	// It is taken out for the sake of another one only.
	if (beside(house, box.id).length === 0) return { code: 'nothingPutIn', box: box.id };
	return switchOf(box.device) || hasFace(box.device) ? null : { code: 'notAnOutlet', box: box.id };
}

const hasFace = (device: Device): boolean => deviceModel(device).halves.length > 0;
const switchOf = (device: Device): (Device & { on: boolean }) | null =>
	'on' in device && device.kind !== 'fixed' && !hasFace(device) ? device : null;

/**
 * What a device without a face of contacts switches, by box, as the model has it: whatever gets its voltage from it and doesn’t with it off. It is seen lit before, and dark
 * after, in place of readings that no face lets one take. `null`: it has a face.
 */
export function controlledBy(house: House, boxId: string, device: Device): readonly string[] | null {
	const wallSwitch = switchOf(device);
	if (!wallSwitch) return null;
	// A new part beside it may come tripped: it is asked what hangs on the switch, not on that.
	const powered = readied(partOf(house, boxId));
	const litWith = (on: boolean): ReadonlySet<string> =>
		litBoxes(withBox(powered, boxId, (box) => ({ ...box, device: { ...wallSwitch, on } })));
	const [on, off] = [litWith(true), litWith(false)];
	return [...on].filter((id) => !off.has(id));
}

/** Whether what a device controls is lit with its own switch on, whoever left that how. */
export function controlledLit(house: House, boxId: string, controls: readonly string[]): boolean {
	const lit = litBoxes(
		withBox(house, boxId, (box) => (box.device ? { ...box, device: switchedOn(box.device) } : box))
	);
	return controls.some((box) => lit.has(box));
}

/** The boxes where a lamp would light, at the terminals of what is fixed there or in a half. */
export function litBoxes(house: House): ReadonlySet<string> {
	const places = house.boxes.flatMap(({ id, device }) =>
		device ? lampsAt(id, device).map(([from, to]) => ({ id, from, to })) : []
	);
	const lamps = places.map(({ from, to }, k): Branch => ({
		kind: 'resistor',
		id: `lamp ${k}`,
		from,
		to,
		resistanceOhm: plugLampOhm
	}));
	const { solution } = settle(house, lamps, 0);
	const litAboveV = regions[house.region].supply.nominalV * plugLampLitShare;
	return new Set(
		places.filter(({ from, to }) => voltageBetweenV(solution, from, to) > litAboveV).map(({ id }) => id)
	);
}

function lampsAt(boxId: string, device: Device): readonly (readonly [hot: string, neutral: string])[] {
	const { halves, terminals } = deviceModel(device);
	if (halves.length > 0)
		return halves.map((half) => [points.contact(boxId, half, 'hot'), points.contact(boxId, half, 'neutral')]);
	const bothEnds = ['hot', 'neutral'].every((end) => terminals.some(({ name }) => name === end));
	return bothEnds ? [[points.terminal(boxId, 'hot'), points.terminal(boxId, 'neutral')]] : [];
}
