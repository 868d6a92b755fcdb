import { isBlank, tabsOf, takesGround, withTabs } from '../deviceState';
import { deviceModel } from '../devices';
import {
	cablesInBox,
	cablesOfCircuit,
	circuitsInBox,
	circuitsOfCable,
	findBox,
	findBreaker,
	findCircuit,
	panelOf,
	withBox
} from '../lookup';
import { canBeWired, cableConductors, standardWiring, usualSize } from '../standard';
import { chainOfCircuit, walkChain } from '../topology';
import type { Box, Cable, Device, House } from '../schema';
import type { EditRefusal, Spot } from './edits';
import { freshId, idsOf } from './ids';
import { regions } from '../../rules';

/** Cable laid where nobody has measured: half of 8 m from the panel, 4 m between boxes. Marked `assumed`. */
const assumedLengthM = { fromPanel: 10, between: 4 };

export type Changed =
	{ readonly ok: true; readonly house: House } | { readonly ok: false; readonly refusal: EditRefusal };
export const changed = (house: House): Changed => ({ ok: true, house });
export const refused = (refusal: EditRefusal): Changed => ({ ok: false, refusal });

/**
 * Puts a box that has no cables on a circuit. What came after that place now comes after the box, unless it is to be a branch. Boxes whose cables only change
 * their other end keep their wiring; the box itself, and one that gains a cable, are wired as is usual.
 */
export function place(house: House, boxId: string, { circuit: circuitId, after, branch }: Spot): Changed {
	const circuit = findCircuit(house, circuitId);
	if (!circuit) return refused({ code: 'unknown', what: 'circuit', id: circuitId });
	if (!findBox(house, boxId)) return refused({ code: 'unknown', what: 'box', id: boxId });
	const own = circuitsInBox(house, boxId);
	if (own.length > 0)
		return refused({ code: 'onTwoChains', box: boxId, circuits: [...idsOf(own), circuitId] });
	const from: Cable['from'] = after === 'panel' ? { panel: panelOf(house, circuit.breaker)!.id } : after;
	if (after !== 'panel') {
		if (!findBox(house, after.box)) return refused({ code: 'unknown', what: 'box', id: after.box });
		if (after.box === boxId) return refused({ code: 'afterItself', box: boxId });
		if (!circuitsInBox(house, after.box).includes(circuit))
			return refused({ code: 'notOnThisCircuit', box: after.box, circuit: circuitId });
		if (!isPlain(cablesAt(house, after.box))) return refused({ code: 'wiredByHand', box: after.box });
	}
	const following = branch ? undefined : nextCable(house, circuitId, after);
	const laid = newCable(house, circuitId, boxId);
	const conductorsOf = ({ conductors }: Cable) =>
		conductors
			.map(({ id }) => id)
			.sort()
			.join();
	// The next box takes the new cable for the one it had: where that is another kind, and its wires were put by hand, nobody knows where they would go.
	if (
		following &&
		!isPlain(cablesAt(house, following.to.box)) &&
		conductorsOf(following) !== conductorsOf({ ...following, ...laid })
	)
		return refused({ code: 'wiredByHand', box: following.to.box });
	if (!following) {
		// The first box of a ring has both of its ends.
		const back = circuit.arrangement === 'ring' && after === 'panel' ? [wayBack(house, laid, boxId)] : [];
		const extended = { ...house, cables: [...house.cables, { ...laid, from, to: { box: boxId } }, ...back] };
		return changed(rewired(rewired(extended, boxId), after === 'panel' ? null : after.box));
	}
	// A ring's last box has its way back to the panel: the new box comes between.
	if (after !== 'panel' && following.to.box === after.box) {
		const cables = house.cables.map((cable) =>
			cable === following ? { ...cable, to: { box: boxId } } : cable
		);
		const onward = { ...laid, from, to: { box: boxId } };
		const passed = renamed({ ...house, cables: [...cables, onward] }, after.box, following.id, laid.id);
		return changed(rewired(passed, boxId));
	}
	const cables = house.cables.flatMap((cable) =>
		cable === following
			? [
					{ ...cable, to: { box: boxId } },
					{ ...laid, from: { box: boxId }, to: cable.to }
				]
			: [cable]
	);
	return changed(rewired(renamed({ ...house, cables }, following.to.box, following.id, laid.id), boxId));
}

