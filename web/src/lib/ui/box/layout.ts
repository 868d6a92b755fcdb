import { cablesInBox, findBox, type Half, type House } from '@wary/core/house';
import { entriesOf, lineHeight, sheathWidth, type Entry } from './captions';
import type { Spot } from './curves';
import { shapeOf, type DeviceShape } from './deviceShape';
import { placesOf, sidesOfJoints, terminalsSeen, type DrawnPlace, type Frame } from './places';
import { wiresOf, type DrawnWire } from './wires';

export type { DrawnPlace } from './places';
export type { DrawnWire } from './wires';

export interface DrawnSlot extends Spot {
	readonly id: string;
	readonly half: Half;
	readonly role: 'hot' | 'neutral' | 'ground';
	readonly width: number;
	readonly height: number;
}

export interface DrawnCable extends Spot {
	readonly id: string;
	readonly enters: 'top' | 'bottom';
	readonly to: string | 'panel';
	/** Its other end is in this box too. */
	readonly jumper: boolean;
	readonly width: number;
	/** Beside the sheath: lines of where it goes, then of what it is; the first one's baseline. */
	readonly caption: Spot & { readonly where: readonly string[]; readonly what: readonly string[] };
}

export interface BoxLayout {
	readonly width: number;
	readonly height: number;
	readonly frame: Frame;
	readonly device: (Spot & { readonly shape: DeviceShape }) | null;
	readonly cables: readonly DrawnCable[];
	readonly wires: readonly DrawnWire[];
	readonly places: readonly DrawnPlace[];
	/** Contacts of the face, seen from the front only. */
	readonly slots: readonly DrawnSlot[];
}

const sideMargin = 16;

export interface Options {
	/** For a screen held upright. */
	readonly narrow?: boolean;
	/** Cables captioned by their ids too. */
	readonly ids?: boolean;
}

/**
 * Where everything of a box is drawn. Cables from the panel's side come in at the top, the others at the bottom; joints stand beside the device, the
 * metal's screw in a corner. From the back the device is mirrored, as when it is held out of the box.
 */
export function layOut(
	house: House,
	boxId: string,
	back: boolean,
	{ narrow = false, ids = false }: Options = {}
): BoxLayout {
	const box = findBox(house, boxId)!;
	const shape = box.device ? shapeOf(box.device) : null;
	const ends = cablesInBox(house, box.id);
	const spacing = narrow ? 190 : 236;
	const abreast = Math.max(
		...(['to', 'from'] as const).map((way) => ends.filter(({ end }) => end === way).length)
	);
	const terminals = terminalsSeen(box, back);
	const jointsAt = sidesOfJoints(box, terminals);
	const rows = Math.max(jointsAt.left.length, jointsAt.right.length);
	const inside = shape ?? { width: 150, height: 150 };
	const frameWidth = Math.max(
		inside.width + (narrow ? 190 : 330),
		narrow ? 460 : 720,
		abreast * spacing + 40
	);
	const width = frameWidth + 2 * sideMargin;
	const entries = entriesOf(house, ends, { width, spacing, ids });
	const frame = {
		x: sideMargin,
		y: Math.max(48, ...entries.map(({ where, what }) => (where.length + what.length) * lineHeight + 8)),
		width: frameWidth,
		height: Math.max(inside.height + 220, rows * 84 + 240, 440)
	};
	const height = frame.height + 2 * frame.y;
	const origin = { x: (width - inside.width) / 2, y: (height - inside.height) / 2 };
	const places = placesOf(house, box, { terminals, frame, origin });
	const cables = entries.map((entry) => cableAt(entry, frame));
	const sheaths = entries.map(({ cable, enters }, k) => ({
		cable,
		enters,
		x: cables[k]!.x,
		y: cables[k]!.y
	}));
	return {
		width,
		height,
		frame,
		device: shape ? { ...origin, shape } : null,
		cables,
		wires: wiresOf(box, sheaths, places, frame, height / 2),
		places,
		slots: back || !shape ? [] : shape.slots.map((slot) => slotAt(slot, origin))
	};
}

function cableAt({ cable, enters, other, jumper, x, where, what }: Entry, frame: Frame): DrawnCable {
	const y = enters === 'top' ? frame.y : frame.y + frame.height;
	const width = sheathWidth(cable);
	const lines = where.length + what.length;
	return {
		id: cable.id,
		x,
		y,
		enters,
		to: other,
		jumper,
		width,
		caption: {
			where,
			what,
			x: x + width / 2 + 8,
			y: enters === 'top' ? y - 9 - (lines - 1) * lineHeight : y + lineHeight + 2
		}
	};
}

function slotAt(slot: DeviceShape['slots'][number], origin: Spot): DrawnSlot {
	const { half, role, width, height } = slot;
	return {
		id: `contact:${half}.${role}`,
		half,
		role,
		width,
		height,
		x: origin.x + slot.x,
		y: origin.y + slot.y
	};
}
