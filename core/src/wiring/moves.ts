import {
	tabsOf,
	withTabs,
	withWholeTabs,
	deviceModel,
	type Colour,
	type Device,
	type How,
	type Role
} from '../house';
import { endId, endsAt, endsOf, terminalOf, withDevice, withEnd, type End, type Wiring } from './value';

/** One thing done by hand at a box, on conductor ends. `id` is the same for the same two wirings. */
export type Move = { readonly id: string } & (
	| {
			readonly kind: 'free';
			readonly terminal: string;
			readonly role: Role;
			readonly ends: readonly End[];
	  }
	/** A connector taken off: the ends in it are apart. */
	| { readonly kind: 'undo'; readonly joint: string; readonly role: Role; readonly ends: readonly End[] }
	| { readonly kind: 'dropTail'; readonly tail: string; readonly role: Role }
	/** The new part in hand, in place of the old one. */
	| { readonly kind: 'fit'; readonly device: Device }
	/** Factory tape over the load side: lifted only where the load side is used. */
	| { readonly kind: 'tape'; readonly lift: boolean }
	| { readonly kind: 'breakTab'; readonly which: 'hot' | 'neutral' }
	| { readonly kind: 'makeTail'; readonly tail: string; readonly role: Role; readonly colour: Colour }
	| {
			readonly kind: 'join';
			readonly joint: string;
			readonly role: Role;
			readonly how: How;
			readonly ends: readonly End[];
	  }
	| { readonly kind: 'bond'; readonly end: End }
	| { readonly kind: 'cap'; readonly ends: readonly End[] }
	/** All ends of one terminal at once: both are in before it is tightened. */
	| {
			readonly kind: 'land';
			readonly terminal: string;
			readonly role: Role;
			readonly how: How;
			readonly ends: readonly End[];
	  }
	| { readonly kind: 'driveIn'; readonly terminals: readonly string[] }
);

export type OrderSchool = 'groundFirst' | 'hotFirst' | 'asItCameOff';

/** Hot comes off first, ground last: the protective path stays longest. */
const offOrder: readonly Role[] = ['hot', 'switchedHot', 'neutral', 'ground'];
const onOrder: Readonly<Record<OrderSchool, readonly Role[]>> = {
	groundFirst: ['ground', 'neutral', 'hot', 'switchedHot'],
	hotFirst: ['hot', 'switchedHot', 'neutral', 'ground'],
	asItCameOff: ['ground', 'neutral', 'switchedHot', 'hot']
};

/** Two wirings of a box, and what an end of it is for. */
interface Between {
	readonly found: Wiring;
	readonly wanted: Wiring;
	readonly roleOf: (end: End) => Role;
}

/**
 * The work at a box: the difference between what is found and what is wanted, in the order it is done. Done one after the other (`done`) it leads from the one to the other.
 * `roleOf` tells what an end is for.
 */
export function moves(
	found: Wiring,
	wanted: Wiring,
	roleOf: (end: End) => Role,
	school: OrderSchool = 'groundFirst'
): Move[] {
	const between = { found, wanted, roleOf };
	return [...apart(between), ...inHand(wanted), ...together(between, school), ...unused(wanted)];
}

/** A move under its name: of one kind there is one to a place. */
const named = (kind: Move['kind'], name: string, move: object): Move =>
	({ id: name ? `${kind} ${name}` : kind, kind, ...move }) as Move;
const byRole = <T extends { role: Role }>(list: readonly T[], order: readonly Role[]): T[] =>
	[...list].sort((a, b) => order.indexOf(a.role) - order.indexOf(b.role));
const firstRole = (ends: readonly End[], { roleOf }: Between): Role => (ends[0] ? roleOf(ends[0]) : 'hot');

/** Wires off the old part, connectors that are made anew off, tails that aren’t used any more away. */
function apart(between: Between): Move[] {
	const { found, wanted } = between;
	const wasOn = placesOf(found, 'terminal:').map(([at, ends]) => ({
		terminal: terminalOf(at)!,
		ends,
		role: firstRole(ends, between)
	}));
	const joints = found.joints
		.filter(({ id }) => !sameMembers(found, wanted, `joint:${id}`))
		.map(({ id }) => {
			const ends = endsAt(found, `joint:${id}`);
			return { joint: id, ends, role: firstRole(ends, between) };
		});
	const kept = new Set(wanted.pigtails.map(({ id }) => id));
	return [
		...byRole(wasOn, offOrder).map((move) => named('free', move.terminal, move)),
		...byRole(joints, offOrder).map((move) => named('undo', move.joint, move)),
		...found.pigtails
			.filter(({ id }) => !kept.has(id))
			.map(({ id, role }) => named('dropTail', id, { tail: id, role }))
	];
}

/** What is done to the new part before any wire is on it. */
function inHand({ device, ...rest }: Wiring): Move[] {
	if (!device) return [];
	const loads = deviceModel(device)
		.terminals.filter(({ side }) => side === 'load')
		.map(({ name }) => `terminal:${name}`);
	const whole = tabsOf(device) ?? { hot: true, neutral: true };
	const tabs = (['hot', 'neutral'] as const).filter((which) => !whole[which]);
	return [
		named('fit', '', { device: fresh(device) }),
		...(loads.length > 0
			? [named('tape', '', { lift: loads.some((at) => endsAt(rest, at).length > 0) })]
			: []),
		...tabs.map((which) => named('breakTab', which, { which }))
	];
}

