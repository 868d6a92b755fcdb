import {
	beside,
	cablesInBox,
	findBox,
	tabsOf,
	withTabs,
	withWholeTabs,
	deviceModel,
	type Device,
	type House,
	type Role,
	type Terminal
} from '../house';
import { regions, withoutGround } from '../rules';
import { netsOf, onDevice, type Conducting, type Net } from './nets';
import { seated, wayFor } from './seat';
import {
	asRecorded,
	endId,
	endsAt,
	endsOf,
	jointOf,
	sameEnd,
	terminalOf,
	withDevice,
	withEnd,
	type End,
	type Wiring
} from './value';
import type { Wish, WishRefusal } from './wish';

export type Wanted =
	{ readonly ok: true; readonly wiring: Wiring } | { readonly ok: false; readonly refusal: WishRefusal };

/** Terminals of the new part, and the ends that shall be fed from or lead to them. */
interface Group {
	readonly role: Role;
	readonly net: Net;
	/** The ends of cables that belong to it. */
	readonly ends: readonly Conducting[];
	readonly terminals: readonly Terminal[];
	/** Whether they may share the device's own terminals. */
	readonly style: 'keep' | 'device' | 'pigtails';
}

const refuse = (refusal: WishRefusal): Wanted => ({ ok: false, refusal });

/**
 * The wiring of a box as it shall be: the wish's part in place of the one that was found, every conductor where it does what it did, fed on as wished. Joints and
 * tails that can stay, stay. `found` is what is in the box now; the house serves for its cables.
 */
export function wanted(house: House, boxId: string, wish: Wish, found = asRecorded(house, boxId)): Wanted {
	const nets = netsOf(house, boxId, found);
	const mine = nets.filter(({ terminals, ends }) => terminals.length > 0 && ends.length > 0);
	const split = apart(mine, wish);
	if ('refusal' in split) return refuse(split.refusal);
	const groups = grouped(mine, nets, wish, split, found, withoutGround[house.region] !== null);
	if ('refusal' in groups) return refuse(groups.refusal);
	let wiring = withDevice(cleared(found, mine, split.capped), split.device);
	const unbonded = leftUnbonded(house, boxId, found);
	for (const group of groups.groups) {
		const next = placed(wiring, found, group, wish);
		const bonded =
			next && unbonded && group.role === 'ground' ? boxBonded(house, next, wiring, group, wish, found) : next;
		if (!bonded) return refuse({ code: 'noRoom', role: group.role });
		wiring = bonded;
	}
	return { ok: true, wiring: groundedByBox(house, boxId, withoutLeftovers(wiring, found), wish) };
}

/**
 * The ground of the new part by the metal of its box, where no cable brings a ground wire and the metal of one is a path to ground (us: NEC 250.118, 406.4(D)(1)): a tail from the
 * box to its ground terminal. Whether that is a ground the model says.
 */
function groundedByBox(house: House, boxId: string, wiring: Wiring, wish: Wish): Wiring {
	if (wish.groundByBox === false) return wiring;
	const cables = cablesInBox(house, boxId).map(({ cable }) => cable);
	const wired = cables.some(({ conductors }) => conductors.some(({ role }) => role === 'ground'));
	const path = cables.some(({ metal }) => metal !== undefined);
	const ground = deviceModel(wiring.device!).terminals.find(({ role }) => role === 'ground');
	const metal = findBox(house, boxId)?.material === 'metal';
	if (!metal || !path || wired || !ground || endsAt(wiring, `terminal:${ground.name}`).length > 0)
		return wiring;
	const { boxBond } = regions[house.region].custom;
	const how = wayFor(ground, [{ size: regions[house.region].custom.outletCable }], wish.wireEnd);
	const id = freeId(
		wiring.pigtails.map((tail) => tail.id),
		'boxTail'
	);
	return {
		...wiring,
		pigtails: [
			...wiring.pigtails,
			{
				id,
				role: 'ground',
				colour: boxBond.colour === 'bare' ? 'green' : boxBond.colour,
				from: 'box',
				to: `terminal:${ground.name}`,
				how: how ?? boxBond.how
			}
		]
	};
}

/** Whether a box of metal has a ground in it and nothing joins its metal to that, neither here nor at a device beside this one. */
function leftUnbonded(house: House, boxId: string, found: Wiring): boolean {
	if (findBox(house, boxId)?.material !== 'metal') return false;
	const near = beside(house, boxId).map((id) => asRecorded(house, id));
	return [found, ...near].every((wiring) => endsAt(wiring, 'box').length === 0);
}

