import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arrangements, here, type ArrangementKind } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { parseHouse } from '../files';
import { guardOf, readOhms, readVoltageV } from '../instruments';
import { branchCurrentA, magnitude, solve } from '../network';
import { usualSize } from './standard';
import {
	branches,
	cableConductors,
	compileHouse,
	points,
	settle,
	withBox,
	withBreakers,
	type Breaker,
	type Cable,
	type House
} from './index';

const arranged = (kind: ArrangementKind): House => arrangements.find((each) => each.kind === kind)!.build();
const volts = (house: House, red: string, black: string) =>
	readVoltageV(house, { red, black }, 'lowImpedance');
const withCable = (house: House, id: string, change: (cable: Cable) => Cable): House => ({
	...house,
	cables: house.cables.map((cable) => (cable.id === id ? change(cable) : cable))
});
const withBreakerSet = (house: House, id: string, change: Partial<Breaker>): House => ({
	...house,
	panels: house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((breaker) => (breaker.id === id ? { ...breaker, ...change } : breaker))
	}))
});
/** The conductor of that role in the cable, at its end in a box. */
const endOf = (house: House, cable: string, role: string) => {
	const found = house.cables.find(({ id }) => id === cable)!;
	return points.conductor(cable, found.conductors.find((each) => each.role === role)!.id, 'to');
};
const open = (house: House, box: string, cable: string, role: string): House =>
	withBox(house, box, (each) => ({
		...each,
		terminations: each.terminations.map((end) =>
			end.cable === cable &&
			house.cables.find(({ id }) => id === cable)!.conductors.find(({ id }) => id === end.conductor)!.role ===
				role
				? { ...end, open: true as const }
				: end
		)
	}));
const leak = (from: string, to: string, resistanceOhm: number) => ({
	kind: 'resistor' as const,
	id: 'leak',
	from,
	to,
	resistanceOhm
});

describe('a residual device works only while it is supplied', () => {
	const house = arranged('throughGfci');
	const face = points.contact(here, 'upper', 'hot');
	it('a GFCI whose supply neutral is open trips at nothing, and guards nobody', () => {
		const dead = open(house, here, 'c2', 'neutral');
		const leaking = leak(face, points.earth('main'), 120 / 0.03);
		expect(settle(house, [leaking]).trips).toMatchObject([{ device: here, cause: 'residual' }]);
		expect(settle(dead, [leaking]).trips).toEqual([]);
		expect(guardOf(house, face)).toMatchObject({ state: 'guarded', device: here });
		expect(guardOf(dead, face)).toEqual({ state: 'none' });
	});

	it('a breaker with a residual part needs its neutral too; a magnetic device in a uk unit needs nothing', () => {
		const uk = tanneryRow();
		const box = 'box-room-desk';
		const at = points.contact(box, 'left', 'hot');
		// The supply neutral of the whole unit lets go: nothing is left for electronics, and everything for a magnet.
		const cut = (each: House): House => ({ ...each, service: { ...each.service, impedanceOhm: 0.12 } });
		const unsupplied = (each: House) => {
			const network = compileHouse(cut(each));
			return { ...network, branches: network.branches.filter(({ id }) => id !== 'supply neutral') };
		};
		expect(unsupplied(uk).branches.length).toBe(compileHouse(uk).branches.length - 1);
		const leaking = leak(at, points.earth('unit'), 230 / 0.1);
		expect(settle(uk, [leaking]).trips).toMatchObject([{ device: 'rcd2', where: 'residualDevice' }]);
		const rcbo = withBreakerSet(
			{ ...uk, panels: uk.panels.map((panel) => ({ ...panel, residualDevices: [] })) },
			'b5',
			{ type: 'residual' }
		);
		expect(settle(rcbo, [leaking]).trips).toMatchObject([
			{ device: 'b5', where: 'breaker', cause: 'residual' }
		]);
	});
});

it('a us breaker with a residual part finds a neutral grounded downstream; a uk one does not', () => {
	const us = withBreakerSet(arranged('endOfRun'), 'b1', { type: 'residual' });
	const joined = leak(points.contact(here, 'upper', 'neutral'), points.contact(here, 'upper', 'ground'), 0.1);
	expect(settle(us).trips).toEqual([]);
	expect(settle({ ...us, loads: [] }, [joined]).trips).toMatchObject([
		{ device: 'b1', where: 'breaker', cause: 'groundedNeutral' }
	]);
	const uk = withBreakerSet({ ...arranged('radialEnd'), loads: [] }, 'b1', { type: 'residual' });
	const ukJoined = leak(points.contact(here, 'left', 'neutral'), points.contact(here, 'left', 'ground'), 0.1);
	expect(settle(uk, [ukJoined]).trips.filter(({ cause }) => cause === 'groundedNeutral')).toEqual([]);
});