/** Takes a box off its circuit; what came after it now comes after what was before it. It keeps its device, not its wires. */
export function unplace(house: House, boxId: string): Changed {
	const box = findBox(house, boxId);
	if (!box) return refused({ code: 'unknown', what: 'box', id: boxId });
	const ends = cablesInBox(house, boxId);
	// What each of its wires does would be lost.
	if (!isPlain(cablesAt(house, boxId)) && ends.every(({ cable }) => circuitsOfCable(cable).length === 1))
		return refused({ code: 'wiredByHand', box: boxId });
	const circuits = new Set(ends.flatMap(({ cable }) => circuitsOfCable(cable)));
	if (circuits.size > 1) return refused({ code: 'onTwoChains', box: boxId, circuits: [...circuits] });
	const into = ends.filter(({ end }) => end === 'to').map(({ cable }) => cable);
	const out = ends.filter(({ end }) => end === 'from').map(({ cable }) => cable);
	const bare = withBox(house, boxId, (each) => ({ ...each, terminations: [], pigtails: [], joints: [] }));
	const [first, second] = into;
	if (!first) return changed(without(bare, idsOf(out)));
	if (second) {
		// The last box of a ring: the box before it takes over the way back.
		const [back, last] = 'panel' in second.from ? [second, first] : [first, second];
		if (!('box' in last.from)) return changed(without(bare, [back.id, last.id]));
		const before = last.from.box;
		const kept = without(bare, [last.id]);
		const joined = {
			...kept,
			cables: kept.cables.map((cable) => (cable.id === back.id ? { ...cable, to: { box: before } } : cable))
		};
		return changed(renamed(joined, before, last.id, back.id));
	}
	const [onward, ...branches] = out;
	if (!onward) {
		const kept = without(bare, [first.id]);
		return changed('box' in first.from ? rewired(kept, first.from.box) : kept);
	}
	const kept = without(bare, [onward.id]);
	const joined = {
		...kept,
		cables: kept.cables.map((cable) =>
			cable.id === first.id
				? { ...cable, to: onward.to }
				: branches.some(({ id }) => id === cable.id)
					? { ...cable, from: first.from }
					: cable
		)
	};
	const passed = renamed(joined, onward.to.box, onward.id, first.id);
	return changed(branches.length > 0 && 'box' in first.from ? rewired(passed, first.from.box) : passed);
}

/** The cable that leads round to the panel again, like the one that leads out. */
function wayBack(house: House, like: Cable, boxId: string): Cable {
	const from = { panel: panelOf(house, findCircuit(house, like.circuit)!.breaker)!.id };
	const id = freshId(`${like.circuit}-back`, 'cable', [...idsOf(house.cables), like.id]);
	const { landings: _landed, metal: _metal, ...plain } = like;
	return { ...plain, id, from, to: { box: boxId }, lengthM: assumedLengthM.fromPanel, assumed: true };
}

/** Records a circuit as a ring, with a way back from the last box of its main run, or as a radial, without one. */
export function rearranged(house: House, circuitId: string, arrangement: 'radial' | 'ring'): Changed {
	const set = {
		...house,
		circuits: house.circuits.map((each) => (each.id === circuitId ? { ...each, arrangement } : each))
	};
	const cables = cablesOfCircuit(house, circuitId);
	if (cables.length === 0) return changed(set);
	const fromPanel = cables.filter(({ from }) => 'panel' in from);
	if (arrangement === 'radial') {
		const back = fromPanel.findLast(({ to }) => cables.filter((each) => each.to.box === to.box).length > 1);
		return back ? changed(rewired(without(set, [back.id]), back.to.box)) : changed(set);
	}
	const [first] = fromPanel;
	if (!first || fromPanel.length > 1) return refused({ code: 'noRing', circuit: circuitId });
	const last = walkChain(house, circuitId).findLast(({ depth }) => depth === 0)!.box.id;
	return changed(rewired({ ...set, cables: [...set.cables, wayBack(set, first, last)] }, last));
}