/** Caps; then for each purpose in the order of the school its tails, connectors, bond to the box and terminals. */
function together(between: Between, school: OrderSchool): Move[] {
	const { found, wanted, roleOf } = between;
	const before = new Map(endsOf(found).map(({ end, at }) => [endId(end), at]));
	const newly = (place: string) =>
		endsOf(wanted)
			.filter(({ end, at }) => at === place && before.get(endId(end)) !== place)
			.map(({ end }) => end);
	const capped = newly('capped');
	const had = new Set(found.pigtails.map(({ id }) => id));
	const newJoints = wanted.joints
		.filter(({ id }) => !sameMembers(found, wanted, `joint:${id}`))
		.map(({ id, how }) => ({ id, how, ends: endsAt(wanted, `joint:${id}`) }));
	const ofRole = (role: Role): Move[] => [
		...wanted.pigtails
			.filter((tail) => tail.role === role && !had.has(tail.id))
			.map(({ id, colour }) => named('makeTail', id, { tail: id, role, colour })),
		...newJoints
			.filter(({ ends }) => firstRole(ends, between) === role)
			.map(({ id, how, ends }) => named('join', id, { joint: id, role, how, ends })),
		...newly('box')
			.filter((end) => roleOf(end) === role)
			.map((end) => named('bond', endId(end), { end })),
		...placesOf(wanted, 'terminal:')
			.filter(([, ends]) => firstRole(ends, between) === role)
			.map(([at, ends]) => {
				const terminal = terminalOf(at)!;
				return named('land', terminal, { terminal, role, how: howAt(wanted, at), ends });
			})
	];
	return [
		...(capped.length > 0 ? [named('cap', '', { ends: capped })] : []),
		...onOrder[school].flatMap(ofRole)
	];
}

/** Screws that hold nothing; those under the tape aren’t touched. */
function unused(wanted: Wiring): Move[] {
	const terminals = wanted.device ? deviceModel(wanted.device).terminals : [];
	const empty = terminals.filter(
		({ name, side, takes }) =>
			'hook' in takes && side !== 'load' && endsAt(wanted, `terminal:${name}`).length === 0
	);
	return empty.length > 0 ? [named('driveIn', '', { terminals: empty.map(({ name }) => name) })] : [];
}

/** Out of its packet a part has its tabs whole. */
const fresh = (device: Device): Device => withWholeTabs(device);

/** Places of a kind with the ends at each, in the order they are first met. */
function placesOf(wiring: Wiring, prefix: string): [string, End[]][] {
	const places = new Map<string, End[]>();
	for (const { end, at } of endsOf(wiring))
		if (at.startsWith(prefix)) places.set(at, [...(places.get(at) ?? []), end]);
	return [...places];
}

const sameMembers = (a: Wiring, b: Wiring, at: string): boolean => {
	const names = (wiring: Wiring) => endsAt(wiring, at).map(endId).sort().join('\n');
	return names(a) === names(b) && names(a) !== '';
};

/** How the ends of a terminal are held: all of one terminal alike. The near end of a tail has no way on record: it is held as whatever else is there, or by a screw. */
function howAt({ terminations, pigtails }: Wiring, at: string): How {
	return (
		terminations.find((each) => each.at === at)?.how ??
		pigtails.find((tail) => tail.to === at)?.how ??
		'screw'
	);
}

/** The wiring after one more move. */
export function done(wiring: Wiring, move: Move): Wiring {
	const all = (ends: readonly End[], at: string, how?: How) =>
		ends.reduce((made, end) => withEnd(made, end, at, how), wiring);
	switch (move.kind) {
		case 'free':
			return all(move.ends, 'bare');
		case 'undo':
			return {
				...all(move.ends, 'bare'),
				joints: wiring.joints.filter(({ id }) => id !== move.joint)
			};
		case 'dropTail':
			return { ...wiring, pigtails: wiring.pigtails.filter(({ id }) => id !== move.tail) };
		case 'fit':
			return withDevice(wiring, move.device);
		case 'breakTab': {
			const { device } = wiring;
			return device ? { ...wiring, device: withTabs(device, { [move.which]: false }) } : wiring;
		}
		case 'makeTail': {
			const { tail: id, role, colour } = move;
			return { ...wiring, pigtails: [...wiring.pigtails, { id, role, colour, from: 'bare', to: 'bare' }] };
		}
		case 'join': {
			const { joint: id, how } = move;
			const there = wiring.joints.some((joint) => joint.id === id);
			const held = all(move.ends, `joint:${id}`, how);
			return there ? held : { ...held, joints: [...held.joints, { id, how }] };
		}
		case 'bond':
			return withEnd(wiring, move.end, 'box', 'screw');
		case 'cap':
			return all(move.ends, 'capped');
		case 'land':
			return all(move.ends, `terminal:${move.terminal}`, move.how);
		case 'tape':
		case 'driveIn':
			return wiring;
	}
}