it('what a neutral grounded through an instrument trips hangs on its ohms, not on what was read in the house before', () => {
	const house = { ...withBreakerSet(arranged('endOfRun'), 'b1', { type: 'residual' }), loads: [] };
	const through = (ohm: number) =>
		leak(points.contact(here, 'upper', 'neutral'), points.contact(here, 'upper', 'ground'), ohm);
	const opens = (read: typeof house, ohm: number) => settle(read, [through(ohm)]).trips.length > 0;
	fc.assert(
		fc.property(fc.double({ min: -1, max: 4, noNaN: true }), (log) => {
			const [ohm, fresh] = [10 ** log, { ...house }];
			settle(house);
			expect(opens(fresh, ohm)).toBe(opens(house, ohm));
			// 20 mV round through the ohms against 4 to 6 mA: with 4 Ω always, with 10 Ω never.
			if (ohm < 3) expect(opens(house, ohm)).toBe(true);
			if (ohm > 10) expect(opens(house, ohm)).toBe(false);
		}),
		drawn(88, 60)
	);
});

it('residual devices have ids of their own in the whole house', () => {
	const house = structuredClone(tanneryRow());
	house.panels.push({
		...structuredClone(house.panels[0]!),
		id: 'annexe',
		fedFrom: { breaker: 'b1', lengthM: 10, size: '6.0mm2' },
		breakers: [],
		residualDevices: [{ id: 'rcd1', tripMa: 30, ratingA: 63, on: true, covers: ['b9'] }]
	});
	const parsed = parseHouse(house);
	expect(parsed.ok ? [] : parsed.problems).toContainEqual({
		code: 'duplicateId',
		id: 'rcd1',
		path: ['panels', 1, 'residualDevices', 0, 'id']
	});
});

describe('what lands on a breaker', () => {
	const spare = (role: 'hot' | 'switchedHot') => ({ id: 'spare', role, colour: 'red' as const });
	const house = arranged('endOfRun');
	const first = house.cables.find(({ from }) => 'panel' in from)!;
	const listedFirst = (role: 'hot' | 'switchedHot', landings?: Cable['landings']): House => {
		const changed = withCable(house, first.id, (cable) => ({
			...cable,
			conductors: [spare(role), ...cable.conductors],
			...(landings ? { landings } : {})
		}));
		return withBox(changed, first.to.box, (box) => ({
			...box,
			terminations: [...box.terminations, { cable: first.id, conductor: 'spare', at: 'capped' }]
		}));
	};

	it.each(['hot', 'switchedHot'] as const)(
		'a spare %s listed first leaves the real hot alive under a breaker of one pole',
		(role) => {
			const wired = listedFirst(role);
			const hot = endOf(wired, first.id, 'hot');
			expect(volts(house, endOf(house, first.id, 'hot'), points.earth('main'))).toBeGreaterThan(115);
			expect(volts(wired, points.conductor(first.id, 'hot', 'to'), points.earth('main'))).toBeGreaterThan(
				115
			);
			expect(hot).toBeDefined();
		}
	);

	it('landed on nothing, it takes no pole and carries nothing', () => {
		const wired = listedFirst('hot', [{ conductor: 'spare', on: 'nothing' }]);
		expect(volts(wired, points.conductor(first.id, 'spare', 'to'), points.earth('main'))).toBeLessThan(1);
		expect(volts(wired, points.conductor(first.id, 'hot', 'to'), points.earth('main'))).toBeGreaterThan(115);
	});

	it('a breaker of two poles gives the first hot its first pole, the spare its second', () => {
		const wired = withBreakerSet(listedFirst('switchedHot'), 'b1', { spaces: [1, 3] });
		const across = volts(
			wired,
			points.conductor(first.id, 'hot', 'to'),
			points.conductor(first.id, 'spare', 'to')
		);
		expect(across).toBeGreaterThan(225);
	});
});

it('conduits that meet in a plastic box are not joined by it; in a metal box they are', () => {
	const metal = arranged('metalPath');
	const ground = (house: House) =>
		readOhms(house, { red: points.contact(here, 'upper', 'ground'), black: points.earth('main') });
	const box = metal.boxes.find(({ id }) => id !== here && id !== 'after')!;
	expect(ground(metal).kind).toBe('ohms');
	const off = (house: House) => withBreakers(house, { b1: false });
	const plastic = withBox(metal, box.id, (each) => ({ ...each, material: 'plastic', pigtails: [] }));
	expect(ground(off(plastic)).kind).not.toBe('ohms');
});

