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
	readonly anchor: 'start' | 'middle' | 'end';
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
	let lane = 0;
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
				const at = termination?.at ?? 'bare';
				const start = { x: x + (c - (cable.conductors.length - 1) / 2) * conductorSpacing, y: y + (side === 'top' ? 22 : -22) };
				const target = targetOf(at, start, side);
				const drawn = at.startsWith('joint:') ? laned(start, target, side, lane++) : curve(start, target, side);
				wires.push({
					id: `${cable.id}/${conductor.id}`,
					cable: cable.id,
					role: conductor.role,
					colour: conductor.colour,
					how: termination?.how ?? null,
					at,
					...drawn
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
			...curve(start, target, 'bottom')
		});
	}
	return { width, height, box: frame, device: shape ? { ...origin, shape } : null, cables, wires, joints };

	function targetOf(at: string, from: Point, side: 'top' | 'bottom'): Point {
		if (at.startsWith('terminal:')) return terminalAt.get(at.slice(9)) ?? from;
		if (at.startsWith('joint:')) return joints.find(({ id }) => `joint:${id}` === at) ?? from;
		if (at === 'box') return { x: frame.x + 8, y: frame.y + frame.height - 16 };
		return { x: from.x, y: from.y + (side === 'top' ? 40 : -40) };
	}

	/** To a joint beside the device: out to a lane between device and box wall, then along it. */
	function laned(from: Point, to: Point, side: 'top' | 'bottom', number: number) {
		const down = side === 'top' ? 1 : -1;
		const laneX = to.x + (to.x < width / 2 ? 1 : -1) * (number % 3) * 9;
		const near = Math.abs(to.y - from.y) < 140;
		const path = near
			? `M${from.x} ${from.y}C${from.x} ${from.y + down * 44} ${to.x + 40} ${to.y} ${to.x} ${to.y}`
			: `M${from.x} ${from.y}C${from.x} ${from.y + down * 50} ${laneX} ${from.y + down * 16} ${laneX} ${from.y + down * 96}L${to.x} ${to.y}`;
		return {
			path,
			labelAt: near ? { x: (from.x + to.x) / 2, y: from.y + down * 46 } : { x: laneX - 8, y: (from.y + to.y) / 2 },
			anchor: near ? ('middle' as const) : ('end' as const)
		};
	}
}

const mirror = (side: 'left' | 'right' | 'bottom') => (side === 'left' ? 'right' : side === 'right' ? 'left' : 'bottom');

/** A conductor with slack, from its sheath to a terminal; its label stands on the outer side of the bend. */
function curve(from: Point, to: Point, side: 'top' | 'bottom') {
	const lift = Math.max(40, Math.abs(to.y - from.y) * 0.45) * (side === 'top' ? 1 : -1);
	const outward = to.x < from.x ? -1 : 1;
	const path = `M${from.x} ${from.y}C${from.x} ${from.y + lift} ${to.x + outward * 34} ${to.y - lift * 0.35} ${to.x} ${to.y}`;
	return {
		path,
		labelAt: { x: (from.x + to.x) / 2 + outward * 16, y: from.y + (to.y - from.y) * 0.45 },
		anchor: outward < 0 ? ('end' as const) : ('start' as const)
	};
}
