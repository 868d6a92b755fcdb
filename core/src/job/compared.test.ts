import { describe, expect, test } from 'vitest';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow, tanneryRowActual } from '../demo';
import { outcomeWords } from '../../test/outcomeWords';
import { Person } from '../../test/person';
import { wishOf } from '../../test/wishes';
import { findBox, type House } from '../house';
import {
	comparedOf,
	houseAfterStop,
	planJob,
	planWhole,
	recordOf,
	wrongAsFound,
	type Wished,
	type Worry
} from '.';

const person = () => {
	const planned = planWhole(tanneryRow(), [{ boxId: 'back-bedroom-door', wish: null }]);
	if (!planned.ok) throw new Error(planned.failure.code);
	const one = new Person(tanneryRow(), tanneryRowActual(), planned.plans, ['b5', 'b5', 'b5']);
	one.earthFrom = 'outlet:kitchen-fridge';
	return one;
};

describe('as found beside the final test', () => {
	test('a reversal that was inherited is mended, half by half', () => {
		const one = person();
		for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
		expect(comparedOf(one.plan, one.state, one.events).map(({ half, comes }) => [half, comes])).toEqual([
			['left', 'mended'],
			['right', 'mended']
		]);
	});

	test('stopped before it was put right it stays a worry of that outlet, and is nobody’s making', () => {
		const one = person();
		one.until('switchOff');
		expect(comparedOf(one.plan, one.state, one.events).map(({ comes }) => comes)).toEqual([
			'inherited',
			'inherited'
		]);
		expect(one.say({ kind: 'stop', reason: 'ownChoice', note: '' }).ok).toBe(true);
		const inherited = recordOf(one.plan, one.events, one.state).worries.filter(
			({ kind }) => kind === 'inherited'
		);
		expect(inherited.length).toBe(2);
		const words = {
			...outcomeWords,
			stopped: 'stopped',
			untested: 'untested',
			worry: (worry: Worry) => JSON.stringify(worry)
		};
		const after = houseAfterStop(tanneryRow(), one.plan, one.state, one.events, '2026-11-26', words);
		const had = findBox(tanneryRow(), 'back-bedroom-door')!.worries.length;
		expect(findBox(after, 'back-bedroom-door')!.worries.length).toBe(had + 2);
	});

	test('what is wrong only since is told apart', () => {
		const one = person();
		one.until('switchOff');
		const sound = { hotNeutral: true, hotGround: true, neutralGround: false };
		const state = { ...one.state, asFound: { left: { lamps: sound, holds: true } } };
		const plug = (lamps: typeof sound) =>
			({ id: 'e', at: '', body: { kind: 'readPlug', half: 'left', lamps } }) as const;
		expect(comparedOf(one.plan, state, [plug({ ...sound, hotGround: false })])[0]!.comes).toBe('madeHere');
		expect(comparedOf(one.plan, state, [plug(sound)])[0]!.comes).toBe('sound');
		expect(comparedOf(one.plan, state, [])[0]!.comes).toBe('untested');
	});
});

describe('what has no ground, as found', () => {
	const wall = 'reading-stove-wall';
	const begun = (wish: Wished | null, house: House = fennelLaneRecorded()) => {
		const planned = planJob(house, wall, 'groundFirst', wish);
		if (!planned.ok) throw new Error(planned.failure.code);
		return new Person(house, fennelLaneActual(), planned.plan, ['b9', 'b9']);
	};
	const ended = (one: Person) => {
		for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
		return comparedOf(one.plan, one.state, one.events).map(({ comes }) => comes);
	};

	test('two slots are tried with a plug of two blades', () => {
		expect(begun(null).plan.asFound).toBe('twoBlades');
	});

	test('lit and holding they are as they should be; a plug that slips, or a half that is dark, was so before', () => {
		const { plan } = begun(wishOf('gfci'));
		const lit = { hotNeutral: true, hotGround: false, neutralGround: false };
		expect(wrongAsFound(plan, { lamps: lit, holds: true })).toBe(false);
		expect(wrongAsFound(plan, { lamps: lit, holds: false })).toBe(true);
		expect(wrongAsFound(plan, { lamps: { ...lit, hotNeutral: false }, holds: true })).toBe(true);
		// Three slots that should be grounded, and show no ground.
		expect(
			wrongAsFound({ ...plan, asFound: 'threeLamps', grounded: true }, { lamps: lit, holds: true })
		).toBe(true);
	});

	test('a GFCI without a ground in their place is as it was, and no mistake made here', () => {
		const one = begun(wishOf('gfci'));
		expect(ended(one)).toEqual(['noGround', 'noGround']);
		expect(
			recordOf(one.plan, one.events, one.state).worries.filter(({ kind }) => kind === 'inherited')
		).toEqual([]);
	});

	test('made right where it was wrong, grounded where nothing was, or wrong only since', () => {
		const { plan, state } = begun(wishOf('gfci'));
		const lit = { hotNeutral: true, hotGround: false, neutralGround: false };
		const sound = { hotNeutral: true, hotGround: true, neutralGround: false };
		const seen = (lamps: typeof lit, holds = true) => ({ ...state, asFound: { upper: { lamps, holds } } });
		const plug = (lamps: typeof lit) =>
			({ id: 'e', at: '', body: { kind: 'readPlug', half: 'upper', lamps } }) as const;
		const volts = (v: number) => ({ instrument: 'multimeter', volts: v, mode: 'highImpedance' }) as const;
		const outlet = (v: number) =>
			({
				id: 'e',
				at: '',
				body: { kind: 'readOutlet', half: 'upper', hotNeutral: volts(v), neutralEarth: volts(0.2) }
			}) as const;
		const grounded = { ...plan, newGrounded: true };
		const comes = (...of: Parameters<typeof comparedOf>) => comparedOf(...of)[0]!.comes;
		expect(comes(grounded, seen(lit), [plug(sound)])).toBe('grounded');
		expect(comes(grounded, seen(lit, false), [plug(sound)])).toBe('mended');
		// Its ground came off on the way.
		expect(comes(grounded, seen(lit), [plug(lit)])).toBe('madeHere');
		expect(comes(plan, seen(lit), [outlet(120)])).toBe('noGround');
		// What was read is what is shown: no lamp was seen at the end.
		expect(comparedOf(plan, seen(lit), [outlet(120)])[0]!.after).toEqual({
			hotNeutral: volts(120),
			passes: true,
			holds: null
		});
		expect(comes(plan, seen(lit), [outlet(0)])).toBe('madeHere');
		expect(comes(plan, seen(lit, false), [outlet(0)])).toBe('inherited');
		// A ground that was none: three lamps took it for one.
		expect(comes({ ...plan, asFound: 'threeLamps' }, seen(sound), [outlet(120)])).toBe('groundGone');
		expect(comes(plan, seen(lit), [])).toBe('untested');
	});
});