it('ids that every object inherits are ids like any other', () => {
	for (const id of ['constructor', 'toString', 'valueOf', 'hasOwnProperty']) {
		const renamed = JSON.parse(JSON.stringify(arranged('endOfRun')).replaceAll('"b1"', `"${id}"`)) as House;
		expect(parseHouse(renamed)).toMatchObject({ ok: true });
		const off = withBreakerSet(renamed, id, { on: false });
		// Nothing is said of it here, so it stays as it is: off.
		expect(withBreakers(off, {}).panels[0]!.breakers[0]!.on).toBe(false);
	}
});

it('a us panel has no residual device before several breakers', () => {
	const house = structuredClone(fennelLaneRecorded());
	house.panels[0]!.residualDevices.push({
		id: 'rcd',
		tripMa: 30,
		ratingA: 63,
		on: true,
		covers: ['b1', 'b3']
	});
	const parsed = parseHouse(house);
	expect(parsed.ok ? [] : parsed.problems).toContainEqual({
		code: 'otherRegion',
		what: 'residualDevice',
		found: 'rcd',
		path: ['panels', 0, 'residualDevices', 0]
	});
});

it('two loads of one name both draw their current', () => {
	const house: House = {
		...fennelLaneRecorded(),
		loads: ['one', 'two'].map((id) => ({
			id,
			name: 'lamp',
			box: 'sewing-closet',
			half: 'upper',
			resistanceOhm: 120,
			on: true
		}))
	};
	const network = compileHouse(house);
	const solution = solve(network);
	if (solution.outcome === 'singular') throw new Error('singular');
	const currents = ['one', 'two'].map((id) => {
		const branch = network.branches.find((each) => each.id === branches.load(id))!;
		return magnitude(branchCurrentA(network, branch, solution.voltageV));
	});
	for (const current of currents) expect(current).toBeCloseTo(1, 1);
});

describe('uk wiring as it is usual', () => {
	it('20 A radials in 2.5 mm², 32 A radials in 4 mm², 32 A rings in 2.5 mm²', () => {
		expect(usualSize('uk', 20)).toBe('2.5mm2');
		expect(usualSize('uk', 32)).toBe('4.0mm2');
		expect(usualSize('uk', 32, 'ring')).toBe('2.5mm2');
	});
	it.each([
		['1.5mm2', '1.0mm2'],
		['2.5mm2', '1.5mm2'],
		['4.0mm2', '1.5mm2'],
		['6.0mm2', '2.5mm2'],
		['10.0mm2', '4.0mm2']
	] as const)('the earth of %s is %s', (size, earth) => {
		expect(cableConductors('ukNew', size).find(({ role }) => role === 'ground')).toMatchObject({
			size: earth
		});
	});
});

describe('how a uk supply is earthed', () => {
	const home = (earthing?: House['service']['earthing']): House => {
		const { earthing: _, ...service } = tanneryRow().service;
		return withBreakers(
			{ ...tanneryRow(), service: { ...service, ...(earthing ? { earthing } : {}) } },
			{ b5: false }
		);
	};
	const neutralToEarth = (house: House) =>
		readOhms(house, {
			red: points.contact('box-room-desk', 'left', 'neutral'),
			black: points.contact('box-room-desk', 'left', 'ground')
		});
	const ohms = (house: House) => {
		const reading = neutralToEarth(house);
		return reading.kind === 'ohms' ? reading.resistanceOhm : NaN;
	};
	it('a file that says nothing is TN-C-S: joined at the cut-out', () => {
		expect(ohms(home())).toBeCloseTo(ohms(home({ system: 'tnCS' })), 9);
		expect(ohms(home())).toBeLessThan(2);
	});
	it('TN-S adds the way back to the transformer, TT both electrodes', () => {
		const cable = ohms(home());
		// From the cut-out: the neutral's 0.12 Ω to the transformer and 0.35 Ω back through the sheath.
		expect(ohms(home({ system: 'tnS' })) - cable).toBeCloseTo(0.12 + 0.35, 1);
		expect(ohms(home({ system: 'tt', electrodeOhm: 90, supplyElectrodeOhm: 20 })) - cable).toBeCloseTo(
			110.1,
			0
		);
	});
	it('on TT a line-to-earth fault trips the residual device and no breaker', () => {
		const house: House = { ...withBreakers(home({ system: 'tt' }), { b5: true }), loads: [] };
		const fault = leak(
			points.contact('box-room-desk', 'left', 'hot'),
			points.contact('box-room-desk', 'left', 'ground'),
			0.1
		);
		expect(settle(house, [fault]).trips.map(({ where }) => where)).toEqual(['residualDevice']);
	});
	it('belongs to uk homes', () => {
		const us = {
			...fennelLaneRecorded(),
			service: { ...fennelLaneRecorded().service, earthing: { system: 'tt' } }
		};
		expect(parseHouse(us)).toMatchObject({
			ok: false,
			problems: [{ code: 'otherRegion', what: 'earthing' }]
		});
	});
});
