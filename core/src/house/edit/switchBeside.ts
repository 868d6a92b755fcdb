import { cablesInBox, circuitsInBox, findBox, findCircuit, withBox } from '../lookup';
import type { Box, Cable, House } from '../schema';
import { regions } from '../../rules';
import { sharing } from './beside';
import { isPlain, place, refused, rewired, type Changed } from './chain';
import type { EditOf } from './edits';
import { freshId, idsOf, sameName } from './ids';

/** What stands for a light nobody has measured: 60 W at the supply’s voltage. */
const lightW = 60;
/** From a switch to what it works, m: assumed. */
const toTheLightM = 4;

/**
 * A wall switch in one box with an outlet, and what it works. On the outlet’s own circuit it is fed by wires from there, on another one by a cable of its own; wired as is usual, its lengths assumed.
 */
export function addSwitch(house: House, { beside, name, works, circuit }: EditOf<'addSwitch'>): Changed {
	const outlet = findBox(house, beside);
	if (!outlet) return refused({ code: 'unknown', what: 'box', id: beside });
	if (!findCircuit(house, circuit)) return refused({ code: 'unknown', what: 'circuit', id: circuit });
	if (house.boxes.length >= 999) return refused({ code: 'tooLarge', what: 'boxes' });
	const { room } = outlet;
	const taken = (each: string) =>
		house.boxes.some((other) => other.room === room && sameName(other.name, each));
	for (const each of [name, works]) if (taken(each)) return refused({ code: 'nameTaken', name: each });
	if (sameName(name, works)) return refused({ code: 'nameTaken', name: works });
	const id = freshId(`${room}-${name}`, 'switch', idsOf(house.boxes));
	const lightId = freshId(`${room}-${works}`, 'light', [...idsOf(house.boxes), id]);
	const bare = { ...nothingInIt, room };
	const { custom } = regions[house.region];
	const wallSwitch: Box = {
		...bare,
		id,
		name,
		material: outlet.material,
		device: { kind: 'switch', ratingA: custom.usualBreakerA, on: false }
	};
	const own = circuitsInBox(house, beside).some((each) => each.id === circuit);
	const placed = place({ ...house, boxes: [...house.boxes, wallSwitch] }, id, {
		circuit,
		after: own ? { box: beside } : 'panel',
		branch: true
	});
	if (!placed.ok) return placed;
	const feed = cablesInBox(placed.house, id)[0]!.cable;
	const how = custom.joins === 'splices' ? ('hook' as const) : ('pillar' as const);
	const { light, onward } = lightBehind(placed.house, feed, { ...bare, id: lightId, name: works }, id, how);
	const made: House = {
		...placed.house,
		boxes: [...placed.house.boxes, light],
		cables: [...placed.house.cables, onward]
	};
	const together = sharing(made, id, { do: 'setBox', box: id, inBoxWith: beside });
	return together.ok
		? {
				ok: true,
				house: withBox(together.house, id, (box) => ({ ...box, ...wiredUp(box, feed, onward, how) }))
			}
		: together;
}

const nothingInIt = {
	use: 'fixed' as const,
	joints: [],
	terminations: [],
	pigtails: [],
	worries: [],
	history: []
};

/** What a switch works, and the cable to it: like the one that feeds the switch, its hot switched. */
function lightBehind(
	house: House,
	feed: Cable,
	bare: Omit<Box, 'material' | 'device'>,
	switchId: string,
	how: 'hook' | 'pillar'
): { light: Box; onward: Cable } {
	const { landings: _landed, metal: _metal, ...like } = feed;
	const onward: Cable = {
		...like,
		id: freshId(`${feed.circuit}-${bare.id}`, 'cable', idsOf(house.cables)),
		from: { box: switchId },
		to: { box: bare.id },
		lengthM: toTheLightM,
		assumed: true,
		conductors: feed.conductors.map((each) => (each.role === 'hot' ? { ...each, role: 'switchedHot' } : each))
	};
	const { nominalV } = regions[house.region].supply;
	const light: Box = {
		...bare,
		material: 'plastic',
		device: {
			kind: 'fixed',
			name: bare.name,
			resistanceOhm: Math.round(nominalV ** 2 / lightW),
			on: true,
			matters: 'light'
		},
		terminations: onward.conductors.map(({ id: conductor, role }) => ({
			cable: onward.id,
			conductor,
			at: `terminal:${role === 'switchedHot' ? 'hot' : role}`,
			how
		}))
	};
	return { light, onward };
}

/** Hot and switched hot on the switch, neutrals joined, grounds joined with a tail to it and to a metal box. */
function wiredUp(
	{ material }: Box,
	feed: Cable,
	onward: Cable,
	how: 'hook' | 'pillar'
): Pick<Box, 'joints' | 'terminations' | 'pigtails'> {
	const joint = how === 'hook' ? ('twistOn' as const) : ('lever' as const);
	const ends = [feed, onward].flatMap(({ id, conductors }) =>
		conductors.map(({ id: conductor, role }) =>
			role === 'neutral' || role === 'ground'
				? { cable: id, conductor, at: `joint:${role}`, how: joint }
				: { cable: id, conductor, at: `terminal:${role}`, how }
		)
	);
	const ground = feed.conductors.find(({ role }) => role === 'ground');
	const tail = { role: 'ground' as const, colour: ground?.colour ?? 'bare', from: 'joint:ground' };
	return {
		joints: [...(ground ? ['ground'] : []), 'neutral'].map((id) => ({ id, how: joint })),
		terminations: ends,
		pigtails: ground
			? [
					{ ...tail, id: 'groundTail', to: 'terminal:ground', how },
					...(material === 'metal' ? [{ ...tail, id: 'boxBond', to: 'box', how: 'screw' as const }] : [])
				]
			: []
	};
}

/** A wall switch off its circuit, and with it what hangs on it alone. What fed it is wired as is usual without it. */
export function takenOff(house: House, boxId: string): Changed {
	const ends = cablesInBox(house, boxId);
	const onward = ends.flatMap(({ cable, end }) => (end === 'from' ? [cable.to.box] : []));
	const alone = onward.filter(
		(id) => findBox(house, id)?.use === 'fixed' && cablesInBox(house, id).length === 1
	);
	// Something else hangs behind it: where that would go nobody knows.
	if (alone.length < onward.length) return refused({ code: 'wiredByHand', box: boxId });
	const gone = ends.map(({ cable }) => cable.id);
	const before = ends.flatMap(({ cable, end }) =>
		end === 'to' && 'box' in cable.from ? [cable.from.box] : []
	);
	const left: House = {
		...withBox(house, boxId, (box) => ({ ...box, joints: [], pigtails: [], terminations: [] })),
		cables: house.cables.filter(({ id }) => !gone.includes(id))
	};
	const without = { ...left, boxes: left.boxes.filter(({ id }) => !alone.includes(id)) };
	for (const id of before)
		if (!isPlain(cablesInBox(without, id).map(({ cable }) => cable)))
			return refused({ code: 'wiredByHand', box: id });
	return { ok: true, house: before.reduce((now: House, id) => rewired(now, id), without) };
}
