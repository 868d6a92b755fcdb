/*
 * The catalogue of parts that one can put in: a file a family, facts and no behaviour. What a part adds to
 * a reading, what has to be asked of it in the hand, what rules need to know and how it is drawn follow
 * from these facts. Terminals and inner links stand in `house/devices`, since a house holds devices that
 * nobody would buy.
 */

import type { Device } from '../house';
import type { Region } from '../rules';
import { dualFunction } from './dualFunction';
import { decorator, duplex, oldDuplex, single, twoSlot } from './duplex';
import type { Family, PartId } from './family';
import { gfci } from './gfci';
import { gfciUsb } from './gfciUsb';
import { metalTwin, rcdTwin, socketSingle, socketTwin, usbTwin, usbTwinUnswitched } from './socket';
import { usb } from './usb';

export { forRules } from './forRules';
export { partIds, partQuestions, type Family, type PartId, type PartQuestion } from './family';

const families: Readonly<Record<PartId, Family>> = {
	duplex,
	decorator,
	single,
	twoSlot,
	usb,
	gfci,
	gfciUsb,
	dualFunction,
	socketSingle,
	socketTwin,
	metalTwin,
	usbTwin,
	usbTwinUnswitched,
	rcdTwin
};

export const familyOf = (id: PartId): Family => families[id];
/** The families that are sold in a region. */
export const soldIn = (region: Region): Family[] =>
	Object.values(families).filter((family) => family.region === region);
/** The outlet that is usually found in a region, by its rating. */
export const usuallyFound: Readonly<Record<Region, Family['made']>> = { us: oldDuplex, uk: socketTwin.made };
/** The family a device on record belongs to; `undefined` for what isn’t an outlet one puts in. */
export const familyFor = (device: Device): Family | undefined =>
	Object.values(families).find(({ is }) => is(device));
