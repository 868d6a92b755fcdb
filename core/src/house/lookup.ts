import { own } from './own';
import type { Box, Breaker, Cable, Circuit, House, Panel } from './schema';
import { regions } from '../rules';

/** One conductor end in a box. */
export interface ConductorEnd {
	readonly cable: Cable;
	readonly end: 'from' | 'to';
}

export const mainPanel = (house: House): Panel => house.panels[0]!;
export const findBox = ({ boxes }: Pick<House, 'boxes'>, id: string): Box | undefined =>
	boxesById(boxes).get(id);
export const findCircuit = ({ circuits }: Pick<House, 'circuits'>, id: string): Circuit | undefined =>
	circuitsById(circuits).get(id);
export const findBreaker = ({ panels }: Pick<House, 'panels'>, id: string): Breaker | undefined =>
	seatsById(panels).get(id)?.breaker;
/** The panel a breaker sits in. */
export const panelOf = ({ panels }: Pick<House, 'panels'>, breakerId: string): Panel | undefined =>
	seatsById(panels).get(breakerId)?.panel;
export const allBreakers = (house: House): Breaker[] => house.panels.flatMap(({ breakers }) => breakers);

/** A house is a value, and so are its lists: what follows from one of them is worked out once, for as long as anybody holds it. */
export function once<Value extends object, Found>(find: (value: Value) => Found): (value: Value) => Found {
	const known = new WeakMap<Value, Found>();
	return (value) => {
		let found = known.get(value);
		if (found === undefined) known.set(value, (found = find(value)));
		return found;
	};
}

/** By id; the first where several have one. */
function byId<Item extends { readonly id: string }>(items: readonly Item[]): ReadonlyMap<string, Item> {
	const found = new Map<string, Item>();
	for (const item of items) if (!found.has(item.id)) found.set(item.id, item);
	return found;
}

const boxesById = once<readonly Box[], ReadonlyMap<string, Box>>(byId);
const circuitsById = once<readonly Circuit[], ReadonlyMap<string, Circuit>>(byId);
const seatsById = once((panels: readonly Panel[]) =>
	byId(panels.flatMap((panel) => panel.breakers.map((breaker) => ({ id: breaker.id, breaker, panel }))))
);
/** Names a panel's main switch where a breaker is named. */
export const mainSwitch = (panelId: string): string => `main:${panelId}`;

/** The cables that end in a box, with which of their ends is there. */
export const cablesInBox = ({ cables }: Pick<House, 'cables'>, boxId: string): readonly ConductorEnd[] =>
	endsByBox(cables).get(boxId) ?? [];

/** The cables that are of a circuit as a whole: those that only carry a conductor of it aren't among them. */
export const cablesOfCircuit = ({ cables }: Pick<House, 'cables'>, circuitId: string): readonly Cable[] =>
	cablesByCircuit(cables).get(circuitId) ?? [];

const endsByBox = once((cables: readonly Cable[]) => {
	const found = new Map<string, ConductorEnd[]>();
	for (const cable of cables) {
		if ('box' in cable.from) listed(found, cable.from.box).push({ cable, end: 'from' });
		listed(found, cable.to.box).push({ cable, end: 'to' });
	}
	return found;
});

const cablesByCircuit = once((cables: readonly Cable[]) => {
	const found = new Map<string, Cable[]>();
	for (const cable of cables) listed(found, cable.circuit).push(cable);
	return found;
});

/** The list under a key, a new one where there was none. */
export function listed<Item>(lists: Map<string, Item[]>, key: string): Item[] {
	let list = lists.get(key);
	if (!list) lists.set(key, (list = []));
	return list;
}

/** The other devices of the same box: side by side behind one plate, their wires in each other's reach. */
export function beside(house: House, boxId: string): string[] {
	const first = firstIn(house, boxId);
	const found: string[] = [];
	for (const { id, inBoxWith } of house.boxes)
		if (id !== boxId && (id === first || inBoxWith === first)) found.push(id);
	return found;
}
/** The device that stands for its box: the others name it. */
const firstIn = (house: House, boxId: string): string => findBox(house, boxId)?.inBoxWith ?? boxId;

/** A wire from one device to the one beside it: both of its ends are seen in one box. */
export const isJumper = (house: House, { from, to }: Cable): boolean =>
	'box' in from && from.box !== to.box && firstIn(house, from.box) === firstIn(house, to.box);

/** A wire that is seen to lead on to a device beside this one, which has no cable of its own: it can't be the supply. */
export const leadsOnBeside = (house: House, boxId: string, cable: Cable): boolean =>
	isJumper(house, cable) &&
	cable.to.box !== boxId &&
	cablesInBox(house, cable.to.box).every((end) => isJumper(house, end.cable));

/** A cable's circuits: its own, and those of single conductors in it. */
export function circuitsOfCable(cable: Cable): string[] {
	const found = [cable.circuit];
	for (const { circuit } of cable.conductors)
		if (circuit !== undefined && !found.includes(circuit)) found.push(circuit);
	return found;
}

/** The circuits whose cables enter a box, in the order of the cables. */
export function circuitsInBox(house: House, boxId: string): Circuit[] {
	const ids = new Set(cablesInBox(house, boxId).flatMap(({ cable }) => circuitsOfCable(cable)));
	return [...ids].map((id) => findCircuit(house, id)!).filter(Boolean);
}

/** A room's name and the box's own: “Sewing room, east wall”. */
export function placeName(house: House, box: Box): string {
	const room = house.rooms.find(({ id }) => id === box.room);
	return room ? `${room.name}, ${box.name}` : box.name;
}

/** The house with its breakers (and main switches, `mainSwitch`) set: those named in `positions` as said there, the others as they were. */
export function withBreakers(house: House, positions: Readonly<Record<string, boolean>>): House {
	return {
		...house,
		panels: house.panels.map((panel) => ({
			...panel,
			mainOn: own(positions, mainSwitch(panel.id)) ?? panel.mainOn,
			breakers: panel.breakers.map((breaker) => ({
				...breaker,
				on: own(positions, breaker.id) ?? breaker.on
			}))
		}))
	};
}

/** The house with one box replaced by what `change` makes of it. */
export function withBox(house: House, boxId: string, change: (box: Box) => Box): House {
	return { ...house, boxes: house.boxes.map((box) => (box.id === boxId ? change(box) : box)) };
}

/** The house as it would be if the circuit(s) that enter a box started from another breaker: what a finding by test says. */
export function fedFrom(house: House, boxId: string, breakerId: string): House {
	const ids = new Set(circuitsInBox(house, boxId).map(({ id }) => id));
	const panel = panelOf(house, breakerId)?.id;
	return {
		...house,
		circuits: house.circuits.map((circuit) =>
			ids.has(circuit.id) ? { ...circuit, breaker: breakerId } : circuit
		),
		// Its cables start where that breaker sits.
		cables: house.cables.map((cable) =>
			panel !== undefined && ids.has(cable.circuit) && 'panel' in cable.from && cable.from.panel !== panel
				? { ...cable, from: { panel } }
				: cable
		)
	};
}

/** Breakers whose places touch this one's: above and below in a us column, left and right in a uk row. */
export function besideOf(house: House, breaker: Breaker): string[] {
	const step = regions[house.region].supply.spaceStep;
	const near = new Set(breaker.spaces.flatMap((space) => [space - step, space, space + step]));
	return panelOf(house, breaker.id)!
		.breakers.filter(({ id, spaces }) => id !== breaker.id && spaces.some((space) => near.has(space)))
		.map(({ id }) => id);
}