/**
 * The metal of the box joined to its ground by a tail (us: from the splice, NEC 250.148(C); uk: from the socket’s own earth terminal, recommended always, BS 7671 543.2.7).
 * `before`: with nothing of the ground placed yet, for where a splice has to be made for it.
 */
function boxBonded(
	house: House,
	placedNow: Wiring,
	before: Wiring,
	group: Group,
	wish: Wish,
	found: Wiring
): Wiring | null {
	const { joins, boxBond } = regions[house.region].custom;
	const jointIn = (wiring: Wiring): string | undefined => {
		const mine = new Set(group.ends.map(({ end }) => endId(end)));
		return endsOf(wiring).find(({ end, at }) => mine.has(endId(end)) && jointOf(at) !== null)?.at;
	};
	const spliced =
		joins === 'splices' && jointIn(placedNow) === undefined
			? joinedUp(before, group, wish, found)
			: placedNow;
	if (!spliced) return null;
	const id = freeId(
		spliced.pigtails.map((tail) => tail.id),
		'boxBond'
	);
	const joint = jointIn(spliced);
	const emptiest = [...group.terminals].sort(
		(a, b) => endsAt(spliced, `terminal:${a.name}`).length - endsAt(spliced, `terminal:${b.name}`).length
	)[0];
	const tail =
		joins === 'splices'
			? joint && { from: joint, to: 'box' }
			: emptiest && { from: 'box', to: `terminal:${emptiest.name}` };
	if (!tail) return null;
	return { ...spliced, pigtails: [...spliced.pigtails, { id, role: 'ground', ...boxBond, ...tail }] };
}

interface Split {
	/** The part with the tab broken that has to be. */
	readonly device: Device;
	/** By net: the half it feeds; left out: all of them. */
	readonly half: ReadonlyMap<Net, 'Upper' | 'Lower'>;
	/** Nets that end in a cap. */
	readonly capped: readonly Net[];
}

/** Which hots feed which half. */
function apart(nets: readonly Net[], wish: Wish): Split | { refusal: WishRefusal } {
	const hots = nets.filter(({ role }) => role === 'hot' || role === 'switchedHot');
	const neutrals = nets.filter(({ role }) => role === 'neutral');
	if (hots.length === 0 || neutrals.length === 0) return { refusal: { code: 'nothingOnDevice' } };
	if (neutrals.length > 1) return { refusal: { code: 'twoNeutrals' } };
	const { device } = wish;
	const whole = (): Device => withWholeTabs(device);
	if (hots.length === 1) return { device: whole(), half: new Map(), capped: [] };
	const switched = hots.filter(({ role }) => role === 'switchedHot');
	if (wish.switched === 'alwaysOn' && hots.length - switched.length === 1)
		return { device: whole(), half: new Map(), capped: switched };
	if (hots.length > 2 || !tabsOf(device)) return { refusal: { code: 'halvesApart' } };
	const upperFirst = [...hots].sort(
		(a, b) => Number(!a.terminals.includes('hotUpper')) - Number(!b.terminals.includes('hotUpper'))
	);
	return {
		device: withTabs(device, { hot: false, neutral: true }),
		half: new Map([
			[upperFirst[0]!, 'Upper'],
			[upperFirst[1]!, 'Lower']
		]),
		capped: []
	};
}

