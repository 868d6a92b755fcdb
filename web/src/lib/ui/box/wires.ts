import type { Box, Cable, Colour, Role } from '@wary/core/house';
import { conductorSpacing } from './captions';
import { along, lastOf, pathOf, splitAt, type Curve, type Spot } from './curves';
import type { DrawnPlace, Frame } from './places';
import { bareWidth, insulatedWidth, unitsPerMm } from './scale';

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
	/** From end to end. */
	readonly path: string;
	/** As far as its insulation goes, and the bare rest: empty where nothing is bare. */
	readonly insulated: string;
	readonly bare: string;
	/** Over its insulation, and of its metal, drawing units. */
	readonly width: number;
	readonly bareWidth: number;
	/** Goes round a screw. */
	readonly hooked: boolean;
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

/** What a cable is to those of its conductors that are drawn. */
export interface Sheath {
	readonly cable: Cable;
	readonly x: number;
	readonly y: number;
	readonly enters: 'top' | 'bottom';
}

export const sheathIn = 30;
/** A free end hangs this long, each one to the left of another longer by the second: every label stands clear beside its own tip. */
const hangs = { rightmost: 46, longer: 23 };
/** Bare metal of an end: under a screw or plate about 16 mm, in a pillar about 9 mm, in a connector mostly out of sight (domain: strip gauges). */
const bareMm = { screw: 16, pillar: 9, joint: 6 };

interface Ending {
	readonly at: string;
	readonly how?: string | undefined;
	readonly strippedMm?: number | undefined;
}

/** All conductors and pigtails of a box, from where they come in to where they end. */
export function wiresOf(
	box: Box,
	sheaths: readonly Sheath[],
	places: readonly DrawnPlace[],
	frame: Frame,
	middleY: number
): DrawnWire[] {
	const placeOf = new Map(places.map((place) => [place.at, place]));
	const landedOn = new Map<string, number>();
	const nthAt = (at: string) => {
		const nth = landedOn.get(at) ?? 0;
		landedOn.set(at, nth + 1);
		return nth;
	};
	const conductors = sheaths.flatMap(({ cable, x, y, enters }) =>
		cable.conductors.map((conductor, c): DrawnWire => {
			const found = box.terminations.find(
				(each) => each.cable === cable.id && each.conductor === conductor.id
			);
			const ending: Ending = found ?? { at: 'bare' };
			const last = cable.conductors.length - 1;
			const down = enters === 'top' ? 1 : -1;
			const start = { x: x + (c - last / 2) * conductorSpacing, y: y + down * sheathIn };
			return {
				id: `${cable.id}/${conductor.id}`,
				cable: cable.id,
				conductor: conductor.id,
				role: conductor.role,
				colour: conductor.colour,
				tape: found?.tape ?? null,
				mark: found?.mark ?? '',
				state: stateOf(found),
				touches: found?.touches === 'box',
				...drawn(start, down, ending, placeOf.get(ending.at), nthAt(ending.at), c, last),
				...thickness(conductor.size ?? cable.size, conductor.colour)
			};
		})
	);
	const [first] = sheaths;
	const tails = box.pigtails.map((tail, k): DrawnWire => {
		const from = placeOf.get(tail.from) ?? { x: frame.x + 110 + k * 30, y: frame.y + frame.height - 90 };
		const ending: Ending = { at: tail.to, how: tail.how };
		return {
			id: `tail/${tail.id}`,
			cable: null,
			conductor: tail.id,
			role: tail.role,
			colour: tail.colour,
			tape: null,
			mark: '',
			state: stateOf(tail),
			touches: false,
			...drawn(from, from.y < middleY ? 1 : -1, ending, placeOf.get(tail.to), nthAt(tail.to)),
			...thickness(first?.cable.size ?? '14AWG', tail.colour)
		};
	});
	return [...conductors, ...tails];
}

const thickness = (size: Cable['size'], colour: Colour): Pick<DrawnWire, 'width' | 'bareWidth'> => ({
	width: colour === 'bare' ? bareWidth(size) : insulatedWidth(size),
	bareWidth: bareWidth(size)
});

function drawn(
	start: Spot,
	down: 1 | -1,
	ending: Ending,
	place: DrawnPlace | undefined,
	nth: number,
	nthInCable = 1,
	last = 1
) {
	const end = place ?? {
		x: start.x,
		y: start.y + down * (hangs.rightmost + hangs.longer * (last - nthInCable))
	};
	const curve: Curve = [start, ...(place ? bends(start, down, place, nth) : ([start, end] as const)), end];
	// Wires of one place are held apart, and labels of one cable stand on different heights.
	const before = along(curve, 0.42);
	const after = along(curve, 0.48);
	const bareFrom = lastOf(curve, bareLength(ending, place));
	const [insulated, bare] = splitAt(curve, bareFrom);
	return {
		at: ending.at,
		path: pathOf(curve),
		insulated: pathOf(insulated),
		bare: bareFrom < 1 ? pathOf(bare) : '',
		hooked: place?.kind === 'terminal' && !place.ways.includes('pillar') && ending.how === 'hook',
		handle: along(curve, place ? Math.max(0.3, 0.62 - nth * 0.16) : 1),
		label: place ? along(curve, 0.06 + 0.17 * nthInCable) : { x: end.x + 2, y: end.y },
		arrow: { ...after, turn: (Math.atan2(after.y - before.y, after.x - before.x) * 180) / Math.PI },
		end: { x: end.x, y: end.y },
		down: down === 1
	};
}

function bareLength({ at, strippedMm }: Ending, place: DrawnPlace | undefined): number {
	if (at === 'capped') return 0;
	if (!place) return (strippedMm ?? 4) * unitsPerMm * 0.6;
	if (strippedMm !== undefined) return Math.min(strippedMm, 40) * unitsPerMm;
	const by = place.kind === 'terminal' ? (place.ways.includes('pillar') ? 'pillar' : 'screw') : place.kind;
	return bareMm[by === 'box' ? 'screw' : by] * unitsPerMm;
}

/** Control points: out of the sheath with slack, and in to its place from the side that place is open to. */
function bends(start: Spot, down: 1 | -1, place: DrawnPlace, nth: number): [Spot, Spot] {
	const reach = 60 + nth * 34;
	const lift = Math.min(190, Math.max(54, Math.abs(place.y - start.y) * 0.5));
	const outward = place.side === 'left' ? -1 : place.side === 'right' ? 1 : 0;
	if (place.ways.includes('pillar') || place.side === 'bottom') {
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

const stateOf = (
	joint: Pick<Box['terminations'][number], 'open' | 'resistanceOhm'> | undefined
): DrawnWire['state'] => (joint?.open ? 'open' : (joint?.resistanceOhm ?? 0) > 0.01 ? 'poor' : 'good');