/** Gives a box and everything after it a circuit of its own, from the panel. */
export function split(house: House, boxId: string, circuitId: string, breakerId: string): Changed {
	const [circuit] = circuitsInBox(house, boxId);
	const into = cablesInBox(house, boxId).find(({ end, cable }) => end === 'to' && 'box' in cable.from)?.cable;
	if (!circuit || !into || !('box' in into.from) || circuit.arrangement === 'ring')
		return refused({ code: 'nothingToSplit', box: boxId });
	const after = new Set([boxId]);
	for (const { box } of chainOfCircuit(house, circuit.id))
		if (
			cablesInBox(house, box.id).some(
				({ cable, end }) => end === 'to' && 'box' in cable.from && after.has(cable.from.box)
			)
		)
			after.add(box.id);
	const before = into.from.box;
	const panel = panelOf(house, breakerId)!.id;
	const cables = house.cables.map((cable) =>
		cable === into
			? { ...cable, circuit: circuitId, from: { panel }, assumed: true }
			: cable.circuit === circuit.id && 'box' in cable.from && after.has(cable.from.box)
				? { ...cable, circuit: circuitId }
				: cable
	);
	return changed(rewired({ ...house, cables }, before));
}

/** The cable that leaves a place of a chain; in a ring, for its last box, the one that goes back. */
function nextCable(house: House, circuitId: string, after: Spot['after']): Cable | undefined {
	const cables = cablesOfCircuit(house, circuitId);
	if (after === 'panel') return cables.find(({ from }) => 'panel' in from);
	const onward = cables.find(({ from }) => 'box' in from && from.box === after.box);
	return (
		onward ??
		(cables.filter(({ to }) => to.box === after.box).length > 1
			? cables.findLast(({ to }) => to.box === after.box)
			: undefined)
	);
}

function newCable(house: House, circuitId: string, boxId: string): Cable {
	const like = house.cables.find(({ circuit }) => circuit === circuitId);
	const ratingA = findBreaker(house, findCircuit(house, circuitId)!.breaker)?.ratingA ?? 15;
	const size = like?.size ?? usualSize(house.region, ratingA, findCircuit(house, circuitId)!.arrangement);
	const { custom } = regions[house.region];
	// A two-slot outlet is what one finds on cable without a ground.
	const device = findBox(house, boxId)?.device;
	const grounded = device === undefined || takesGround(device);
	return {
		id: freshId(`${circuitId}-${boxId}`, 'cable', idsOf(house.cables)),
		circuit: circuitId,
		from: { panel: '' },
		to: { box: boxId },
		lengthM: like ? assumedLengthM.between : assumedLengthM.fromPanel,
		size,
		material: like?.material ?? 'copper',
		sheath: like?.sheath ?? custom.sheath,
		conductors: cableConductors(custom.palette, size).filter(({ role }) => role !== 'ground' || grounded),
		assumed: true
	};
}

const cablesAt = (house: House, boxId: string): Cable[] =>
	cablesInBox(house, boxId).map(({ cable }) => cable);
/** One hot and one neutral to a cable, and nothing switched: anything else is wired by hand. */
export const isPlain = (cables: readonly Cable[]): boolean =>
	cables.every(
		({ conductors }) =>
			['hot', 'neutral'].every((role) => conductors.filter((each) => each.role === role).length === 1) &&
			conductors.every(({ role }) => role !== 'switchedHot')
	);

/** Wires a box anew, straight to its device or spliced with tails, where its device and cables allow that. */
export function rewire(house: House, boxId: string, way: 'ownScrews' | 'pigtails'): Changed {
	const cables = cablesInBox(house, boxId).map(({ cable }) => cable);
	// Two hots in a cable, or two circuits, are wired by hand.
	const possible = cables.length > 0 && isPlain(cables) && circuitsInBox(house, boxId).length === 1;
	if (!possible || !canBeWired(house.region, findBox(house, boxId)?.device, cables.length, way))
		return refused({ code: 'notWiredThatWay', box: boxId, way });
	return changed(rewired(house, boxId, way));
}

