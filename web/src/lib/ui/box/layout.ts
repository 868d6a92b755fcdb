import {
	cablesInBox,
	findBox,
	type Box,
	type Colour,
	type Half,
	type House,
	type Role
} from '@wary/core/house';
import { conductorSpacing, entriesOf, lineHeight, sheathWidth } from './captions';
import { along, pathOf, type Curve, type Spot } from './curves';
import { shapeOf, type DeviceShape, type TerminalPlace } from './deviceShape';

/** A conductor or a pigtail as drawn. */
export interface DrawnWire {
	/** `CABLE/CONDUCTOR` or `tail/ID`. */
	readonly id: string;
	readonly cable: string | null;
	readonly conductor: string;
	readonly role: Role;
	readonly colour: Colour;
	readonly tape: Colour | null;
	readonly mark: string;
	readonly at: string;
	readonly path: string;
	/** Where it is taken hold of. */
	readonly handle: Spot;
	readonly label: Spot;
	/** Where its current arrow sits, and which way it points towards its end, degrees. */
	readonly arrow: Spot & { readonly turn: number };
	readonly end: Spot;
	/** Leaves its start downwards. */
	readonly down: boolean;
	readonly state: 'good' | 'poor' | 'open';
	readonly touches: boolean;
}

/** A place to bring a conductor to. */
export interface DrawnPlace extends Spot {
	/** As terminations name it: `terminal:NAME`, `joint:ID`, `box`. */
	readonly at: string;
	readonly kind: 'terminal' | 'joint' | 'box';
	readonly mark: string;
	readonly side: 'left' | 'right' | 'bottom';
	/** Where its mark is written, from the place. */
	readonly label: Spot & { readonly anchor: 'start' | 'middle' | 'end' };
}

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
	readonly width: number;
	/** Beside the sheath: lines of where it goes, then of what it is; the first one's baseline. */
	readonly caption: Spot & { readonly where: readonly string[]; readonly what: readonly string[] };
}

export interface BoxLayout {
	readonly width: number;
	readonly height: number;
	readonly frame: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
	readonly device: (Spot & { readonly shape: DeviceShape }) | null;
	readonly cables: readonly DrawnCable[];
	readonly wires: readonly DrawnWire[];
	readonly places: readonly DrawnPlace[];
	/** Contacts of the face, seen from the front only. */
	readonly slots: readonly DrawnSlot[];
}

