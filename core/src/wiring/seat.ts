import { largestAt, type How, type Terminal, type TerminalWay } from '../house';
import { isThicker } from '../rules';
import type { WireEndSchool } from './wish';
import type { Conducting } from './nets';
import { terminalOf } from './value';

/** Where an end goes on the device, and how it is held there. */
export interface Seat {
	readonly terminal: string;
	readonly how: How;
}

/** Ways of holding in the order of a school; a push-in spring is never chosen. */
const waysOf: Readonly<Record<WireEndSchool, readonly TerminalWay[]>> = {
	clampPlate: ['clampPlate', 'hook', 'pillar', 'screw'],
	hook: ['hook', 'clampPlate', 'pillar', 'screw']
};

/** The way a terminal holds so many conductors of these sizes; `null` where it can't. */
export function wayFor(
	terminal: Terminal,
	ends: readonly Pick<Conducting, 'size'>[],
	school: WireEndSchool
): TerminalWay | null {
	const way = waysOf[school].find((each) => {
		const takes = terminal.takes[each] ?? 0;
		const largest = largestAt(terminal, each);
		return takes >= ends.length && ends.every(({ size }) => !largest || !isThicker(size, largest));
	});
	return way ?? null;
}

/**
 * Seats ends on terminals of one role: where a terminal is named as the one an end sits on now, there; otherwise on the emptiest that still takes it. `null` where they
 * don't all find room.
 */
export function seated(
	terminals: readonly Terminal[],
	ends: readonly Conducting[],
	school: WireEndSchool
): ReadonlyMap<Conducting, Seat> | null {
	const on = new Map<string, Conducting[]>(terminals.map(({ name }) => [name, []]));
	const fits = (terminal: Terminal, end: Conducting) =>
		wayFor(terminal, [...on.get(terminal.name)!, end], school) !== null;
	for (const end of ends) {
		const same = terminals.find(({ name }) => name === terminalOf(end.at));
		const emptiest = [...terminals]
			.sort((a, b) => on.get(a.name)!.length - on.get(b.name)!.length)
			.find((each) => fits(each, end));
		const to = same && fits(same, end) ? same : emptiest;
		if (!to) return null;
		on.get(to.name)!.push(end);
	}
	return new Map(
		terminals.flatMap((terminal) => {
			const here = on.get(terminal.name)!;
			return here.map(
				(end) => [end, { terminal: terminal.name, how: wayFor(terminal, here, school)! }] as const
			);
		})
	);
}