function grouped(
	nets: readonly Net[],
	all: readonly Net[],
	wish: Wish,
	split: Split,
	found: Wiring,
	mayDoWithout: boolean
): { groups: Group[] } | { refusal: WishRefusal } {
	const { terminals } = deviceModel(split.device);
	const sided = terminals.some(({ side }) => side);
	const wasSided = found.device ? deviceModel(found.device).terminals.some(({ side }) => side) : false;
	const lives = nets.filter((net) => net.role !== 'ground' && !split.capped.includes(net));
	const ground = nets.find(({ role }) => role === 'ground');
	const forGround = terminals.filter(({ role }) => role === 'ground');
	// Where a code allows it without one, the verdict asks for what has to guard it then.
	if (forGround.length > 0 && !ground && !mayDoWithout) return { refusal: { code: 'noGround' } };
	if (forGround.length === 0 && ground) return { refusal: { code: 'groundUnused' } };
	const cables = new Set(lives.flatMap(({ ends }) => ends.flatMap(({ cable }) => cable ?? [])));
	const after = [...cables].filter((cable) => !wish.supply.includes(cable));
	const shared = lives.some(({ role, ends }) => role === 'neutral' && sharesNeutral(ends, all));
	if (wish.feed === 'protected') {
		if (!sided) return { refusal: { code: 'noSides' } };
		if (wish.supply.length === 0) return { refusal: { code: 'supplyUnknown' } };
		if (after.length === 0) return { refusal: { code: 'nothingAfter' } };
		if (shared) return { refusal: { code: 'sharedNeutral' } };
	}
	const style = (net: Net): Group['style'] => {
		// A neutral that serves two circuits never depends on the device.
		if (shared && net.role === 'neutral') return 'pigtails';
		if (net.role === 'ground') return wish.feed === 'pigtails' ? 'pigtails' : 'keep';
		if (wish.feed === 'asFound') return sided && !wasSided ? 'pigtails' : 'keep';
		return wish.feed === 'pigtails' ? 'pigtails' : 'device';
	};
	const own = ({ ends }: Net) => ends.filter(({ cable }) => cable !== null);
	const groups = lives.flatMap((net): Group[] => {
		const half = split.half.get(net);
		const role = net.role === 'switchedHot' ? 'hot' : net.role;
		const ofRole = terminals.filter(
			(each) => each.role === role && (half === undefined || each.name.endsWith(half))
		);
		if (!sided) return [{ role, net, ends: own(net), terminals: ofRole, style: style(net) }];
		const side = (which: 'supply' | 'load') => ofRole.filter((each) => each.side === which);
		const toLoad = own(net).filter((end) => isOnLoad(end, wish, wasSided, found));
		const toSupply = own(net).filter((end) => !toLoad.includes(end));
		return [
			{ role, net, ends: toSupply, terminals: side('supply'), style: style(net) },
			...(toLoad.length > 0 ? [{ role, net, ends: toLoad, terminals: side('load'), style: style(net) }] : [])
		];
	});
	const grounds: Group[] = ground
		? [{ role: 'ground', net: ground, ends: own(ground), terminals: forGround, style: style(ground) }]
		: [];
	return { groups: [...grounds, ...groups] };
}

/** Hots of two circuits, and one neutral for both. */
const sharesNeutral = (neutral: readonly Conducting[], nets: readonly Net[]): boolean => {
	const cables = new Set(neutral.flatMap(({ cable }) => cable ?? []));
	const circuits = nets
		.filter(({ role }) => role === 'hot')
		.flatMap(({ ends }) => ends)
		.filter(({ cable }) => cable !== null && cables.has(cable))
		.map(({ circuit }) => circuit);
	return new Set(circuits).size > 1;
};

/** Whether an end shall hang on the load side: of a cable that goes on where protection is wished for, or where it hung there before and nothing else is wished. */
function isOnLoad({ cable, end }: Conducting, wish: Wish, wasSided: boolean, found: Wiring): boolean {
	if (wish.feed === 'protected') return cable !== null && !wish.supply.includes(cable);
	if (wish.feed !== 'asFound' || !wasSided) return false;
	const loads = new Set(
		deviceModel(found.device!).terminals.flatMap(({ name, side }) => (side === 'load' ? [name] : []))
	);
	const at = found.terminations.find(
		(each) => end.kind === 'cable' && each.cable === end.cable && each.conductor === end.conductor
	)?.at;
	const through = at?.startsWith('joint:')
		? found.pigtails.flatMap(({ from, to }) => (from === at ? [to] : to === at ? [from] : []))
		: at
			? [at]
			: [];
	return through.some((each) => loads.has(terminalOf(each) ?? ''));
}

/** Everything off the old device; ends that shall be capped are capped. */
function cleared(found: Wiring, nets: readonly Net[], capped: readonly Net[]): Wiring {
	const all = nets.flatMap(({ ends }) => ends);
	const bare = all.filter(onDevice).reduce((wiring, { end }) => withEnd(wiring, end, 'bare'), found);
	return capped
		.flatMap(({ ends }) => ends)
		.filter((each) => each.cable !== null && onDevice(each))
		.reduce((wiring, { end }) => withEnd(wiring, end, 'capped'), bare);
}

