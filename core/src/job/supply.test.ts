import { describe, expect, it } from 'vitest';
import { Person, planOf } from '../../test/person';
import { exchangedBehind, threeCables } from '../../test/threeCables';
import { arrangementsOf, here } from '../arrangements';
import { energyOf } from '../isolation';
import { withBox, type House } from '../house';
import { checkHouse } from '../house/check';
import { houseAfterJob, recordOf, type SupplyWay } from './index';
import { judgeAlone } from './contrast';
import { judgeSupplyVolts } from './supply';
import { outcomeWords } from '../../test/outcomeWords';

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
	person.events.filter(({ body }) => ['readSupplyOhms', 'touchSupply', 'readSupplyVolts'].includes(body.kind))
		.length;

describe('which cable is the supply', () => {
	const three = threeCables();
	it.each(['dead', 'live'] as const)('found among three, the %s way, whichever it is', (way) => {
		expect(planOf(three, here).supplyCables).toEqual(['c2', 'c3', 'c4']);
		for (const really of ['c2', 'c3', 'c4']) {
			const person = search(three, really === 'c2' ? three : exchangedBehind(three, 'c2', really), way);
			expect(person.state.supply).toMatchObject({ outcome: 'found', found: [really], by: way, marked: true });
			// Each cable once: it is the contrast that tells. Alive, one that alarms among silent ones needs no tip on it.
			expect(readings(person)).toBe(3);
			expect(person.events.some(({ body }) => body.kind === 'readSupplyVolts')).toBe(false);
			expect(energyOf(person.state.isolation)).toBe('provenDead');
		}
	});

	it('alive only with every end capped, apart and everybody clear; then off, held and proven anew', () => {
		const person = search(three, three, 'live');
		const kinds = person.events.map(({ body }) => (body.kind === 'confirm' ? body.step : body.kind));
		const from = kinds.indexOf('supplyWay');
		expect(kinds.slice(from, from + 11)).toEqual([
			'supplyWay',
			'cap',
			'spreadEnds',
			'clearArea',
			'restorePower',
			'touchSupply',
			'touchSupply',
			'touchSupply',
			'switchBreaker',
			'hold',
			'tag'
		]);
		expect(kinds.slice(from + 11, -1).filter((kind) => kind === 'readPair').length).toBeGreaterThan(6);
		expect(kinds.at(-1)).toBe('markSupply');
	});

	it('a middle of the run comes out as recorded; a ring and an end of a run ask nothing', () => {
		const taken = search(built('us', 'middleThrough'), built('us', 'middleThrough'), 'dead');
		const after = houseAfterJob(
			taken.recorded,
			taken.plan,
			taken.state,
			taken.events,
			'2026-11-25',
			outcomeWords
		);
		expect(after.boxes.find(({ id }) => id === here)!.supply).toMatchObject({
			cables: ['c2'],
			by: 'resistance',
			readings: [
				{ cable: 'c2', isSupply: true },
				{ cable: 'c3', isSupply: false, resistanceOhm: null }
			]
		});
		expect(checkHouse(after)).toEqual([]);
		expect(planOf(built('uk', 'ring'), here).supplyCables).toEqual([]);
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
		person.until('touchSupply');
		expect(energyOf(person.state.isolation)).toBe('deliberatelyLive');
		person.go();
		person.go();
		expect(person.state.supply).toMatchObject({ outcome: 'found', found: ['c2'], by: 'live' });
	});

	it('a neutral that touches ground further on reads joined too: by resistance that stays open, and voltage tells', () => {
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
		expect(person.state.supply).toMatchObject({ outcome: 'found', found: ['c3'], by: 'live' });
	});

	it('a reading between low and open tells by contrast, and alone is no reason to stop', () => {
		const house = built('us', 'middleThrough');
		const dead = (...ohms: (number | null)[]) => {
			const person = new Person(house, house, planOf(house, here), ['b1']);
			person.until('readSupplyOhms');
			for (const [k, ohm] of ohms.entries())
				person.say({
					kind: 'readSupplyOhms',
					cable: ['c2', 'c3'][k]!,
					value: ohm === null ? { kind: 'overload' } : { kind: 'ohms', resistanceOhm: ohm }
				});
			return person;
		};
		expect(dead(0.5, 40).state.supply).toMatchObject({ outcome: 'found', found: ['c2'] });
		expect(dead(40, 0.5).state.supply).toMatchObject({ outcome: 'found', found: ['c3'] });
		for (const pair of [
			[40, null],
			[1.5, 3],
			[null, null],
			[0.5, 0.5]
		] as const) {
			const person = dead(...pair);
			expect(person.state.supply.outcome, pair.join()).toBe('silent');
			expect(person.state.stops.supply).toBeNull();
		}
	});

	it('alive, what reads full to neutral and nothing to ground fits nothing, and ends the job safely', () => {
		const house = built('us', 'middleThrough');
		const person = new Person(house, house, planOf(house, here), ['b1', 'b1']);
		person.earthFrom = 'outlet:before';
		person.supplyWay = 'live';
		person.until('touchSupply');
		for (const cable of ['c2', 'c3']) person.say({ kind: 'touchSupply', cable, alarms: false });
		const at = (volts: number) => ({ instrument: 'multimeter', mode: 'highImpedance', volts }) as const;
		person.say({ kind: 'readSupplyVolts', cable: 'c2', hotNeutral: at(120), hotGround: at(0) });
		expect(person.state.stops.supply).toBe('noArrangement');
		person.until('stop');
		expect(Object.values(person.state.wires)).not.toContain('off');
	});

	it('uk: two cables that both feed are a ring, recorded as none: an answer, and a worry', () => {
		const actual = built('uk', 'ring');
		const recorded: House = {
			...actual,
			circuits: actual.circuits.map((circuit) => ({ ...circuit, arrangement: 'radial' as const })),
			// As somebody recorded it who never saw the way back.
			boxes: actual.boxes,
			cables: actual.cables
		};
		for (const way of ['dead', 'live'] as const) {
			const person = search(recorded, recorded, way);
			expect(person.state.supply).toMatchObject({ outcome: 'found', found: ['c2', 'c3'], by: way });
			expect(recordOf(person.plan, person.events, person.state).worries).toContainEqual({
				kind: 'ringNotRecorded'
			});
		}
	});

	it('uk: through earth electrodes resistance is silent, never a reason to stop', () => {
		const radial = built('uk', 'radialMiddle');
		const house: House = { ...radial, service: { ...radial.service, earthing: { system: 'tt' } } };
		const person = new Person(house, house, planOf(house, here), ['b1', 'b1']);
		person.earthFrom = 'outlet:before';
		person.until('readSupplyOhms');
		person.go();
		person.go();
		const read = person.events.flatMap(({ body }) =>
			body.kind === 'readSupplyOhms' && body.value.kind === 'ohms' ? [body.value.resistanceOhm] : []
		);
		// The electrodes in series, 60 and 20 Ω, and the cable.
		expect(read).toHaveLength(1);
		expect(read[0]).toBeGreaterThan(80);
		expect(person.state.supply.outcome).toBe('silent');
		expect(person.state.stops.supply).toBeNull();
	});
});

describe('the sums behind it', () => {
	it('alive: full to both is the supply, nothing to either goes on, and one of them alone is neither', () => {
		const volts = (value: number) =>
			({ instrument: 'multimeter', mode: 'highImpedance', volts: value }) as const;
		expect(judgeSupplyVolts(volts(120), volts(119))).toBe('supply');
		expect(judgeSupplyVolts(volts(0.1), volts(14))).toBe('outgoing');
		expect(judgeSupplyVolts(volts(120), volts(0))).toBe('odd');
	});
	it('dead: under 2 Ω is joined at the panel, a long run is measured against the model, OL goes on, and between tells nothing', () => {
		const ohm = (resistanceOhm: number, expected: number | null = 0.5) =>
			judgeAlone({ kind: 'ohms', resistanceOhm }, expected);
		expect([ohm(0.4), ohm(1.9), ohm(2.1), ohm(40), ohm(2e6)]).toEqual([
			'supply',
			'supply',
			'between',
			'between',
			'outgoing'
		]);
		expect(ohm(2.8, 1.6)).toBe('supply');
		// Through earth electrodes the way back is no measure.
		expect(ohm(9, 20)).toBe('between');
		expect(judgeAlone({ kind: 'overload' }, null)).toBe('outgoing');
	});
});