/**
 * Another outlet said to be in a box. With the same terminals every wire stays where it is, and a broken tab broken; with others the wires come as they usually do, spliced where they were
 * spliced. What was plugged into a half that is gone goes into the first one.
 */
export function refitted(house: House, boxId: string, device: Device): Changed {
	const box = findBox(house, boxId)!;
	const { terminals, halves } = deviceModel(device);
	const outlet = (each: Device | undefined) =>
		each === undefined || isBlank(each) || deviceModel(each).halves.length > 0;
	if (!outlet(device) || !outlet(box.device)) return refused({ code: 'notAnOutlet', box: boxId });
	if (isBlank(device) && cablesInBox(house, boxId).length > 1)
		return refused({ code: 'blankTakesOne', box: boxId });
	const withDevice = (of: House, made: Device): House =>
		withBox(of, boxId, (each) => ({ ...each, device: made }));
	const fitted: House = {
		...withDevice(house, device),
		loads: house.loads.flatMap((load) => {
			if (load.box !== boxId || halves.includes(load.half)) return [load];
			// Where nothing is fitted nothing is plugged in.
			return halves[0] === undefined ? [] : [{ ...load, half: halves[0] }];
		})
	};
	const names = new Set(terminals.map(({ name }) => `terminal:${name}`));
	const ats = [
		...box.terminations.map(({ at }) => at),
		...box.pigtails.flatMap(({ from, to }) => [from, to])
	].filter((at) => at.startsWith('terminal:'));
	// What a broken tab keeps apart, another circuit or a switched half, stays apart.
	const [was, now] = [tabsOf(box.device), tabsOf(device)];
	const apart = was !== null && !(was.hot && was.neutral);
	if (ats.every((at) => names.has(at)) && !(apart && now === null)) {
		const tabs = was && now && { hot: was.hot && now.hot, neutral: was.neutral && now.neutral };
		return changed(tabs ? withDevice(fitted, withTabs(device, tabs)) : fitted);
	}
	const cables = cablesInBox(house, boxId).map(({ cable }) => cable);
	if (!isPlain(cables) || circuitsInBox(house, boxId).length > 1)
		return refused({ code: 'wiredByHand', box: boxId });
	const spliced = box.terminations.some(({ at }) => at === 'joint:hot' || at === 'joint:neutral');
	const way = spliced && canBeWired(house.region, device, cables.length, 'pigtails') ? 'pigtails' : undefined;
	return changed(rewired(fitted, boxId, way));
}

/** A box wired as is usual for the cables it has, the supply first; or the way it is said to be. */
export function rewired(house: House, boxId: string | null, way?: 'ownScrews' | 'pigtails'): House {
	if (boxId === null) return house;
	const cables = [...cablesInBox(house, boxId)]
		.sort((a, b) => Number(b.end === 'to') - Number(a.end === 'to'))
		.map(({ cable }) => cable);
	return withBox(house, boxId, (box) => ({
		...box,
		...standardWiring(house.region, box, cables, undefined, way)
	}));
}

const without = (house: House, cables: readonly string[]): House => ({
	...house,
	cables: house.cables.filter(({ id }) => !cables.includes(id))
});

/** The same conductor ends in a box, of a cable with another id; where that one has other conductors, the box is wired as is usual. */
function renamed(house: House, boxId: string, from: string, to: string): House {
	const made = withBox(house, boxId, (box: Box) => ({
		...box,
		terminations: box.terminations.map((end) => (end.cable === from ? { ...end, cable: to } : end))
	}));
	const conductors = made.cables.find(({ id }) => id === to)?.conductors.map(({ id }) => id) ?? [];
	const ended =
		findBox(made, boxId)
			?.terminations.filter(({ cable }) => cable === to)
			.map(({ conductor }) => conductor) ?? [];
	const fits = conductors.length === ended.length && conductors.every((id) => ended.includes(id));
	return fits ? made : rewired(made, boxId);
}
