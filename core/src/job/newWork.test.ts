import { describe, expect, it, test } from 'vitest';
import { cableEnd } from '../../test/cableEnd';
import { meter, Person } from '../../test/person';
import { wishOf } from '../../test/wishes';
import { arrangements, here } from '../arrangements';
import { editHouse, findBox, isBlank, withBreakers, type House } from '../house';
import { parseHouse } from '../files';
import { readPlugLamps } from '../instruments';
import { circuitLoad } from '../sums';
import { planJob, planWhole, soundLamps, type Wished } from '.';

const built = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();
const plan = (house: House, box: string, wish: Wished) => planJob(house, box, 'groundFirst', wish);
const worker = (recorded: House, actual: House, breakers: string[], wish = wishOf('duplex')): Person => {
	const planned = planWhole(recorded, [{ boxId: 'after', wish }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const one = new Person(recorded, actual, planned.plans, breakers);
	one.earthFrom = 'outlet:before';
	return one;
};

describe('a box with nothing fitted yet', () => {
	it('is put on record by the ends of its cable, each under a cap, and is a house file like any other', () => {
		const house = cableEnd(false);
		const box = findBox(house, 'after')!;
		expect(isBlank(box.device)).toBe(true);
		expect(box.terminations.map(({ at }) => at).sort()).toEqual([
			'terminal:capGround',
			'terminal:capHot',
			'terminal:capNeutral'
		]);
		expect(parseHouse(JSON.parse(JSON.stringify(house)))).toMatchObject({ ok: true });
		expect(house.loads.filter((load) => load.box === 'after')).toEqual([]);
	});

	it('takes one cable, and gets its outlet back in one edit', () => {
		expect(
			editHouse(built('middleThrough'), [{ do: 'setBox', box: here, device: { kind: 'blank' } }])
		).toMatchObject({
			ok: false,
			refusal: { code: 'blankTakesOne' }
		});
		const device = findBox(built('middleThrough'), 'after')!.device!;
		const again = editHouse(cableEnd(false), [{ do: 'setBox', box: 'after', device }]);
		if (!again.ok) throw new Error(again.refusal.code);
		const on = withBreakers(again.house, { b1: true });
		expect(readPlugLamps(on, 'after', 'upper')).toEqual(soundLamps);
	});
});

test('it is no outlet to anybody else: nothing is tried, watched or fetched there', () => {
	const house = cableEnd(false);
	const planned = planWhole(house, [{ boxId: here, wish: wishOf('gfci', 'protected') }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const plan = planned.plans[0]!;
	expect([plan.downstream, plan.witnesses]).toEqual([[], ['before']]);
	expect(plan.work!.checks.filter((each) => 'box' in each && each.box === 'after')).toEqual([]);
	const one = new Person(house, house, planned.plans, ['b1', 'b1', 'b1']);
	one.earthFrom = 'outlet:before';
	for (let n = 0; n < 200 && one.state.status === 'underWay'; n++) one.go();
	expect(one.state.status).toBe('finished');
	expect(circuitLoad(house, house.circuits[0]!.id)!.points?.outlets).toBe(2);
	// Its end still hangs on the new part’s LOAD side, and is guarded from there.
	const cable = house.cables.find(({ to }) => to.box === 'after')!.id;
	const ends = findBox(one.recordAfter(), here)!.terminations.filter((end) => end.cable === cable);
	expect(ends.map(({ at }) => at)).toContain('terminal:loadHot');
});

describe('a new outlet on the end of a cable', () => {
	test('to its end: something on the same breaker lit and gone dark, every end read to a known ground before a hand, sheath, landing, tests', () => {
		const house = cableEnd(false);
		const one = worker(house, house, ['b1', 'b1']);
		for (let n = 0; n < 200 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
		const done = one.events.map(({ body }) => (body.kind === 'confirm' ? body.step : body.kind));
		const order: readonly (typeof done)[number][] = [
			'proveEarth',
			'seeControlled',
			'switchBreaker',
			'hold',
			'tag',
			'easeForward',
			'readPair',
			'openSheath',
			'takeOff',
			'move',
			'restorePower',
			'readPlug',
			'grip'
		];
		const places = order.map((each) => done.indexOf(each));
		expect(places.every((place) => place >= 0)).toBe(true);
		expect(places).toEqual([...places].sort((a, b) => a - b));
		const pairs = one.events.flatMap(({ body }) => (body.kind === 'readPair' ? [body.pair] : []));
		expect(pairs.length).toBeGreaterThanOrEqual(4);
		const after = one.recordAfter();
		const on = withBreakers(after, { b1: true });
		for (const half of ['upper', 'lower'] as const)
			expect(readPlugLamps(on, 'after', half)).toEqual(soundLamps);
		expect(findBox(after, 'after')!.history.length).toBe(1);
	});

	test('the tester turns out to have failed when all is shut: it is proved again before anything is eased out', () => {
		const house = cableEnd(false);
		const one = worker(house, house, ['b1', 'b1']);
		one.until('readOhms');
		expect(one.state.device).toBe('newSeated');
		const of = one.state.isolation.proof.before!.id;
		expect(one.say({ kind: 'amendVolts', of, reading: meter(0.2) }).ok).toBe(true);
		expect(one.state.isolation.doubt).toEqual({ reason: 'testerFailed', until: 'proof' });
		one.say({ kind: 'readOhms', check: 'hotNeutral', value: { kind: 'ohms', resistanceOhm: 0.4 } });
		expect(one.step).toEqual({ kind: 'proveTester', when: 'before' });
		one.go();
		expect(one.state.isolation.doubt).toBeNull();
		expect(one.step).toEqual({ kind: 'confirm', step: 'easeForward' });
	});

	test('the cable really on another breaker: the lamp goes dark, the ends are read live under their caps, and it goes back to the panel', () => {
		const one = worker(cableEnd(false), cableEnd(true), ['b1', 'own']);
		one.until('readPair');
		const before = one.events.length;
		for (let n = 0; n < 6 && one.step?.kind !== 'switchOff'; n++) one.go();
		expect(one.step?.kind).toBe('switchOff');
		expect(one.events.slice(before).some(({ judged }) => judged?.passes === false)).toBe(true);
		expect(one.events.some(({ body }) => body.kind === 'takeOff' || body.kind === 'move')).toBe(false);
	});

	test('a GFCI may go there too, on LINE alone', () => {
		const house = cableEnd(false);
		const one = worker(house, house, ['b1', 'b1'], wishOf('gfci'));
		for (let n = 0; n < 200 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
		const ats = findBox(one.recordAfter(), 'after')!.terminations.map(({ at }) => at);
		expect(ats.some((at) => at.startsWith('terminal:load'))).toBe(false);
	});

	it('isn’t begun without a wish, without a ground, or where today’s code asks for a guard', () => {
		const house = cableEnd(false);
		expect(plan(house, 'after', null)).toMatchObject({ failure: { code: 'nothingFitted' } });
		const bath: House = {
			...house,
			boxes: house.boxes.map((box) => (box.id === 'after' ? { ...box, place: { kind: 'bathroom' } } : box))
		};
		expect(plan(bath, 'after', wishOf('duplex'))).toMatchObject({ failure: { code: 'newUnguarded' } });
		expect(plan(bath, 'after', wishOf('gfci')).ok).toBe(true);
		const bare: House = {
			...house,
			cables: house.cables.map((cable) =>
				cable.to.box === 'after'
					? { ...cable, conductors: cable.conductors.filter(({ role }) => role !== 'ground') }
					: cable
			),
			boxes: house.boxes.map((box) =>
				box.id === 'after' || box.id === here
					? {
							...box,
							terminations: box.terminations.filter(
								({ cable, conductor }) =>
									!(cable === house.cables.find(({ to }) => to.box === 'after')!.id && conductor === 'ground')
							)
						}
					: box
			)
		};
		expect(plan(bare, 'after', wishOf('duplex'))).toMatchObject({ failure: { code: 'newUngrounded' } });
	});

	it('nor beside another device in one box', () => {
		const house = cableEnd(false);
		const together: House = {
			...house,
			boxes: house.boxes.map((box) => (box.id === 'after' ? { ...box, inBoxWith: here } : box))
		};
		expect(plan(together, 'after', wishOf('duplex'))).toMatchObject({ failure: { code: 'newBeside' } });
	});

	it('uk: at the end of a radial; not where nothing opens at a leak', () => {
		const set = (house: House) => {
			const edited = editHouse(house, [{ do: 'setBox', box: here, device: { kind: 'blank' } }]);
			if (!edited.ok) throw new Error(edited.refusal.code);
			return edited.house;
		};
		const house = set(built('radialEnd'));
		const unguarded: House = {
			...house,
			panels: house.panels.map((panel) => ({
				...panel,
				residualDevices: [],
				breakers: panel.breakers.map((breaker) => ({ ...breaker, type: 'plain' as const }))
			}))
		};
		expect(plan(unguarded, here, wishOf('socketTwin'))).toMatchObject({ failure: { code: 'newNoResidual' } });
		const guarded: House = {
			...unguarded,
			panels: unguarded.panels.map((panel) => ({
				...panel,
				residualDevices: [
					{ id: 'r1', tripMa: 30, ratingA: 80, on: true, covers: panel.breakers.map(({ id }) => id) }
				]
			}))
		};
		expect(plan(guarded, here, wishOf('socketTwin'))).toMatchObject({ ok: true, plan: { newWork: true } });
	});
});
