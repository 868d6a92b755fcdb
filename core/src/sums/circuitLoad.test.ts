import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { circuitsInBox, findCircuit, withBox, type Device, type House, type Load } from '../house';
import { houseSchema } from '../files';
import { editHouse } from '../house/edit';
import { circuitLoad } from '.';

const us = { ...fennelLaneRecorded(), loads: [] };
const uk = { ...tanneryRow(), loads: [] };
const load = (
	id: string,
	box: string,
	ratedW: number,
	continuous = false,
	half: Load['half'] = 'upper'
): Load => ({
	id,
	name: id,
	box,
	half,
	resistanceOhm: 2000,
	on: true,
	ratedW,
	...(continuous ? { continuous } : {})
});
const living = us.circuits.find(({ id }) => id === 'living')!.id;
const at = (house: House, loads: readonly Load[], circuit = living) =>
	circuitLoad({ ...house, loads: [...loads] }, circuit)!;
const codes = (of: ReturnType<typeof at>) => of.warnings.map(({ code }) => code);

// Worked by hand: 30 W given at 85 % is 35.3 W drawn, 0.294 A at 120 V.
test('a charger in an outlet is counted at the most it draws, and no cord is the worse for it', () => {
	const [box] = us.boxes.filter(({ id }) => circuitsInBox(us, id)[0]?.id === living);
	const usb = withBox(us, box!.id, (each) => ({
		...each,
		device: { kind: 'usb', ratingA: 15, style: 'decorator', tamperResistant: true, contacts: 'good' }
	}));
	const with12A = at(usb, [load('heater', box!.id, 1430)]);
	expect(with12A.lines.map(({ charger, amps }) => [charger?.printed, amps?.toFixed(3)])).toEqual([
		[undefined, '11.917'],
		[false, '0.294']
	]);
	expect(with12A.totalW).toBeCloseTo(1465.3, 1);
	// 12.2 A together: beyond 80 % of 15 A, and within what one cord may draw.
	expect(codes(with12A)).toEqual(['overUsual']);
	expect(at(us, [load('heater', box!.id, 1430)]).warnings).toEqual([]);
	const twin = uk.boxes.find(({ device }) => device?.kind === 'socketTwin')!;
	const ukUsb = withBox(uk, twin.id, (each) => ({
		...each,
		device: { ...each.device!, usb: true } as never
	}));
	const circuit = circuitsInBox(uk, twin.id)[0]!.id;
	expect(at(ukUsb, [], circuit).totalW - at(uk, [], circuit).totalW).toBeCloseTo(25.9, 1);
});

// Worked by hand: 60 W given at 85 % is 70.6 W drawn.
test('what is printed on the charger is the better figure; said not to be known any more, the usual one counts again', () => {
	const [box] = us.boxes.filter(({ id }) => circuitsInBox(us, id)[0]?.id === living);
	const usb = {
		kind: 'usb',
		ratingA: 15,
		style: 'decorator',
		tamperResistant: true,
		contacts: 'good'
	} as const;
	const charging = (device: Device) => {
		const made = editHouse(us, [{ do: 'setBox', box: box!.id, device }]);
		if (!made.ok) throw new Error(made.refusal.code);
		return at(made.house, []).lines.find(({ charger }) => charger)!;
	};
	expect(charging({ ...usb, chargerW: 60 }).watts).toBeCloseTo(70.6, 1);
	expect(charging({ ...usb, chargerW: 60 }).charger).toEqual({ givesW: 60, printed: true });
	expect(charging(usb).charger).toEqual({ givesW: 30, printed: false });
	for (const chargerW of [0, -5, 301])
		expect(houseSchema.safeParse({ ...us, boxes: [{ ...box, device: { ...usb, chargerW } }] }).success).toBe(
			false
		);
});

