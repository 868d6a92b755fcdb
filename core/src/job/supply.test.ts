import { describe, expect, it } from 'vitest';
import { Person, planOf } from '../../test/person';
import { exchangedBehind, threeCables } from '../../test/threeCables';
import { arrangementsOf, here } from '../arrangements';
import { energyOf } from '../isolation';
import { withBox, type House } from '../house';
import { checkHouse } from '../house/check';
import { houseAfterJob, type JobPlan, type SupplyWay } from './index';
import {
	hypothesesLeft,
	judgeSupplyOhms,
	judgeSupplyVolts,
	nextSupplyCable,
	supplyOutcome,
	type CableVerdict
} from './supply';

const built = (region: 'us' | 'uk', kind: string): House =>
	arrangementsOf(region)
		.find((each) => each.kind === kind)!
		.build();

function search(recorded: House, actual: House, way: SupplyWay): Person {
	const person = new Person(recorded, actual, planOf(recorded, here), ['b1', 'b1']);
	person.earthFrom = 'outlet:before';
	person.supplyWay = way;
	person.until('takeOff');
	for (
		let count = 0;
		count < 80 &&
		person.state.status === 'underWay' &&
		!person.state.supply.marked &&
		person.state.supply.outcome !== 'skipped';
		count++
	)
		person.go();
	return person;
}
const readings = (person: Person) =>
	person.events.filter(({ body }) => body.kind === 'readSupplyOhms' || body.kind === 'readSupplyVolts')
		.length;

describe('which cable is the supply', () => {
	const three = threeCables();
	it.each(['dead', 'live'] as const)('found among three, the %s way, whichever it is', (way) => {
		expect(planOf(three, here).supplyCables).toEqual(['c2', 'c3', 'c4']);
		for (const really of ['c2', 'c3', 'c4']) {
			const person = search(three, really === 'c2' ? three : exchangedBehind(three, 'c2', really), way);
			expect(person.state.supply).toMatchObject({ outcome: 'found', found: [really], by: way, marked: true });
			// As many as it takes to meet it; by resistance one more where the first is it, to see that another reads open.
			expect(readings(person)).toBe(Math.max(way === 'dead' ? 2 : 1, ['c2', 'c3', 'c4'].indexOf(really) + 1));
			expect(energyOf(person.state.isolation)).toBe('provenDead');
		}
	});

	it('alive only with every end capped, apart and everybody clear; then off, held and proven anew', () => {
		const person = search(three, three, 'live');
		const kinds = person.events.map(({ body }) => (body.kind === 'confirm' ? body.step : body.kind));
		const from = kinds.indexOf('supplyWay');
		expect(kinds.slice(from, from + 9)).toEqual([
			'supplyWay',
			'cap',
			'spreadEnds',
			'clearArea',
			'restorePower',
			'readSupplyVolts',
			'switchBreaker',
			'hold',
			'tag'
		]);
		expect(kinds.slice(from + 9, -1).filter((kind) => kind === 'readPair').length).toBeGreaterThan(6);
		expect(kinds.at(-1)).toBe('markSupply');
	});

	it('a middle of the run and a ring come out as recorded; an end of a run asks nothing', () => {
		const taken = search(built('us', 'middleThrough'), built('us', 'middleThrough'), 'dead');
		const after = houseAfterJob(taken.recorded, taken.plan, taken.state, taken.events, '2026-11-25');
		expect(after.boxes.find(({ id }) => id === here)!.supply).toMatchObject({
			cables: ['c2'],
			by: 'resistance',
			readings: [
				{ cable: 'c2', isSupply: true },
				{ cable: 'c3', isSupply: false, resistanceOhm: null }
			]
		});
		expect(checkHouse(after)).toEqual([]);
		for (const [region, kind, found] of [
			['us', 'middleThrough', ['c2']],
			['uk', 'ring', ['c2', 'c3']]
		] as const) {
			const house = built(region, kind);
			expect(search(house, house, 'dead').state.supply).toMatchObject({ outcome: 'found', found });
		}
		expect(planOf(built('us', 'endOfRun'), here).supplyCables).toEqual([]);
		expect(planOf(built('uk', 'spur'), here).supplyCables).toEqual([]);
	});

	it('where the main switch opens the neutral too, resistance is silent and voltage is offered', () => {
		const house = built('uk', 'radialMiddle');
		const person = new Person(house, house, planOf(house, here), ['main:main', 'main:main']);
		person.earthFrom = 'outlet:before';
		person.until('supplyWay');
		person.until('readSupplyOhms');
		person.go();
		person.go();
		expect(person.state.supply).toMatchObject({ outcome: 'silent', found: [] });
		person.until('readSupplyVolts');
		expect(energyOf(person.state.isolation)).toBe('deliberatelyLive');
		person.go();
		expect(person.state.supply).toMatchObject({ outcome: 'found', found: ['c2'], by: 'live' });
	});

	it('a neutral that touches ground further on reads joined too: by resistance that is found out, not taken for the supply', () => {
		const recorded = built('us', 'middleThrough');
		// The cables are exchanged behind the box, and in the next outlet neutral and ground touch.
		const swapped = exchangedBehind(recorded, 'c2', 'c3');
		const actual = withBox(swapped, 'after', (box) => ({
			...box,
			pigtails: [
				...box.pigtails,
				{
					id: 'falseGround',
					role: 'neutral',
					colour: 'white',
					from: 'terminal:neutralUpper',
					to: 'terminal:ground',
					how: 'hook'
				}
			]
		}));
		const person = search(recorded, actual, 'dead');
		expect(person.state.supply.outcome).toBe('none');
		expect(person.state.stops.supply).toBe('noArrangement');
	});

	it('a reading that is neither one nor the other stops the job safely', () => {
		const house = built('us', 'middleThrough');
		const person = new Person(house, house, planOf(house, here), ['b1']);
		person.until('readSupplyOhms');
		person.say({ kind: 'readSupplyOhms', cable: 'c2', value: { kind: 'ohms', resistanceOhm: 40 } });
		expect(person.state.stops.supply).toBe('noArrangement');
		person.until('stop');
		expect(Object.values(person.state.wires)).not.toContain('off');
	});
});

