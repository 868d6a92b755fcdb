import { describe, expect, it } from 'vitest';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '../demo';
import { pathText, parseHouse, type HouseProblem } from '../files';
import { solve } from '../network';
import {
	chainOfCircuit,
	compileHouse,
	fedFrom,
	legOfSpace,
	neighbours,
	points,
	settle,
	withBox,
	withBreakers,
	type House
} from './index';

const copy = (house: House): House => JSON.parse(JSON.stringify(house)) as House;
const problemsOf = (value: unknown): readonly HouseProblem[] => {
	const parsed = parseHouse(value);
	return parsed.ok ? [] : parsed.problems;
};
const spoiled = (spoil: (house: House) => void): { at: string; code: string }[] => {
	const house = copy(fennelLaneRecorded());
	spoil(house);
	return problemsOf(house).map((problem) => ({ at: pathText(problem.path), code: problem.code }));
};
const boxIndex = (house: House, id: string) => house.boxes.findIndex((box) => box.id === id);
const east = 'sewing-east-wall';

describe('house files', () => {
	it('the demo homes are right, and as large as they should be', () => {
		for (const house of [fennelLaneRecorded(), fennelLaneActual(), tanneryRow()])
			expect(problemsOf(copy(house))).toEqual([]);
		const bungalow = fennelLaneRecorded();
		expect(bungalow.panels[0]!.spaces).toBe(20);
		expect(bungalow.boxes.filter(({ use }) => use === 'outlet').length).toBeGreaterThanOrEqual(38);
	});

	it.each<[string, (house: House) => void, { at: string; code: string }]>([
		[
			'a dangling cable',
			(house) => (house.cables[3]!.to.box = 'nowhere'),
			{ at: 'cables[3].to.box', code: 'unknown' }
		],
		[
			'a breaker that is not there',
			(house) => (house.circuits[0]!.breaker = 'b99'),
			{ at: 'circuits[0].breaker', code: 'unknown' }
		],
		[
			'two breakers in one space',
			(house) => (house.panels[0]!.breakers[1]!.spaces = [1]),
			{ at: 'panels[0].breakers[1].spaces[0]', code: 'spaceTaken' }
		],
		[
			'a two-pole breaker across columns',
			(house) => (house.panels[0]!.breakers[4]!.spaces = [5, 6]),
			{ at: 'panels[0].breakers[4].spaces', code: 'twoPoleAcross' }
		],
		[
			'a space the panel does not have',
			(house) => (house.panels[0]!.breakers[0]!.spaces = [21]),
			{ at: 'panels[0].breakers[0].spaces[0]', code: 'spaceOutside' }
		],
		[
			'an id used twice',
			(house) => (house.rooms[1]!.id = house.rooms[0]!.id),
			{ at: 'rooms[1].id', code: 'duplicateId' }
		],
		[
			'a load on no half',
			(house) => (house.loads[0]!.half = 'left'),
			{ at: 'loads[0].half', code: 'unknown' }
		],
		[
			'an unmade size',
			(house) => (house.cables[0]!.material = 'aluminium'),
			{ at: 'cables[0].size', code: 'sizeNotMade' }
		],
		[
			'a length that is no number',
			(house) => ((house.cables[0] as { lengthM: unknown }).lengthM = 'long'),
			{ at: 'cables[0].lengthM', code: 'shape' }
		],
		[
			'a key nobody knows',
			(house) => ((house as unknown as Record<string, unknown>).colour = 'blue'),
			{ at: '', code: 'shape' }
		]
	])('%s is named at its place', (_, spoil, problem) => expect(spoiled(spoil)).toContainEqual(problem));

	it('a conductor on two terminals, one on none, and two under one screw', () => {
		const at = boxIndex(fennelLaneRecorded(), east);
		const codes = spoiled((house) => {
			const { terminations } = house.boxes[at]!;
			terminations.push({ ...terminations[0]!, at: 'terminal:hotLower' });
			terminations.splice(1, 1);
		}).map(({ code }) => code);
		expect(codes).toContain('conductorTwice');
		expect(codes).toContain('danglingConductor');
		expect(codes).toContain('terminalOverfull');
	});

	it('a push-in hole on a pillar, a joint and a terminal that are not there', () => {
		const house = copy(tanneryRow());
		const box = house.boxes[boxIndex(house, 'box-room-desk')]!;
		box.terminations[0]!.how = 'hook';
		box.terminations[1]!.at = 'joint:none';
		box.terminations[2]!.at = 'terminal:hotUpper';
		expect(problemsOf(house).map(({ code }) => code)).toEqual(
			expect.arrayContaining(['notHeldThatWay', 'unknown'])
		);
		expect(problemsOf(house)).toHaveLength(3);
	});

	it('anything that is no house is refused in its form', () => {
		for (const value of [null, 7, 'house', [], {}, { format: 'other' }])
			expect(problemsOf(value).length).toBeGreaterThan(0);
	});
});

