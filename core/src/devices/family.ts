import type { Device } from '../house';
import type { Region } from '../rules';

/** What has to be asked of the part in hand, since makes differ: once, and kept with the part. */
export const partQuestions = [
	'plates',
	'gaugeMm',
	'torqueNm',
	'depthMm',
	'lineAt',
	'indicator',
	'chargerW'
] as const;
export type PartQuestion = (typeof partQuestions)[number];

/** A family of parts as facts: what engines, the chooser and the drawing need to know of it. Its terminals and conducting parts are `deviceModel`’s. */
export interface Family {
	readonly id: PartId;
	readonly region: Region;
	/** As it comes out of its packet. */
	readonly made: (ratingA: number) => Device;
	/** Whether a device on record is one of these. */
	readonly is: (device: Device) => boolean;
	readonly asks: readonly PartQuestion[];
	/** From the face back, mm: typical, the part’s own figure wins. */
	readonly usualDepthMm: number;
	/** Bare length its terminals ask, mm: typical, the gauge on the part wins. */
	readonly usualGaugeMm: number;
	/** Torque of its terminal screws, N·m: typical (domain: 14–18 in·lb), the printed one wins. */
	readonly usualTorqueNm: number;
	/** Opens at a leak; comes tripped and needs a push before it gives power. */
	readonly arrivesTripped: boolean;
	/** Has USB outlets, which draw by themselves and are told of before an insulation test. */
	readonly usb: boolean;
	/** It sits under a plate with one square opening. */
	readonly squareOpening: boolean;
	/** Its tab can be broken, so that the halves are fed apart. */
	readonly halvesApart: boolean;
}

export const partIds = [
	'duplex',
	'decorator',
	'single',
	'twoSlot',
	'usb',
	'gfci',
	'gfciUsb',
	'dualFunction',
	'socketSingle',
	'socketTwin',
	'metalTwin',
	'usbTwin',
	'usbTwinUnswitched',
	'rcdTwin'
] as const;
export type PartId = (typeof partIds)[number];
