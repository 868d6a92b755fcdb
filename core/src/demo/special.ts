import { cableConductors, type Box, type Cable, type House } from '../house';
import { duplex } from './build';

/** An end on a terminal or in a splice, or capped. */
const end = (cable: Cable, conductor: string, at: string, how: 'hook' | 'twistOn' = 'hook') => ({
	cable: cable.id,
	conductor,
	at,
	...(at === 'capped' ? {} : { how })
});
const joined = (cable: Cable, role: 'hot' | 'ground') => end(cable, role, `joint:${role}s`, 'twistOn');
/** Tails of the ground splice to the device and to a box of metal. */
const groundTails: Box['pigtails'] = [
	{ id: 'device', role: 'ground', colour: 'bare', from: 'joint:grounds', to: 'terminal:ground', how: 'hook' },
	{ id: 'box', role: 'ground', colour: 'bare', from: 'joint:grounds', to: 'box', how: 'screw' }
];

/** The outlet at the end of a us run with one half on a wall switch: hot goes on to the switch with its red back, the tab on the hot side is broken off. */
export function switchedHalf(house: House, boxId: string, wallSwitch: { id: string; name: string }): House {
	const box = house.boxes.find(({ id }) => id === boxId)!;
	const feed = house.cables.find(({ to }) => to.box === boxId)!;
	const loop: Cable = {
		...feed,
		id: `${wallSwitch.id}-loop`,
		from: { box: boxId },
		to: { box: wallSwitch.id },
		lengthM: 5,
		conductors: feed.conductors.flatMap((each) =>
			each.role === 'hot'
				? [each, { id: 'red', role: 'switchedHot' as const, colour: 'red' as const }]
				: [each]
		)
	};
	const lamp: Box = {
		...box,
		device: duplex(15, { tabs: { hot: false, neutral: true } }),
		joints: [
			{ id: 'hots', how: 'twistOn' },
			{ id: 'grounds', how: 'twistOn' }
		],
		terminations: [
			joined(feed, 'hot'),
			joined(feed, 'ground'),
			end(feed, 'neutral', 'terminal:neutralUpper'),
			joined(loop, 'hot'),
			end(loop, 'red', 'terminal:hotLower'),
			joined(loop, 'ground'),
			end(loop, 'neutral', 'capped')
		],
		pigtails: [
			{ id: 'hot', role: 'hot', colour: 'black', from: 'joint:hots', to: 'terminal:hotUpper', how: 'hook' },
			...groundTails
		]
	};
	const { device: _outlet, worries: _worries, history: _history, ...like } = box;
	const there: Box = {
		...like,
		...wallSwitch,
		use: 'fixed',
		device: { kind: 'switch', ratingA: 15, on: true },
		worries: [],
		history: [],
		joints: [],
		pigtails: [],
		terminations: [
			end(loop, 'hot', 'terminal:hot'),
			end(loop, 'red', 'terminal:switchedHot'),
			end(loop, 'ground', 'terminal:ground'),
			end(loop, 'neutral', 'capped')
		]
	};
	return {
		...house,
		boxes: [...house.boxes.map((each) => (each.id === boxId ? lamp : each)), there],
		cables: [...house.cables, loop]
	};
}

/** An outlet whose halves hang on two circuits that share the neutral of one cable (us: a multi-wire branch circuit): the tab on the hot side is broken off. */
export function sharedNeutralOutlet(
	house: House,
	place: Pick<Box, 'id' | 'name' | 'room'> & Partial<Pick<Box, 'place'>>,
	circuits: readonly [House['circuits'][number], House['circuits'][number]],
	lengthM: number
): House {
	const [one, other] = circuits;
	const cable: Cable = {
		id: `${one.id}-1`,
		circuit: one.id,
		from: { panel: house.panels[0]!.id },
		to: { box: place.id },
		lengthM,
		size: '12AWG',
		material: 'copper',
		sheath: 'nonmetallic',
		conductors: [
			...cableConductors('us', '12AWG'),
			{ id: 'red', role: 'hot', colour: 'red', circuit: other.id }
		]
	};
	const box: Box = {
		...place,
		use: 'outlet',
		material: 'metal',
		volumeIn3: 18,
		device: duplex(15, { tabs: { hot: false, neutral: true } }),
		worries: [],
		history: [],
		joints: [{ id: 'grounds', how: 'twistOn' }],
		terminations: [
			end(cable, 'hot', 'terminal:hotUpper'),
			end(cable, 'red', 'terminal:hotLower'),
			end(cable, 'neutral', 'terminal:neutralUpper'),
			joined(cable, 'ground')
		],
		pigtails: groundTails
	};
	return {
		...house,
		circuits: [...house.circuits, one, other],
		boxes: [...house.boxes, box],
		cables: [...house.cables, cable]
	};
}
