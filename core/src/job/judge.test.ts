import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { VoltReading } from '../isolation';
import type { Autopsy, OhmValue } from './events';
import {
	autopsyFaults,
	judgeEnds,
	judgeLive,
	judgeOhms,
	lowestOf,
	noGroundLamps,
	notShorted,
	ohmsInRange,
	outletPasses,
	showsGround,
	soundLamps
} from './judge';

const ohms = (resistanceOhm: number): OhmValue => ({ kind: 'ohms', resistanceOhm });
const open: OhmValue = { kind: 'overload' };
const meter = (volts: number): VoltReading => ({ instrument: 'multimeter', mode: 'highImpedance', volts });

describe('ground to the box', () => {
	it.each([
		[0, true],
		[1.99, true],
		[2, false],
		[500, false]
	] as const)('%f Ω: passes %s', (ohm, passes) => {
		for (const check of ['groundBox', 'pinPlate'] as const)
			expect(judgeOhms(check, ohms(ohm), null)).toEqual({
				passes,
				verdict: passes ? 'continuous' : 'notContinuous'
			});
	});

	it('open is not continuous, whatever was expected', () => {
		expect(judgeOhms('groundBox', open, 0.1, 100, 100)).toEqual({ passes: false, verdict: 'notContinuous' });
	});
});

describe('hot to ground', () => {
	it.each([
		[0, 'short'],
		[4.99, 'short'],
		[5, 'tooLow'],
		[999_999, 'tooLow'],
		[1_000_000, 'open'],
		[20_000_000, 'open']
	] as const)('%f Ω is %s', (ohm, verdict) => {
		expect(judgeOhms('hotGround', ohms(ohm), null)).toEqual({ passes: verdict === 'open', verdict });
	});

	it('what the cables read hot to neutral excuses nothing here', () => {
		expect(judgeOhms('hotGround', ohms(100), null, 100, 100)).toEqual({ passes: false, verdict: 'tooLow' });
	});
});

describe('hot to neutral', () => {
	it('open passes always, a short never', () => {
		for (const before of [null, 3, 100]) {
			expect(judgeOhms('hotNeutral', open, null, before)).toEqual({ passes: true, verdict: 'open' });
			expect(judgeOhms('hotNeutral', ohms(4.9), null, before)).toEqual({ passes: false, verdict: 'short' });
			expect(judgeOhms('hotNeutral', ohms(4.9), 4.9, before).passes).toBe(false);
		}
	});

	it('what the cables read by themselves may halve: electronics drift', () => {
		expect(judgeOhms('hotNeutral', ohms(50), null, 100)).toEqual({
			passes: true,
			verdict: 'notLessThanBefore'
		});
		expect(judgeOhms('hotNeutral', ohms(49.9), null, 100)).toEqual({ passes: false, verdict: 'tooLow' });
		expect(judgeOhms('hotNeutral', ohms(5000), null, 100).passes).toBe(true);
	});

	it('what the part itself shows stands beside the cables: two of 100 Ω side by side are 50, half of it 25', () => {
		expect(judgeOhms('hotNeutral', ohms(25), null, 100, 100).passes).toBe(true);
		expect(judgeOhms('hotNeutral', ohms(24.9), null, 100, 100).passes).toBe(false);
		expect(judgeOhms('hotNeutral', ohms(50), null, null, 100).passes).toBe(true);
		expect(judgeOhms('hotNeutral', ohms(49.9), null, null, 100).passes).toBe(false);
	});

	it('where nothing was read before, it has to be what is recorded there, from 0.7 to 1.5 times', () => {
		for (const [ohm, passes] of [
			[69.9, false],
			[70, true],
			[150, true],
			[150.1, false]
		] as const)
			expect(judgeOhms('hotNeutral', ohms(ohm), 100), `${ohm} Ω`).toEqual({
				passes,
				verdict: passes ? 'knownLoad' : 'tooLow'
			});
		expect(judgeOhms('hotNeutral', ohms(100), null)).toEqual({ passes: false, verdict: 'tooLow' });
	});

	it('less never passes where more doesn’t', () => {
		const kept = fc.option(fc.double({ min: 0.1, max: 1e6, noNaN: true }));
		fc.assert(
			fc.property(
				kept,
				kept,
				fc.double({ min: 0, max: 2e6, noNaN: true }),
				fc.double({ min: 0, max: 2e6, noNaN: true }),
				(before, part, a, b) => {
					fc.pre(before !== null || part !== null);
					const [less, more] = [Math.min(a, b), Math.max(a, b)];
					if (judgeOhms('hotNeutral', ohms(less), null, before, part).passes)
						expect(judgeOhms('hotNeutral', ohms(more), null, before, part).passes).toBe(true);
				}
			),
			drawn(9)
		);
	});
});

describe('what the cables read, taken together', () => {
	it('is side by side: 100 and 50 make a third of a hundred; open ones add nothing', () => {
		expect(lowestOf({ a: ohms(100), b: ohms(50) })).toBeCloseTo(100 / 3, 9);
		expect(lowestOf({ a: ohms(100), b: open })).toBe(100);
		expect(lowestOf({ a: open, b: open })).toBeNull();
		expect(lowestOf({})).toBeNull();
	});

	it('a short is one under 5 Ω', () => {
		expect([4.99, 5].map((ohm) => notShorted(ohms(ohm)))).toEqual([false, true]);
		expect(notShorted(open)).toBe(true);
	});

	it('a value no meter shows is none', () => {
		expect([-0.1, 0, 40e6, 40.1e6].map((ohm) => ohmsInRange(ohms(ohm)))).toEqual([false, true, true, false]);
		expect(ohmsInRange(open)).toBe(true);
	});
});

