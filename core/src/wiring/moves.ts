import { deviceModel, type Colour, type Device, type How, type Role } from '../house';
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
	const made: Move[] = [];
	const add = (kind: string, name: string, move: object) =>
		made.push({ id: name ? `${kind} ${name}` : kind, kind, ...move } as Move);
	const role = (ends: readonly End[]): Role => (ends[0] ? roleOf(ends[0]) : 'hot');
	const byRole = <T extends { role: Role }>(list: readonly T[], order: readonly Role[]): T[] =>
		[...list].sort((a, b) => order.indexOf(a.role) - order.indexOf(b.role));

	const wasOn = placesOf(found, 'terminal:').map(([at, ends]) => ({ at, ends, role: role(ends) }));
	for (const { at, ends, role: of } of byRole(wasOn, offOrder))
		add('free', terminalOf(at)!, { terminal: terminalOf(at)!, role: of, ends });
	const undone = found.joints.filter(({ id }) => !sameMembers(found, wanted, `joint:${id}`));
	const joints = undone.map(({ id }) => {
		const ends = endsAt(found, `joint:${id}`);
		return { id, ends, role: role(ends) };
	});
	for (const { id, ends, role: of } of byRole(joints, offOrder))
		add('undo', id, { joint: id, role: of, ends });
	const kept = new Set(wanted.pigtails.map(({ id }) => id));
	for (const { id, role: of } of found.pigtails.filter((tail) => !kept.has(tail.id)))
		add('dropTail', id, { tail: id, role: of });

	if (wanted.device) {
		add('fit', '', { device: fresh(wanted.device) });
		const { terminals } = deviceModel(wanted.device);
		const loads = terminals.filter(({ side }) => side === 'load').map(({ name }) => `terminal:${name}`);
		if (loads.length > 0) add('tape', '', { lift: loads.some((at) => endsAt(wanted, at).length > 0) });
		if ('tabs' in wanted.device)
			for (const which of ['hot', 'neutral'] as const)
				if (!wanted.device.tabs[which]) add('breakTab', which, { which });
	}

	const before = new Map(endsOf(found).map(({ end, at }) => [endId(end), at]));
	const capped = endsOf(wanted).filter(
		({ end, at }) => at === 'capped' && before.get(endId(end)) !== 'capped'
	);
	if (capped.length > 0) add('cap', '', { ends: capped.map(({ end }) => end) });
	const had = new Set(found.pigtails.map(({ id }) => id));
	const newJoints = wanted.joints.filter(({ id }) => !sameMembers(found, wanted, `joint:${id}`));
	const bonds = endsOf(wanted).filter(({ end, at }) => at === 'box' && before.get(endId(end)) !== 'box');
	for (const of of onOrder[school]) {
		for (const { id, colour } of wanted.pigtails.filter((tail) => tail.role === of && !had.has(tail.id)))
			add('makeTail', id, { tail: id, role: of, colour });
		for (const { id, how } of newJoints) {
			const ends = endsAt(wanted, `joint:${id}`);
			if (role(ends) === of) add('join', id, { joint: id, role: of, how, ends });
		}
		for (const { end } of bonds) if (roleOf(end) === of) add('bond', endId(end), { end });
		for (const [at, ends] of placesOf(wanted, 'terminal:'))
			if (role(ends) === of)
				add('land', terminalOf(at)!, {
					terminal: terminalOf(at)!,
					role: of,
					how: howAt(wanted, at),
					ends
				});
	}
	if (wanted.device) {
		const empty = deviceModel(wanted.device)
			.terminals.filter(
				({ name, side, takes }) =>
					'hook' in takes && side !== 'load' && endsAt(wanted, `terminal:${name}`).length === 0
			)
			.map(({ name }) => name);
		if (empty.length > 0) add('driveIn', '', { terminals: empty });
	}
	return made;
}

/** Out of its packet a part has its tabs whole. */
const fresh = (device: Device): Device =>
	device.kind === 'duplex' ? { ...device, tabs: { hot: true, neutral: true } } : device;

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
			return device && 'tabs' in device
				? { ...wiring, device: { ...device, tabs: { ...device.tabs, [move.which]: false } } }
				: wiring;
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
