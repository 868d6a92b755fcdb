import { cablesInBox, findBox, type Box, type Colour, type Half, type House, type Role } from '@wary/core/house';
import { shapeOf, type DeviceShape } from './deviceShape';

export interface Spot {
	readonly x: number;
	readonly y: number;
}

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
	readonly what: string;
	readonly width: number;
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

const cableSpacing = 236;
const conductorSpacing = 26;
const sheathIn = 30;
const hangs = 70;

/**
 * Where everything of a box is drawn. Cables from the panel's side come in at the top, the others at the bottom; joints stand beside the device, the
 * metal's screw in a corner. From the back the device is mirrored, as when it is held out of the box. `narrow`: for a screen held upright.
 */
export function layOut(house: House, boxId: string, back: boolean, narrow = false): BoxLayout {
	const box = findBox(house, boxId)!;
	const shape = box.device ? shapeOf(box.device) : null;
	const ends = cablesInBox(house, box.id);
	const top = ends.filter(({ end }) => end === 'to');
	const bottom = ends.filter(({ end }) => end === 'from');
	const inside = shape ?? { width: 150, height: 150 };
	const rows = Math.ceil(box.joints.length / 2);
	const frame = {
		x: 16,
		y: 48,
		width: Math.max(
			inside.width + (narrow ? 190 : 330),
			narrow ? 460 : 720,
			Math.max(top.length, bottom.length) * (narrow ? 190 : cableSpacing) + 40
		),
		height: Math.max(inside.height + 210, rows * 84 + 240, 440)
	};
	const width = frame.width + 2 * frame.x;
	const height = frame.height + 2 * frame.y;
	const origin = { x: (width - inside.width) / 2, y: (height - inside.height) / 2 };
	const places: DrawnPlace[] = [
		...(shape?.terminals ?? []).map(({ name, x, y, side, mark }): DrawnPlace => ({
			at: `terminal:${name}`,
			kind: 'terminal',
			x: origin.x + (back ? shape!.width - x : x),
			y: origin.y + y,
			mark,
			side: back && side !== 'bottom' ? (side === 'left' ? 'right' : 'left') : side
		})),
		...box.joints.map(({ id }, k): DrawnPlace => {
			const left = k % 2 === 0;
			const inRow = Math.floor(k / 2);
			return {
				at: `joint:${id}`,
				kind: 'joint',
				x: left ? frame.x + 70 : frame.x + frame.width - 70,
				y: frame.y + frame.height / 2 + (inRow - (rows - 1) / 2) * 92,
				mark: id,
				side: left ? 'left' : 'right'
			};
		}),
		...(box.material === 'metal'
			? [{ at: 'box', kind: 'box' as const, x: frame.x + 34, y: frame.y + frame.height - 34, mark: 'box', side: 'bottom' as const }]
			: [])
	];
	const placeOf = new Map(places.map((place) => [place.at, place]));
	const landedOn = new Map<string, number>();

	const cables: DrawnCable[] = [];
	const wires: DrawnWire[] = [];
	for (const [enters, group] of [
		['top', top],
		['bottom', bottom]
	] as const)
		group.forEach(({ cable, end }, k) => {
			const x = width / 2 + (k - (group.length - 1) / 2) * (narrow ? 190 : cableSpacing) - (group.length > 1 ? 40 : 0);
			const y = enters === 'top' ? frame.y : frame.y + frame.height;
			const other = end === 'to' ? cable.from : cable.to;
			const spread = cable.conductors.length - 1;
			cables.push({
				id: cable.id,
				x,
				y,
				enters,
				to: 'box' in other ? other.box : 'panel',
				what: `${cable.size}${cable.material === 'aluminium' ? ' aluminium' : ''}, ${cable.lengthM} m`,
				width: spread * conductorSpacing + 30
			});
			cable.conductors.forEach((conductor, c) => {
				const termination = box.terminations.find((each) => each.cable === cable.id && each.conductor === conductor.id);
				const down = enters === 'top' ? 1 : -1;
				const start = { x: x + (c - spread / 2) * conductorSpacing, y: y + down * sheathIn };
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
					...drawn(start, down, at, c)
				});
			});
		});
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

	function drawn(start: Spot, down: 1 | -1, at: string, nthInCable = 1) {
		const place = placeOf.get(at);
		const nth = landedOn.get(at) ?? 0;
		landedOn.set(at, nth + 1);
		const end = place ?? { x: start.x, y: start.y + down * hangs };
		const [one, two] = place ? bends(start, down, place, nth) : [start, end];
		// Wires of one place are held apart, and labels of one cable stand on different heights.
		const held = along(start, one, two, end, place ? Math.max(0.3, 0.68 - nth * 0.16) : 1);
		const before = along(start, one, two, end, 0.42);
		const after = along(start, one, two, end, 0.48);
		return {
			path: `M${r(start.x)} ${r(start.y)}C${r(one.x)} ${r(one.y)} ${r(two.x)} ${r(two.y)} ${r(end.x)} ${r(end.y)}`,
			handle: held,
			label: along(start, one, two, end, place ? 0.12 + 0.1 * nthInCable : 0.6),
			arrow: { ...after, turn: (Math.atan2(after.y - before.y, after.x - before.x) * 180) / Math.PI },
			end
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

const r = (value: number): number => Math.round(value * 10) / 10;

function slotAt(slot: DeviceShape['slots'][number], origin: Spot): DrawnSlot {
	const { half, role, width, height } = slot;
	return { id: `contact:${half}.${role}`, half, role, width, height, x: origin.x + slot.x, y: origin.y + slot.y };
}

const stateOf = (joint: Pick<Box['terminations'][number], 'open' | 'resistanceOhm'> | undefined): DrawnWire['state'] =>
	joint?.open ? 'open' : (joint?.resistanceOhm ?? 0) > 0.01 ? 'poor' : 'good';

/** A point of a cubic Bézier curve. */
function along(a: Spot, b: Spot, c: Spot, d: Spot, t: number): Spot {
	const u = 1 - t;
	const mix = (p: number, q: number, s: number, e: number) => u ** 3 * p + 3 * u * u * t * q + 3 * u * t * t * s + t ** 3 * e;
	return { x: r(mix(a.x, b.x, c.x, d.x)), y: r(mix(a.y, b.y, c.y, d.y)) };
}
