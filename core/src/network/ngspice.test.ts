import { afterAll, describe, expect, it } from 'vitest';
import { compareWithNgspice } from '../../test/ngspice';
import { fennelLaneActual, tanneryRow } from '../demo';
import { compileHouse, points, withBox, withBreakers, type House } from '../house';
import { lowImpedanceOhm, multimeterInput } from '../instruments';
import type { Branch, Network } from './index';

const east = 'sewing-east-wall';
const eastHot = points.contact(east, 'upper', 'hot');
const eastNeutral = points.contact(east, 'upper', 'neutral');

/** The outgoing hot lifted off the east wall's device and left free, its breaker on: it floats beside live conductors. */
const lifted = (house: House, conductor: string) =>
	withBox(house, east, (box) => ({
		...box,
		terminations: box.terminations.map((end) =>
			end.cable === 'sewing-3' && end.conductor === conductor ? { ...end, at: 'capped' } : end
		)
	}));
const resistor = (id: string, from: string, to: string, resistanceOhm: number): Branch => ({
	kind: 'resistor',
	id,
	from,
	to,
	resistanceOhm
});
const meter = (from: string, to: string): Branch[] => [
	resistor('meter', from, to, multimeterInput.resistanceOhm),
	{ kind: 'capacitor', id: 'meter input', from, to, capacitanceF: multimeterInput.capacitanceF }
];
const plus = (network: Network, ...extra: Branch[]): Network => ({
	...network,
	branches: [...network.branches, ...extra]
});

const freeHot = points.conductor('sewing-3', 'hot', 'from');
const windowGround = points.contact('sewing-window-wall', 'upper', 'ground');
const house = fennelLaneActual();
const lampAtWindow: House = {
	...lifted(house, 'neutral'),
	loads: [
		...house.loads,
		{ id: 'lamp', name: 'lamp', box: 'sewing-window-wall', half: 'upper', resistanceOhm: 240, on: true }
	]
};
const eastBox = house.boxes.find(({ id }) => id === east)!;

/** Simple circuits by hand, and the two homes in states that a job meets. */
const circuits: Record<string, Network> = {
	'divider with capacitor, 60 Hz': {
		frequencyHz: 60,
		reference: '0',
		branches: [
			{
				kind: 'source',
				id: 's',
				from: 'a',
				to: '0',
				emfV: { re: 120, im: 0 },
				current: 'alternating',
				resistanceOhm: 0.1,
				inductanceH: 5e-5
			},
			resistor('r', 'a', 'b', 1e6),
			{ kind: 'capacitor', id: 'c', from: 'b', to: '0', capacitanceF: 1e-9 }
		]
	},
	'unbalanced bridge, direct current': {
		frequencyHz: 0,
		reference: '0',
		branches: [
			{
				kind: 'source',
				id: 's',
				from: 'a',
				to: '0',
				emfV: { re: 9, im: 0 },
				current: 'direct',
				resistanceOhm: 1
			},
			resistor('r1', 'a', 'b', 100),
			resistor('r2', 'a', 'c', 220),
			resistor('r3', 'b', '0', 330),
			resistor('r4', 'c', '0', 470),
			resistor('r5', 'b', 'c', 1000)
		]
	},
	'whole bungalow': compileHouse(house),
	'whole bungalow, sewing room off': compileHouse(withBreakers(house, { b14: false })),
	'whole terraced house': compileHouse(tanneryRow()),
	'terraced house, upstairs ring off': compileHouse(withBreakers(tanneryRow(), { b5: false })),
	'floating conductor, coupled, 10 MΩ meter': plus(
		compileHouse(lifted(house, 'hot')),
		...meter(freeHot, windowGround)
	),
	'floating conductor, coupled, 3 kΩ meter': plus(
		compileHouse(lifted(house, 'hot')),
		resistor('meter', freeHot, windowGround, lowImpedanceOhm)
	),
	'open neutral with a lamp on': compileHouse(lampAtWindow),
	'open neutral with a lamp on, meter at it': plus(
		compileHouse(lampAtWindow),
		...meter(points.contact('sewing-window-wall', 'lower', 'neutral'), windowGround)
	),
	'three-lamp tester in the east wall': plus(
		compileHouse(house),
		resistor('hn', eastHot, eastNeutral, 1e5),
		resistor('hg', eastHot, points.contact(east, 'upper', 'ground'), 1e5),
		resistor('ng', eastNeutral, points.contact(east, 'upper', 'ground'), 1e5)
	),
	'bolted short at the east wall': plus(compileHouse(house), resistor('short', eastHot, eastNeutral, 0.001))
};

describe('the solver against ngspice', () => {
	let worst = 0;
	let compared = 0;
	for (const [name, network] of Object.entries(circuits))
		it(name, () => {
			const { largest, nodes } = compareWithNgspice(network);
			expect(nodes).toBeGreaterThan(1);
			expect(largest).toBeLessThanOrEqual(1e-6);
			worst = Math.max(worst, largest);
			compared += nodes;
		});
	afterAll(() =>
		console.log(
			`ngspice: ${Object.keys(circuits).length} circuits, ${compared} nodes above 1 mV, largest relative difference ${worst.toExponential(1)}`
		)
	);

	it('is comparing the floating conductor, not only the house around it', () => {
		expect(eastBox.terminations.some(({ cable }) => cable === 'sewing-3')).toBe(true);
		expect(
			circuits['floating conductor, coupled, 10 MΩ meter']!.branches.some(({ from }) => from === freeHot)
		).toBe(true);
	});
});