// Worked by hand: 15 A at 120 V is 1800 W, 80 % of it 1440 W.
describe('load on a circuit', () => {
	test('15 A: 1800 W, 1440 W at 80 %; 20 A: 2400 and 1920; uk ring 32 A at 230 V: 7360 W', () => {
		expect(at(us, [])).toMatchObject({ limitW: 1800, usualW: 1440, totalW: 0, warnings: [] });
		const twenty = us.circuits.find(({ breaker }) => breaker === 'b8')!.id;
		expect(at(us, [], twenty)).toMatchObject({ limitW: 2400, usualW: 1920 });
		const ring = uk.circuits.find(({ arrangement }) => arrangement === 'ring')!.id;
		expect(at(uk, [], ring)).toMatchObject({ limitW: 7360, points: null });
	});

	test('1300 W fits; 1500 W is over 80 % and, on one cord, over 12 A of a 15 A outlet', () => {
		expect(codes(at(us, [load('heater', 'living-sofa', 1300)]))).toEqual([]);
		const heater = at(us, [load('heater', 'living-sofa', 1500)]);
		expect(codes(heater)).toEqual(['overUsual', 'cord']);
		expect(heater.warnings[1]).toMatchObject({ amps: 12.5, mostA: 12 });
	});

	test('what runs three hours counts a quarter more: 13 A of it is 16.25 A, over 15', () => {
		const loads = [load('a', 'living-sofa', 780, true), load('b', 'living-bookcase', 780, true)];
		const long = at(us, loads);
		expect(long.totalA).toBe(13);
		expect(long.countedA).toBe(16.25);
		expect(codes(long)).toContain('over');
		expect(
			codes(
				at(
					us,
					loads.map((each) => ({ ...each, continuous: false }))
				)
			)
		).toEqual(['overUsual']);
	});

	test('two halves of one outlet draw no more than its rating; uk 20 A a twin', () => {
		const both = [load('a', 'living-sofa', 1000), load('b', 'living-sofa', 1000, false, 'lower')];
		expect(codes(at(us, both))).toEqual(['over', 'outlet']);
		const twin = uk.boxes.find(({ id }) => id === 'box-room-desk')!.id;
		const heaters = [load('a', twin, 2900, false, 'left'), load('b', twin, 2900, false, 'right')];
		expect(codes(at(uk, heaters, circuitsInBox(uk, twin)[0]!.id))).toEqual(['outlet']);
	});

	test('the rule of thumb stands beside the sum: 8 on 15 A, 10 on 20 A', () => {
		expect(at(us, []).points).toMatchObject({ roomFor: 8 });
		const twenty = us.circuits.find(({ breaker }) => breaker === 'b8')!.id;
		expect(at(us, [], twenty).points).toMatchObject({ roomFor: 10, outlets: 3 });
	});

	test('what nobody gave watts for is counted as unknown, and not as nothing', () => {
		const { ratedW: _w, ...unread } = load('lamp', 'living-sofa', 60);
		expect(at(us, [unread])).toMatchObject({ unknown: 1, totalW: 0 });
		expect(circuitLoad(us, 'nosuch')).toBeNull();
	});

	test('more is never less: another load takes no warning away but for a sharper one, and the sum is the sum', () => {
		const boxes = us.boxes.filter(({ id }) => circuitsInBox(us, id)[0]?.id === living).map(({ id }) => id);
		const loads = fc.array(
			fc.record({
				box: fc.constantFrom(...boxes),
				watts: fc.integer({ min: 1, max: 1800 }),
				long: fc.boolean()
			}),
			{ maxLength: 6 }
		);
		fc.assert(
			fc.property(loads, (some) => {
				const made = some.map(({ box, watts, long }, k) => load(`l${k}`, box, watts, long));
				const all = at(us, made);
				expect(all.totalW).toBeCloseTo(
					some.reduce((sum, { watts }) => sum + watts, 0),
					6
				);
				if (made.length === 0) return;
				const before = at(us, made.slice(1));
				if (codes(before).includes('over')) expect(codes(all)).toContain('over');
				expect(all.countedA).toBeGreaterThanOrEqual(all.totalA);
			}),
			drawn(20261127, 100)
		);
	});

	test('watts are typed, changed and taken back as edits; nonsense is refused by its form', () => {
		const added = editHouse(us, [
			{ do: 'addLoad', box: 'living-sofa', name: 'heater', ratedW: 1500, continuous: true }
		]);
		if (!added.ok) throw new Error(JSON.stringify(added));
		const [heater] = added.house.loads;
		expect(heater).toMatchObject({ ratedW: 1500, continuous: true });
		const changed = editHouse(added.house, [
			{ do: 'setLoad', load: heater!.id, ratedW: null, continuous: false }
		]);
		if (!changed.ok) throw new Error(JSON.stringify(changed));
		expect(changed.house.loads[0]).not.toHaveProperty('ratedW');
		expect(changed.house.loads[0]).not.toHaveProperty('continuous');
		expect(editHouse(us, [{ do: 'setLoad', load: 'nosuch', ratedW: 5 }])).toMatchObject({ ok: false });
		expect(findCircuit(added.house, living)).toBeDefined();
	});
});