const sideMargin = 16;
const sheathIn = 30;
/** A free end hangs this long, each one to the left of another longer by the second: every label stands clear beside its own tip. */
const hangs = { rightmost: 46, longer: 23 };

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
	const terminals = (shape?.terminals ?? []).map((each) => ({
		...each,
		...(back ? mirrored(each, shape!.width) : {})
	}));
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
	const places: DrawnPlace[] = [
		...terminals.map(({ name, x, y, mark, side }): DrawnPlace => ({
			at: `terminal:${name}`,
			kind: 'terminal',
			x: origin.x + x,
			y: origin.y + y,
			mark,
			side,
			label: terminalLabel(side, house.region)
		})),
		...(['left', 'right'] as const).flatMap((side) =>
			jointsAt[side].map((id, k): DrawnPlace => ({
				at: `joint:${id}`,
				kind: 'joint',
				x: side === 'left' ? frame.x + 70 : frame.x + frame.width - 70,
				y: frame.y + frame.height / 2 + (k - (jointsAt[side].length - 1) / 2) * 92,
				mark: id,
				side,
				label: { x: side === 'left' ? -18 : 18, y: 38, anchor: 'middle' }
			}))
		),
		...(box.material === 'metal'
			? [
					{
						at: 'box',
						kind: 'box' as const,
						x: frame.x + 34,
						y: frame.y + frame.height - 34,
						mark: 'box',
						side: 'bottom' as const,
						label: { x: 18, y: 6, anchor: 'start' as const }
					}
				]
			: [])
	];
	const placeOf = new Map(places.map((place) => [place.at, place]));
	const landedOn = new Map<string, number>();

	const cables: DrawnCable[] = [];
	const wires: DrawnWire[] = [];
	for (const { cable, enters, other, x, where, what } of entries) {
		const y = enters === 'top' ? frame.y : frame.y + frame.height;
		const down = enters === 'top' ? 1 : -1;
		const sheath = sheathWidth(cable);
		const lines = where.length + what.length;
		cables.push({
			id: cable.id,
			x,
			y,
			enters,
			to: other,
			width: sheath,
			caption: {
				where,
				what,
				x: x + sheath / 2 + 8,
				y: enters === 'top' ? y - 9 - (lines - 1) * lineHeight : y + lineHeight + 2
			}
		});
		cable.conductors.forEach((conductor, c) => {
			const termination = box.terminations.find(
				(each) => each.cable === cable.id && each.conductor === conductor.id
			);
			const start = {
				x: x + (c - (cable.conductors.length - 1) / 2) * conductorSpacing,
				y: y + down * sheathIn
			};
			const at = termination?.at ?? 'bare';
			wires.push({
				id: `${cable.id}/${conductor.id}`,
				cable: cable.id,
				conductor: conductor.id,
				role: conductor.role,
				colour: conductor.colour,
				tape: termination?.tape ?? null,
				mark: termination?.mark ?? '',
				at,
				state: stateOf(termination),
				touches: termination?.touches === 'box',
				...drawn(start, down, at, c, cable.conductors.length - 1)
			});
		});
	}
	box.pigtails.forEach((tail, k) => {
		const from = placeOf.get(tail.from) ?? { x: frame.x + 110 + k * 30, y: frame.y + frame.height - 90 };
		const down = from.y < height / 2 ? 1 : -1;
		wires.push({
			id: `tail/${tail.id}`,
			cable: null,
			conductor: tail.id,
			role: tail.role,
			colour: tail.colour,
			tape: null,
			mark: '',
			at: tail.to,
			state: stateOf(tail),
			touches: false,
			...drawn(from, down, tail.to)
		});
	});
	return {
		width,
		height,
		frame,
		device: shape ? { ...origin, shape } : null,
		cables,
		wires,
		places,
		slots: back || !shape ? [] : shape.slots.map((slot) => slotAt(slot, origin))
	};

	function drawn(start: Spot, down: 1 | -1, at: string, nthInCable = 1, last = 1) {
		const place = placeOf.get(at);
		const nth = landedOn.get(at) ?? 0;
		landedOn.set(at, nth + 1);
		const end = place ?? {
			x: start.x,
			y: start.y + down * (hangs.rightmost + hangs.longer * (last - nthInCable))
		};
		const curve: Curve = [start, ...(place ? bends(start, down, place, nth) : ([start, end] as const)), end];
		// Wires of one place are held apart, and labels of one cable stand on different heights.
		const before = along(curve, 0.42);
		const after = along(curve, 0.48);
		return {
			path: pathOf(curve),
			handle: along(curve, place ? Math.max(0.3, 0.68 - nth * 0.16) : 1),
			label: place ? along(curve, 0.06 + 0.2 * nthInCable) : { x: end.x + 2, y: end.y },
			arrow: { ...after, turn: (Math.atan2(after.y - before.y, after.x - before.x) * 180) / Math.PI },
			end,
			down: down === 1
		};
	}

	/** Control points: out of the sheath with slack, and in to its place from the side that place is open to. */
	function bends(start: Spot, down: 1 | -1, place: DrawnPlace, nth: number): [Spot, Spot] {
		const reach = 60 + nth * 34;
		const uk = house.region === 'uk' && place.kind === 'terminal';
		const lift = Math.min(190, Math.max(54, Math.abs(place.y - start.y) * 0.5));
		const outward = place.side === 'left' ? -1 : place.side === 'right' ? 1 : 0;
		if (uk || place.side === 'bottom') {
			const from = place.kind === 'box' ? -1 : start.y < place.y ? -1 : 1;
			return [
				{ x: start.x, y: start.y + down * lift * 0.7 },
				{ x: place.x + (nth - 0.5) * 26, y: place.y + from * 64 }
			];
		}
		if (place.kind === 'joint')
			return [
				{ x: start.x, y: start.y + down * lift * 0.6 },
				{ x: place.x - outward * 18 * nth, y: place.y - down * 90 }
			];
		return [
			{ x: start.x + outward * 40, y: start.y + down * lift * 0.5 },
			{ x: place.x + outward * reach, y: place.y - down * 34 }
		];
	}
}

const mirrored = ({ x, side }: TerminalPlace, width: number): Pick<TerminalPlace, 'x' | 'side'> => ({
	x: width - x,
	side: side === 'left' ? 'right' : side === 'right' ? 'left' : side
});

/** Joints beside the device: each on the side of the terminal its tail goes to, the others where there are fewest. */
function sidesOfJoints(
	box: Box,
	terminals: readonly TerminalPlace[]
): { readonly left: string[]; readonly right: string[] } {
	const at = { left: [] as string[], right: [] as string[] };
	const sideOf = (id: string) =>
		box.pigtails.flatMap(({ from, to }) =>
			from === `joint:${id}`
				? terminals.filter(({ name, side }) => to === `terminal:${name}` && side !== 'bottom')
				: []
		)[0]?.side as 'left' | 'right' | undefined;
	for (const { id } of box.joints) {
		const side = sideOf(id);
		if (side) at[side].push(id);
	}
	for (const { id } of box.joints)
		if (sideOf(id) === undefined) at[at.left.length <= at.right.length ? 'left' : 'right'].push(id);
	return at;
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

const stateOf = (
	joint: Pick<Box['terminations'][number], 'open' | 'resistanceOhm'> | undefined
): DrawnWire['state'] => (joint?.open ? 'open' : (joint?.resistanceOhm ?? 0) > 0.01 ? 'poor' : 'good');

/** A us terminal's mark stands inwards of it or above; a uk one's beside it. */
function terminalLabel(side: DrawnPlace['side'], region: House['region']): DrawnPlace['label'] {
	const us = region === 'us';
	const y = side === 'bottom' ? -18 : 6;
	if (us && side === 'bottom') return { x: 0, y, anchor: 'middle' };
	return us && side === 'right' ? { x: -18, y, anchor: 'end' } : { x: 18, y, anchor: 'start' };
}
