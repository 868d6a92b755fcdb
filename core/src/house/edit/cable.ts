import { cablesInBox, findBox, withBox } from '../lookup';
import { cableConductors } from '../standard';
import type { Box, Cable, House } from '../schema';
import { regions } from '../../rules';
import { changed, isPlain, refused, rewired, type Changed } from './chain';
import type { EditOf } from './edits';
import { freshId, idsOf } from './ids';

/** Metal of armour or conduit as a path to ground, from end to end, Ω: sound fittings; what is measured is written in the house file. */
const soundMetalOhm = 0.1;
const metalSheaths: readonly Cable['sheath'][] = ['armoured', 'conduit'];
/** Whether a sheath has metal that could be a path to ground. */
export const isMetalSheath = (sheath: Cable['sheath']): boolean => metalSheaths.includes(sheath);

/** What a cable is, as it was seen: size, metal, sheath, length, whether it has a ground wire and whether its metal is a ground; for it alone or for all of its circuit. */
export function setCable(house: House, edit: EditOf<'setCable'>): Changed {
	const { cable: id, everywhere } = edit;
	const here = house.cables.find((cable) => cable.id === id);
	if (!here) return refused({ code: 'unknown', what: 'cable', id });
	const meant = everywhere ? house.cables.filter(({ circuit }) => circuit === here.circuit) : [here];
	let now = house;
	for (const { id: each } of meant) {
		const made = one(now, each, edit);
		if (!made.ok) return made;
		now = made.house;
	}
	return changed(now);
}

function one(house: House, id: string, edit: EditOf<'setCable'>): Changed {
	const was = house.cables.find((cable) => cable.id === id)!;
	const now = described(house, was, edit);
	const made: House = { ...house, cables: house.cables.map((cable) => (cable === was ? now : cable)) };
	const has = now.conductors.some(({ role }) => role === 'ground');
	const { grounded = has } = edit;
	return grounded === has
		? changed(made)
		: grounded
			? withGround(made, now)
			: changed(withoutGround(made, now));
}

function described(house: House, was: Cable, edit: EditOf<'setCable'>): Cable {
	const { size = was.size, material = was.material, sheath = was.sheath, metalGround } = edit;
	const { metal: had, assumed: _assumed, ...rest } = was;
	// The length of one says nothing of the others.
	const measured = edit.lengthM !== undefined && edit.cable === was.id;
	const isGround = metalGround ?? had !== undefined;
	const earthSize = cableConductors(regions[house.region].custom.palette, size).find(
		({ role }) => role === 'ground'
	)?.size;
	return {
		...rest,
		size,
		material,
		sheath,
		lengthM: measured ? edit.lengthM! : was.lengthM,
		...(was.assumed && !measured ? { assumed: true as const } : {}),
		...(isMetalSheath(sheath) && isGround ? { metal: had ?? { resistanceOhm: soundMetalOhm } } : {}),
		conductors: was.conductors.map((each) => {
			if (each.role !== 'ground' || size === was.size) return each;
			const { size: _own, ...plain } = each;
			return earthSize === undefined ? plain : { ...plain, size: earthSize };
		})
	};
}

const endsOf = ({ from, to }: Cable): string[] => ['box' in from ? [from.box] : [], to.box].flat();

/** The ground wire comes with the boxes wired as is usual; where they are wired by hand, where it goes nobody has said. */
function withGround(house: House, cable: Cable): Changed {
	const { custom } = regions[house.region];
	const ground = cableConductors(custom.palette, cable.size).find(({ role }) => role === 'ground')!;
	const conductor = { ...ground, id: freshId('ground', 'ground', idsOf(cable.conductors)) };
	const made: House = {
		...house,
		cables: house.cables.map((each) =>
			each === cable ? { ...cable, conductors: [...cable.conductors, conductor] } : each
		)
	};
	const ends = endsOf(cable);
	const byHand = ends.find((box) => !isPlain(cablesInBox(made, box).map((end) => end.cable)));
	if (byHand !== undefined) return refused({ code: 'wiredByHand', box: byHand });
	return changed(ends.reduce((now: House, box) => rewired(now, box), made));
}

/** The ground wire goes, and with it splices and tails that it leaves alone; every other wire stays where it is. */
function withoutGround(house: House, cable: Cable): House {
	const gone = new Set(cable.conductors.flatMap(({ id, role }) => (role === 'ground' ? [id] : [])));
	const made: House = {
		...house,
		cables: house.cables.map((each) =>
			each === cable ? { ...cable, conductors: cable.conductors.filter(({ id }) => !gone.has(id)) } : each
		)
	};
	return endsOf(cable).reduce(
		(now, boxId) =>
			findBox(now, boxId)
				? withBox(now, boxId, (box) =>
						tidied({
							...box,
							terminations: box.terminations.filter(
								(end) => !(end.cable === cable.id && gone.has(end.conductor))
							)
						})
					)
				: now,
		made
	);
}

/** A box without splices that no cable’s conductor is in any more, and without their tails. */
function tidied(box: Box): Box {
	const empty = new Set(
		box.joints.flatMap(({ id }) =>
			box.terminations.some(({ at }) => at === `joint:${id}`) ? [] : [`joint:${id}`]
		)
	);
	return {
		...box,
		joints: box.joints.filter(({ id }) => !empty.has(`joint:${id}`)),
		pigtails: box.pigtails.filter(({ from, to }) => !empty.has(from) && !empty.has(to))
	};
}