/** Ends of one group brought to their terminals; `null` where there is no room. */
function placed(wiring: Wiring, found: Wiring, group: Group, wish: Wish): Wiring | null {
	const direct = (ends: readonly Conducting[]): Wiring | null => {
		const seats = seated(group.terminals, ends, wish.wireEnd);
		if (!seats) return null;
		return [...seats].reduce(
			(made, [{ end }, { terminal, how }]) => withEnd(made, end, `terminal:${terminal}`, how),
			wiring
		);
	};
	const joined = (): Wiring | null => joinedUp(wiring, group, wish, found);
	// What sits on the device now and belongs here: cable ends, and tails from joints and to the box.
	const sitting = group.net.ends.filter((each) => onDevice(each) && belongs(each, group, found));
	switch (group.style) {
		case 'keep':
			// A joint that also holds ends of the other side can't stay as it is.
			return mixed(group) ? (direct(group.ends) ?? joined()) : (direct(sitting) ?? joined());
		case 'device': {
			const bonds = sitting.filter(({ end }) => bondsBox(end, found));
			return direct([...group.ends, ...bonds]) ?? joined();
		}
		case 'pigtails':
			if (group.ends.length <= 1 && sitting.length <= 1) return direct(sitting) ?? joined();
			return sitting.length === 1 && sitting[0]!.end.kind === 'tail' && !mixed(group)
				? (direct(sitting) ?? joined())
				: joined();
	}
}

/** The other end of a tail, as found. */
const farOf = (end: End, { pigtails }: Wiring): string | null => {
	if (end.kind === 'cable') return null;
	const tail = pigtails.find(({ id }) => id === end.tail);
	return tail ? tail[end.end === 'from' ? 'to' : 'from'] : null;
};
const bondsBox = (end: End, found: Wiring): boolean => farOf(end, found) === 'box';

/** Whether what sits on the device is of this group: its own cable ends, and tails from a joint that holds one of them, or to the box. */
function belongs(each: Conducting, group: Group, found: Wiring): boolean {
	if (each.cable !== null) return group.ends.some(({ end }) => sameEnd(end, each.end));
	const far = farOf(each.end, found);
	if (far === null || far === 'box') return group.role === 'ground';
	return group.ends.some(({ at }) => at === far);
}

/** A joint of the net that holds ends of this group and of another one. */
const mixed = ({ net, ends }: Group): boolean => {
	const mine = new Set(ends.map(({ end }) => endId(end)));
	const joints = new Set(ends.flatMap(({ at }) => (at.startsWith('joint:') ? [at] : [])));
	return net.ends.some(({ end, at, cable }) => cable !== null && joints.has(at) && !mine.has(endId(end)));
};

/** All ends of a group in one connector with a tail to the device. */
function joinedUp(wiring: Wiring, group: Group, wish: Wish, found: Wiring): Wiring | null {
	const to = group.terminals[0];
	if (!to) return null;
	const tailLook = group.ends[0] ?? group.net.ends[0];
	if (!tailLook) return null;
	const seats = seated([to], [tailLook], wish.wireEnd);
	if (!seats) return null;
	const { how } = [...seats.values()][0]!;
	const joint = freeId(
		wiring.joints.map(({ id }) => id),
		`${group.role}s`
	);
	const tail = freeId(
		wiring.pigtails.map(({ id }) => id),
		`${group.role}Tail`
	);
	const bonds = group.net.ends.filter(
		(each) => group.role === 'ground' && onDevice(each) && bondsBox(each.end, found)
	);
	const members = [...group.ends, ...bonds];
	const held = members.reduce((made, { end }) => withEnd(made, end, `joint:${joint}`, wish.connector), {
		...wiring,
		joints: [...wiring.joints, { id: joint, how: wish.connector }]
	});
	return {
		...held,
		pigtails: [
			...held.pigtails,
			{
				id: tail,
				role: group.role,
				colour: tailLook.colour,
				from: `joint:${joint}`,
				to: `terminal:${to.name}`,
				how
			}
		]
	};
}

const freeId = (taken: readonly string[], name: string): string => {
	let id = name;
	for (let n = 2; taken.includes(id); n++) id = `${name}${n}`;
	return id;
};

/** Without the joints that nothing is in any more, and the tails that were left without an end to hold. */
function withoutLeftovers(wiring: Wiring, found: Wiring): Wiring {
	const wasBare = new Set(
		found.pigtails.flatMap(({ id, from, to }) => (from === 'bare' || to === 'bare' ? [id] : []))
	);
	const lone = (at: string, tail: string) =>
		at === 'bare' ||
		(at.startsWith('joint:') &&
			!wiring.terminations.some((each) => each.at === at) &&
			!wiring.pigtails.some(({ id, from, to }) => id !== tail && (from === at || to === at)));
	const pigtails = wiring.pigtails.filter(
		({ id, from, to }) => wasBare.has(id) || !(lone(from, id) || lone(to, id))
	);
	const used = new Set([
		...wiring.terminations.map(({ at }) => at),
		...pigtails.flatMap(({ from, to }) => [from, to])
	]);
	return { ...wiring, pigtails, joints: wiring.joints.filter(({ id }) => used.has(`joint:${id}`)) };
}