describe('the sums behind it', () => {
	const plan = { supplyCables: ['a', 'b', 'c'], recordedSupply: ['b'], onRing: false } as unknown as JobPlan;
	const ring = { ...plan, onRing: true } as JobPlan;
	it('bands: under 2 Ω is joined at the panel, a long run is measured against the model, OL goes on', () => {
		const ohm = (resistanceOhm: number, expected: number | null = 0.5) =>
			judgeSupplyOhms({ kind: 'ohms', resistanceOhm }, expected);
		expect([ohm(0.4), ohm(1.9), ohm(2.1), ohm(40), ohm(2e6)]).toEqual([
			'supply',
			'supply',
			'odd',
			'odd',
			'outgoing'
		]);
		expect(ohm(2.8, 1.6)).toBe('supply');
		expect(judgeSupplyOhms({ kind: 'overload' }, null)).toBe('outgoing');
		const volts = (value: number) =>
			({ instrument: 'multimeter', mode: 'highImpedance', volts: value }) as const;
		expect(judgeSupplyVolts(volts(120), volts(119))).toBe('supply');
		expect(judgeSupplyVolts(volts(0.1), volts(14))).toBe('outgoing');
		expect(judgeSupplyVolts(volts(120), volts(0))).toBe('odd');
	});
	it('every pattern of answers ends after at most one reading a cable, and never names a supply that wasn’t read as one', () => {
		for (const each of [plan, ring])
			for (let pattern = 0; pattern < 3 ** 3; pattern++) {
				const answer = (cable: string): CableVerdict =>
					(['supply', 'outgoing', 'odd'] as const)[
						Math.floor(pattern / 3 ** each.supplyCables.indexOf(cable)) % 3
					]!;
				const verdicts: Record<string, CableVerdict> = {};
				for (let count = 0; ; count++) {
					const next = nextSupplyCable(each, 'dead', verdicts);
					if (next === null || Object.values(verdicts).includes('odd')) break;
					expect(count).toBeLessThan(3);
					expect(verdicts[next]).toBeUndefined();
					verdicts[next] = answer(next);
				}
				const { outcome, found } = supplyOutcome(each, 'dead', verdicts);
				expect(outcome).not.toBeNull();
				if (outcome === 'found') expect(found.some((cable) => verdicts[cable] === 'supply')).toBe(true);
				if (outcome === 'found') expect(hypothesesLeft(each, verdicts)).toEqual([found]);
			}
		expect(nextSupplyCable(plan, 'dead', {})).toBe('b');
		expect(nextSupplyCable(plan, 'live', { b: 'supply' })).toBeNull();
		expect(nextSupplyCable(plan, 'dead', { b: 'supply' })).toBe('a');
		expect(nextSupplyCable(plan, 'dead', { b: 'supply', a: 'outgoing' })).toBeNull();
	});
});
