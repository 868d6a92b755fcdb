import { cablesInBox, type Box, type Colour, type House, type How, type Role } from '@wary/core/house';
import { shapeOf, type DeviceShape } from './deviceShape';

export interface Point {
	readonly x: number;
	readonly y: number;
}

/** One conductor as drawn: from its sheath (or joint) to where it ends. */
export interface DrawnWire {
	readonly id: string;
	readonly role: Role;
	readonly colour: Colour;
	readonly how: How | null;
	readonly path: string;
	readonly labelAt: Point;
	/** Where it ends, in the record's words. */
	readonly at: string;
	readonly cable: string | null;
}

export interface DrawnCable {
	readonly id: string;
	readonly to: string | 'panel';
	readonly x: number;
	readonly y: number;
	readonly enters: 'top' | 'bottom';
	readonly size: string;
	readonly lengthM: number;
}

export interface BoxLayout {
	readonly width: number;
	readonly height: number;
	readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
	readonly device: { readonly x: number; readonly y: number; readonly shape: DeviceShape } | null;
	readonly cables: readonly DrawnCable[];
	readonly wires: readonly DrawnWire[];
	readonly joints: readonly (Point & { readonly id: string; readonly how: How })[];
}

const sheathSpacing = 150;
const conductorSpacing = 18;

/**
 * Lays a box out to be read at a glance: cables from the panel side enter at the top, the others at the bottom, conductors run to the terminals of
 * the device or to the joints beside it. `back` mirrors the device, as it is when held out of the box.
 */
export function layOut(house: House, box: Box, back: boolean): BoxLayout {
	const shape = box.device ? shapeOf(box.device) : null;
	const around = { x: 96, y: 92 };
	const inside = shape ? { width: shape.width, height: shape.height } : { width: 184, height: 160 };
	const width = inside.width + 2 * around.x + 220;
	const height = inside.height + 2 * around.y + 120;
	const frame = { x: 110, y: 60, width: width - 220, height: height - 120 };
	const origin = { x: (width - inside.width) / 2, y: (height - inside.height) / 2 };
	const terminalAt = new Map(
		(shape?.terminals ?? []).map(({ name, x, y, side }) => [
			name,
			{ x: origin.x + (back && shape ? shape.width - x : x), y: origin.y + y, side: back ? mirror(side) : side }
		])
	);
	const ends = cablesInBox(house, box.id);
	const joints = box.joints.map((joint, k) => ({
		...joint,
		x: frame.x + (k % 2 === 0 ? 44 : frame.width - 44),
		y: frame.y + frame.height - 54 - Math.floor(k / 2) * 60
	}));

	const cables: DrawnCable[] = [];
	const wires: DrawnWire[] = [];
	const top = ends.filter(({ end }) => end === 'to');
	const bottom = ends.filter(({ end }) => end === 'from');
	for (const [side, group] of [
		['top', top],
		['bottom', bottom]
	] as const)
		group.forEach(({ cable, end }, k) => {
			const x = width / 2 + (k - (group.length - 1) / 2) * sheathSpacing;
			const y = side === 'top' ? frame.y : frame.y + frame.height;
			const other = end === 'to' ? cable.from : cable.to;
			cables.push({ id: cable.id, to: 'box' in other ? other.box : 'panel', x, y, enters: side, size: cable.size, lengthM: cable.lengthM });
			cable.conductors.forEach((conductor, c) => {
				const termination = box.terminations.find((each) => each.cable === cable.id && each.conductor === conductor.id);
				const start = { x: x + (c - (cable.conductors.length - 1) / 2) * conductorSpacing, y: y + (side === 'top' ? 22 : -22) };
				const target = targetOf(termination?.at ?? 'bare', start, side);
				wires.push({
					id: `${cable.id}/${conductor.id}`,
					cable: cable.id,
					role: conductor.role,
					colour: conductor.colour,
					how: termination?.how ?? null,
					at: termination?.at ?? 'bare',
					path: curve(start, target, side),
					labelAt: middle(start, target, 0.42)
				});
			});
		});
	for (const tail of box.pigtails) {
		const start = targetOf(tail.from, { x: frame.x + 20, y: frame.y + 60 }, 'bottom');
		const target = targetOf(tail.to, { x: frame.x + 20, y: frame.y + frame.height - 20 }, 'bottom');
		wires.push({
			id: `tail/${tail.id}`,
			cable: null,
			role: tail.role,
			colour: tail.colour,
			how: tail.how ?? null,
			at: tail.to,
			path: curve(start, target, 'bottom'),
			labelAt: middle(start, target, 0.5)
		});
	}
	return { width, height, box: frame, device: shape ? { ...origin, shape } : null, cables, wires, joints };

	function targetOf(at: string, from: Point, side: 'top' | 'bottom'): Point {
		if (at.startsWith('terminal:')) return terminalAt.get(at.slice(9)) ?? from;
		if (at.startsWith('joint:')) return joints.find(({ id }) => `joint:${id}` === at) ?? from;
		if (at === 'box') return { x: frame.x + 8, y: frame.y + frame.height - 16 };
		return { x: from.x, y: from.y + (side === 'top' ? 40 : -40) };
	}
}

const mirror = (side: 'left' | 'right' | 'bottom') => (side === 'left' ? 'right' : side === 'right' ? 'left' : 'bottom');
const middle = (a: Point, b: Point, share: number): Point => ({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share });

function curve(from: Point, to: Point, side: 'top' | 'bottom'): string {
	const lift = Math.max(40, Math.abs(to.y - from.y) * 0.45) * (side === 'top' ? 1 : -1);
	const reach = to.x < from.x ? -34 : 34;
	return `M${from.x} ${from.y}C${from.x} ${from.y + lift} ${to.x + reach} ${to.y - lift * 0.35} ${to.x} ${to.y}`;
}
