import {
	cableConductors,
	standardWiring,
	usualDevice,
	type Box,
	type Cable,
	type Conductor,
	type House
} from '../src/house';
import { mistakesOf } from '../src/mistakes';
import type { Region } from '../src/rules';

export type Random = () => number;
const pick = <Item>(random: Random, items: readonly Item[]): Item =>
	items[Math.floor(random() * items.length)]!;

/** A box with one to three cables as it should be, and as it is after one or two mistakes. */
export interface RandomBox {
	readonly recorded: House;
	readonly actual: House;
	readonly mistakes: readonly string[];
}
export const here = 'here';

const emptyBox = (id: string, use: Box['use']): Box => ({
	id,
	room: 'room',
	name: id,
	use,
	material: 'metal',
	joints: [],
	terminations: [],
	pigtails: [],
	worries: [],
	history: []
});

/** Circuits a, b and c on breakers 1, 2 and 3; the outlet here is fed by a through a joint box, and one or two more cables may enter its box. */
function asItShouldBe(random: Random, region: Region): House {
	const palette = region === 'us' ? 'us' : pick(random, ['ukNew', 'ukOld'] as const);
	const size = region === 'us' ? ('14AWG' as const) : ('2.5mm2' as const);
	const cable = (
		id: string,
		circuit: string,
		from: Cable['from'],
		to: string,
		extra: Conductor[] = []
	): Cable => ({
		id,
		circuit,
		from,
		to: { box: to },
		lengthM: 2 + Math.round(random() * 28),
		size,
		material: 'copper',
		sheath: region === 'us' ? 'nonmetallic' : 'twinAndEarth',
		conductors: [...extra, ...cableConductors(palette, size)]
	});
	const cables = [cable('c0', 'a', { panel: 'main' }, 'up'), cable('c1', 'a', { box: 'up' }, here)];
	const others = Math.floor(random() * 3);
	const capped: string[] = [];
	let onward = false;
	let half = false;
	for (let k = 2; k < 2 + others; k++) {
		const kind = pick(random, ['onward', 'passing', 'threeWire', 'otherHalf'] as const);
		if ((kind === 'onward' || kind === 'threeWire') && !onward) {
			onward = true;
			const red: Conductor[] =
				kind === 'threeWire' ? [{ id: 'red', role: 'hot', colour: 'red', circuit: 'c' }] : [];
			cables.push(cable(`c${k}`, 'a', { box: here }, 'down', red));
			if (red.length > 0) cables.push(cable('cRed', 'c', { panel: 'main' }, 'down'));
		} else if (kind === 'otherHalf' && region === 'us' && !half && !onward) {
			half = true;
			cables.push(cable(`c${k}`, 'b', { panel: 'main' }, here));
		} else {
			capped.push(`c${k}`);
			cables.push(cable(`c${k}`, pick(random, ['b', 'c']), { panel: 'main' }, here));
		}
	}
	const device = usualDevice(region, region === 'us' ? 15 : 32);
	const outlet: Box = {
		...emptyBox(here, 'outlet'),
		material: pick(random, ['metal', 'metal', 'plastic'] as const),
		device: half && device.kind === 'duplex' ? { ...device, tabs: { hot: false, neutral: false } } : device
	};
	const onDevice = cables.filter(
		({ id, from, to }) => (to.box === here || ('box' in from && from.box === here)) && !capped.includes(id)
	);
	const wired = standardWiring(
		region,
		outlet,
		onDevice.map((each) => ({ ...each, conductors: each.conductors.filter(({ id }) => id !== 'red') }))
	);
	const spare = cables
		.filter(
			({ id, to, from }) => capped.includes(id) && (to.box === here || ('box' in from && from.box === here))
		)
		.flatMap(({ id, conductors }) =>
			conductors.map((one) => ({ cable: id, conductor: one.id, at: 'capped' }))
		);
	const reds = onDevice.flatMap(({ id, conductors }) =>
		conductors
			.filter((one) => one.id === 'red')
			.map((one) => ({ cable: id, conductor: one.id, at: 'capped' }))
	);
	const joined = (id: string): Box => ({
		...emptyBox(id, 'junction'),
		joints: (['hot', 'neutral', 'ground', 'red'] as const).map((joint) => ({
			id: joint,
			how: 'twistOn' as const
		})),
		terminations: cables
			.filter(({ to, from }) => to.box === id || ('box' in from && from.box === id))
			.flatMap((each) =>
				each.conductors.map((one) => ({
					cable: each.id,
					conductor: one.id,
					at: each.id === 'cRed' ? (one.id === 'hot' ? 'joint:red' : 'capped') : `joint:${one.id}`
				}))
			)
	});
	return {
		format: 'wary-hand/house',
		version: 1,
		name: 'box',
		region,
		service: { voltageV: region === 'us' ? 120 : 230, impedanceOhm: 0.1 },
		rooms: [{ id: 'room', name: 'room' }],
		panels: [
			{
				id: 'main',
				name: 'panel',
				place: 'hall',
				spaces: 8,
				mainRatingA: 100,
				mainOn: true,
				breakers: [1, 2, 3].map((space) => ({
					id: `b${space}`,
					spaces: [space],
					ratingA: region === 'us' ? 15 : 32,
					on: true,
					label: '',
					findings: []
				})),
				residualDevices: []
			}
		],
		circuits: (['a', 'b', 'c'] as const).map((id, k) => ({
			id,
			name: id,
			breaker: `b${k + 1}`,
			arrangement: 'radial' as const
		})),
		boxes: [
			joined('up'),
			{ ...outlet, ...wired, terminations: [...wired.terminations, ...spare, ...reds] },
			...(cables.some(({ to }) => to.box === 'down') ? [joined('down')] : [])
		],
		cables,
		loads: []
	};
}

/** A box and what is wrong with it, from one seed. */
export function randomBox(random: Random): RandomBox {
	const recorded = asItShouldBe(random, random() < 0.5 ? 'us' : 'uk');
	const possible = mistakesOf(recorded, here, {
		looseOhm: 0.2 * 10 ** (random() * 7),
		insulationOhm: 50 * 10 ** (random() * 4)
	});
	let actual = recorded;
	const made: string[] = [];
	for (const mistake of [pick(random, possible), ...(random() < 0.6 ? [pick(random, possible)] : [])]) {
		const next = mistake.apply(actual);
		if (next) {
			actual = next;
			made.push(mistake.id);
		}
	}
	return { recorded, actual, mistakes: made };
}