describe('live, and healthy', () => {
	it.each([
		['us', 49, 'notLive'],
		['us', 50, 'notLive'],
		['us', 50.1, 'low'],
		['us', 109.9, 'low'],
		['us', 110, 'healthy'],
		['us', 126, 'healthy'],
		['us', 126.1, 'high'],
		['us', 240, 'high'],
		['uk', 204.9, 'low'],
		['uk', 205, 'healthy'],
		['uk', 253, 'healthy'],
		['uk', 253.1, 'high'],
		['uk', 0, 'notLive']
	] as const)('%s, %f V: %s', (region, volts, verdict) => {
		expect(judgeLive(region, meter(volts))).toBe(verdict);
	});

	it('an indicator or a lamp says live or not, and no more', () => {
		expect(judgeLive('uk', { instrument: 'indicator', litV: 230 })).toBe('healthy');
		expect(judgeLive('uk', { instrument: 'indicator', litV: 50 })).toBe('healthy');
		expect(judgeLive('uk', { instrument: 'indicator', litV: 24 })).toBe('notLive');
		expect(judgeLive('us', { instrument: 'lamp', lit: true })).toBe('healthy');
		expect(judgeLive('us', { instrument: 'lamp', lit: false })).toBe('notLive');
	});
});

describe('from end to end of a conductor', () => {
	it.each([
		// A ring’s leg of 0.7 Ω: twice that, and half an ohm for leads and joints.
		[0.7, 0.7, true],
		[1.9, 0.7, true],
		[1.91, 0.7, false],
		[1e6, 0.7, false],
		// A radial: nothing comes back.
		[0.7, null, false],
		[999_999, null, false],
		[1_000_000, null, true]
	] as const)('%f Ω where %s is recorded: %s', (ohm, recorded, passes) => {
		expect(judgeEnds(ohms(ohm), recorded)).toBe(passes);
	});

	it('open is what a radial shows, and a ring doesn’t', () => {
		expect([judgeEnds(open, null), judgeEnds(open, 0.7)]).toEqual([true, false]);
	});
});

describe('from a hot to metal', () => {
	it.each([
		['us', meter(102), true],
		['us', meter(101.9), false],
		['uk', meter(195.5), true],
		['uk', meter(195.4), false],
		['us', { instrument: 'indicator', litV: 120 }, true],
		['us', { instrument: 'indicator', litV: 50 }, false],
		['uk', { instrument: 'indicator', litV: 230 }, true],
		['uk', { instrument: 'indicator', litV: 120 }, false],
		['us', { instrument: 'lamp', lit: true }, true],
		['uk', { instrument: 'plugTester', lit: false }, false]
	] as const)('%s, %j leads back to the supply: %s', (region, reading, shows) => {
		expect(showsGround(region, reading)).toBe(shows);
	});
});

describe('an outlet without a ground, at its last test', () => {
	it.each([
		[120, 0, true],
		[120, 2.9, true],
		[120, 3, false],
		[120, 120, false],
		[50, 0, false],
		[0, 0, false],
		[0, 120, false]
	])('%f V hot to neutral, %f V neutral to a known earth: passes %s', (hot, neutral, passes) => {
		expect(outletPasses({ hotNeutral: meter(hot), neutralEarth: meter(neutral) })).toBe(passes);
	});
});

describe('three lamps', () => {
	it('of an outlet without a ground: one lit, two that share the voltage dark', () => {
		expect(noGroundLamps).toEqual({ hotNeutral: true, hotGround: false, neutralGround: false });
	});

	it('of a sound one: to neutral and to ground lit, between those dark', () => {
		expect(soundLamps).toEqual({ hotNeutral: true, hotGround: true, neutralGround: false });
	});
});

describe('the old device in the hand', () => {
	const sound: Autopsy = {
		looks: 'sound',
		grip: 'firm',
		hotNeutral: open,
		hotGround: open,
		through: ohms(0.2)
	};
	it.each([
		[{}, []],
		[{ looks: 'scorched' }, ['heat']],
		[{ looks: 'discoloured' }, ['heat']],
		[{ looks: 'cracked' }, ['cracked']],
		[{ grip: 'weak' }, ['weakGrip']],
		[{ grip: 'none' }, ['weakGrip']],
		[{ hotNeutral: ohms(999_999) }, ['leaksAcross']],
		[{ hotNeutral: ohms(1_000_000) }, []],
		[{ hotGround: ohms(20) }, ['leaksToGround']],
		[{ hotGround: ohms(999_999) }, ['leaksToGround']],
		[{ hotGround: ohms(1_000_000) }, []],
		[{ hotGround: null }, []],
		[{ through: ohms(0.5) }, []],
		[{ through: ohms(0.51) }, ['poorContact']],
		[{ through: open }, ['poorContact']],
		[{ looks: 'scorched', grip: 'none', through: open }, ['heat', 'weakGrip', 'poorContact']]
	] as const)('%j tells %j', (change, faults) => {
		expect(autopsyFaults({ ...sound, ...change } as Autopsy)).toEqual(faults);
	});
});
