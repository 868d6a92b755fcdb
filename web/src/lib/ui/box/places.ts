import { regions } from '@wary/core/rules';
import type { Box, House } from '@wary/core/house';
import { deviceModel } from '@wary/core/house';
import type { Spot } from './curves';
import { shapeOf, type TerminalPlace } from './deviceShape';

/** A place to bring a conductor to. */
export interface DrawnPlace extends Spot {
	/** As terminations name it: `terminal:NAME`, `joint:ID`, `box`. */
	readonly at: string;
	readonly kind: 'terminal' | 'joint' | 'box';
	readonly mark: string;
	readonly side: 'left' | 'right' | 'bottom';
	/** Of a terminal: the ways it holds a conductor. */
	readonly ways: readonly string[];
	/** Where its mark is written, from the place. */
	readonly label: Spot & { readonly anchor: 'start' | 'middle' | 'end' };
}

export interface Frame {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** A device’s terminals as seen from one side of it. */
export function terminalsSeen(box: Box, back: boolean): TerminalPlace[] {
	const shape = box.device ? shapeOf(box.device) : null;
	return (shape?.terminals ?? []).map((each) => ({
		...each,
		...(back ? mirrored(each, shape!.width) : {})
	}));
}

/** Terminals where the device has them, joints beside it, the metal’s screw in a corner. `origin`: the device’s corner. */
export function placesOf(
	house: House,
	box: Box,
	{ terminals, frame, origin }: { terminals: readonly TerminalPlace[]; frame: Frame; origin: Spot }
): DrawnPlace[] {
	const jointsAt = sidesOfJoints(box, terminals);
	const model = box.device ? deviceModel(box.device) : null;
	return [
		...terminals.map(({ name, x, y, mark, side }): DrawnPlace => {
			const ways = Object.keys(model?.terminals.find((each) => each.name === name)?.takes ?? {});
			return {
				at: `terminal:${name}`,
				// A cap on a single end is a connector like any other.
				kind: ways.includes('twistOn') ? 'joint' : 'terminal',
				x: origin.x + x,
				y: origin.y + y,
				mark,
				side,
				ways,
				label: terminalLabel(side, house.region)
			};
		}),
		...(['left', 'right'] as const).flatMap((side) =>
			jointsAt[side].map((id, k) => jointPlace(id, side, frame, k - (jointsAt[side].length - 1) / 2))
		),
		...(box.material === 'metal' ? [metalPlace(frame)] : [])
	];
}

const jointPlace = (id: string, side: 'left' | 'right', frame: Frame, row: number): DrawnPlace => ({
	at: `joint:${id}`,
	kind: 'joint',
	x: side === 'left' ? frame.x + 70 : frame.x + frame.width - 70,
	y: frame.y + frame.height / 2 + row * 92,
	mark: id,
	side,
	ways: [],
	label: { x: side === 'left' ? -18 : 18, y: 38, anchor: 'middle' }
});

const metalPlace = (frame: Frame): DrawnPlace => ({
	at: 'box',
	kind: 'box',
	x: frame.x + 34,
	y: frame.y + frame.height - 34,
	mark: 'box',
	side: 'bottom',
	ways: [],
	label: { x: 18, y: 6, anchor: 'start' }
});

const mirrored = ({ x, side }: TerminalPlace, width: number): Pick<TerminalPlace, 'x' | 'side'> => ({
	x: width - x,
	side: side === 'left' ? 'right' : side === 'right' ? 'left' : side
});

/** Joints beside the device: each on the side of the terminal its tail goes to, the others where there are fewest. */
export function sidesOfJoints(
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

/** A us terminal’s mark stands inwards of it and above its plate; a uk one’s beside it. */
function terminalLabel(side: DrawnPlace['side'], region: House['region']): DrawnPlace['label'] {
	const us = regions[region].custom.plateApart;
	const y = 6;
	if (us && side === 'bottom') return { x: 0, y: -20, anchor: 'middle' };
	if (us) return side === 'right' ? { x: -12, y: -19, anchor: 'end' } : { x: 12, y: -19, anchor: 'start' };
	return { x: 24, y, anchor: 'start' };
}