describe('the wiring as a network', () => {
	it('legs of a split supply alternate by rows, and a two-pole breaker takes both', () => {
		const house = fennelLaneRecorded();
		expect([1, 2, 3, 4, 5, 6].map((space) => legOfSpace(house, space))).toEqual([0, 0, 1, 1, 0, 0]);
		const solution = solve(compileHouse(house));
		if (solution.outcome === 'singular') throw new Error('singular');
		const across =
			solution.voltageV.get(points.breaker('b17', 0))!.re -
			solution.voltageV.get(points.breaker('b17', 1))!.re;
		expect(Math.abs(across)).toBeCloseTo(240.8, 0);
	});

	it('drops the voltage that Ohm’s law says along a loaded run', () => {
		// 10 Ω at the closet, 25 m of 14 AWG from the panel: I = V / (10 + 2·25·8.28e-3 (20 °C) + supply 2·0.06 + joints).
		const house = withBox(fennelLaneActual(), east, (box) => box);
		const loaded: House = {
			...house,
			loads: [
				{ id: 'heater', name: 'heater', box: 'sewing-closet', half: 'upper', resistanceOhm: 10, on: true }
			],
			boxes: house.boxes.map((box) =>
				box.device?.kind === 'fixed' ? { ...box, device: { ...box.device, on: false } } : box
			)
		};
		const solution = solve(compileHouse(loaded));
		if (solution.outcome === 'singular') throw new Error('singular');
		const at = (role: 'hot' | 'neutral') =>
			solution.voltageV.get(points.contact('sewing-closet', 'upper', role))!.re;
		const joints = 2 * 0.001 * 12;
		const current = 120.4 / (10 + 2 * 25 * 8.28e-3 + 2 * 0.06 + joints);
		expect(Math.abs(at('hot') - at('neutral'))).toBeCloseTo(10 * current, 0);
	});

	it('a bolted short trips its own breaker and nothing else', () => {
		const house = fennelLaneActual();
		const shorted: House = {
			...house,
			loads: [
				...house.loads,
				{ id: 'short', name: 'short', box: east, half: 'upper', resistanceOhm: 0.1, on: true }
			]
		};
		expect(settle(shorted).trips.map(({ device, cause }) => [device, cause])).toEqual([
			['b14', 'shortCircuit']
		]);
		expect(settle(house).trips).toEqual([]);
	});

	it('a line-to-earth fault trips the residual device that covers it', () => {
		const leak = {
			kind: 'resistor' as const,
			id: 'leak',
			from: points.contact('box-room-desk', 'left', 'hot'),
			to: points.contact('box-room-desk', 'left', 'ground')
		};
		expect(
			settle(tanneryRow(), [{ ...leak, resistanceOhm: 5000 }]).trips.map(({ device }) => device)
		).toEqual(['rcd2']);
		expect(settle(tanneryRow(), [{ ...leak, resistanceOhm: 12_000 }]).trips).toEqual([]);
	});

	it('switching a breaker off leaves the uk ring dead at both ends', () => {
		const solution = settle(withBreakers(tanneryRow(), { b5: false })).solution;
		if (solution.outcome === 'singular') throw new Error('singular');
		expect(
			Math.hypot(solution.voltageV.get(points.contact('box-room-desk', 'left', 'hot'))!.re)
		).toBeLessThan(0.1);
	});
});

describe('who feeds whom', () => {
	it('orders a radial from the panel, and finds what is before and after', () => {
		expect(chainOfCircuit(fennelLaneRecorded(), 'sewing').map(({ box }) => box.id)).toEqual([
			'sewing-door-wall',
			east,
			'sewing-window-wall',
			'sewing-closet'
		]);
		const around = neighbours(fennelLaneRecorded(), east);
		expect([around.upstream.map(({ id }) => id), around.downstream.map(({ id }) => id)]).toEqual([
			['sewing-door-wall'],
			['sewing-window-wall']
		]);
	});

	it('moves a circuit to the breaker that was found', () => {
		expect(
			fedFrom(fennelLaneRecorded(), east, 'b14').circuits.find(({ id }) => id === 'sewing')?.breaker
		).toBe('b14');
	});
});
