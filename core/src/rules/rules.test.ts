import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	breakerCurves,
	cartridgeFuse,
	conductorSizes,
	interruptions,
	regions,
	residualCurves,
	resistanceOhmPerM,
	type ConductorSize
} from './index';

/** Area of a solid conductor of an American gauge, mm²: a diameter of 0.127 mm at gauge 36, 92 times over 39 steps. */
const gaugeMm2 = (gauge: number): number => (Math.PI / 4) * (0.127 * 92 ** ((36 - gauge) / 39)) ** 2;
/** Resistivity at 20 °C, Ω mm²/m, and what each kelvin adds to it. */
const copper = { resistivity: 0.017241, perKelvin: 0.00393 };
const aluminium = { resistivity: 0.02826, perKelvin: 0.00403 };
const gauges = conductorSizes.filter((size) => size.endsWith('AWG'));
const metric = conductorSizes.filter((size) => size.endsWith('mm2'));

describe('resistances of conductors', () => {
	it.each(gauges)('%s copper is what its area and copper make it, cold and hot', (size) => {
		const cold = copper.resistivity / gaugeMm2(parseInt(size));
		expect(resistanceOhmPerM(size, 'copper')! / cold).toBeCloseTo(1, 1);
		expect(resistanceOhmPerM(size, 'copper', 'cold')! / cold).toBeGreaterThan(0.985);
		expect(resistanceOhmPerM(size, 'copper', 'cold')! / cold).toBeLessThan(1.015);
		const hot = cold * (1 + copper.perKelvin * 55);
		expect(resistanceOhmPerM(size, 'copper', 'hot')! / hot).toBeGreaterThan(0.975);
		expect(resistanceOhmPerM(size, 'copper', 'hot')! / hot).toBeLessThan(1.025);
	});

	it.each(metric)('%s is not above what its standard allows, and 1.2 times that at 70 °C', (size) => {
		// BS EN 60228 lets the area be a little smaller than its name: never by more than a tenth.
		const nominal = copper.resistivity / parseFloat(size);
		const cold = resistanceOhmPerM(size, 'copper')!;
		expect(cold / nominal).toBeGreaterThan(1);
		expect(cold / nominal).toBeLessThan(1.1);
		expect(resistanceOhmPerM(size, 'copper', 'hot')! / cold).toBeCloseTo(1.2, 6);
	});

	it('aluminium is made in the sizes that were laid in houses, and carries 0.61 of copper', () => {
		for (const size of gauges) {
			const ohm = resistanceOhmPerM(size, 'aluminium');
			if (size === '14AWG') {
				expect(ohm).toBeNull();
				continue;
			}
			const cold = aluminium.resistivity / gaugeMm2(parseInt(size));
			expect(ohm! / cold).toBeGreaterThan(0.98);
			expect(ohm! / cold).toBeLessThan(1.02);
			expect(resistanceOhmPerM(size, 'copper')! / ohm!).toBeCloseTo(0.61, 1);
		}
		for (const size of metric) expect(resistanceOhmPerM(size, 'aluminium')).toBeNull();
	});

	it('a thicker one has less, cold less than hot', () => {
		for (const sizes of [gauges, metric])
			sizes.reduce((thinner, thicker) => {
				expect(resistanceOhmPerM(thicker, 'copper')!).toBeLessThan(resistanceOhmPerM(thinner, 'copper')!);
				return thicker;
			});
		for (const size of conductorSizes as ConductorSize[])
			expect(resistanceOhmPerM(size, 'copper')!).toBeLessThan(resistanceOhmPerM(size, 'copper', 'hot')!);
	});
});

describe('overcurrent', () => {
	const { us, uk } = breakerCurves;

	it('uk type B: 1.13 carried, 1.45 within the hour, 2.55 within a minute, 5 and more at once', () => {
		for (const ratingA of [6, 16, 20, 32, 40]) {
			expect(uk.opensAfterS(1.13 * ratingA, ratingA)).toBe(Infinity);
			expect(uk.opensAfterS(1.45 * ratingA, ratingA)).toBeLessThan(3600);
			expect(uk.opensAfterS(2.55 * ratingA, ratingA)).toBeLessThan(60);
			expect(uk.opensAfterS(2.55 * ratingA, ratingA)).toBeGreaterThan(1);
			expect(uk.opensAfterS(5.01 * ratingA, ratingA)).toBeLessThan(0.1);
		}
	});

	it('us: its rating carried, 1.35 times within the hour, twice within two minutes, ten times at once', () => {
		for (const ratingA of [15, 20, 30]) {
			expect(us.opensAfterS(ratingA, ratingA)).toBe(Infinity);
			expect(us.opensAfterS(1.35 * ratingA, ratingA)).toBeLessThan(3600);
			expect(us.opensAfterS(2 * ratingA, ratingA)).toBeLessThan(120);
			expect(us.opensAfterS(9.9 * ratingA, ratingA)).toBeGreaterThan(1);
			expect(us.opensAfterS(10.1 * ratingA, ratingA)).toBeLessThan(0.1);
		}
	});

	it('a cartridge carries 1.6 times its rating for good, melts within half an hour at 1.9 times', () => {
		for (const ratingA of [3, 5, 13]) {
			expect(cartridgeFuse.opensAfterS(1.59 * ratingA, ratingA)).toBe(Infinity);
			expect(cartridgeFuse.opensAfterS(1.9 * ratingA, ratingA)).toBeLessThan(1800);
			expect(cartridgeFuse.opensAfterS(10 * ratingA, ratingA)).toBeLessThan(0.1);
		}
	});

	it('more current never opens later', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(us, uk, cartridgeFuse),
				fc.constantFrom(3, 13, 15, 20, 32),
				fc.double({ min: 0.1, max: 60, noNaN: true }),
				fc.double({ min: 1, max: 3, noNaN: true }),
				(curve, ratingA, ratio, more) => {
					expect(curve.opensAfterS(ratio * more * ratingA, ratingA)).toBeLessThanOrEqual(
						curve.opensAfterS(ratio * ratingA, ratingA)
					);
				}
			),
			drawn(9)
		);
	});
});

describe('residual current', () => {
	it('us class A: not under 4 mA, from 6 mA within the time of its standard', () => {
		const { opensFromShare, opensAfterS } = residualCurves.us;
		const markedMa = 5;
		expect(opensFromShare * markedMa).toBeGreaterThan(4);
		expect(opensFromShare * markedMa).toBeLessThanOrEqual(6);
		// (20 / I)^1.43: 5.59 s at 6 mA, 1 s at 20 mA, and never asked to be faster than 25 ms.
		expect(opensAfterS(6, markedMa)).toBeCloseTo(5.59, 2);
		expect(opensAfterS(20, markedMa)).toBe(1);
		expect(opensAfterS(264, markedMa)).toBeLessThan(0.03);
	});

	it('uk: not at half the marked current; 0.3, 0.15 and 0.04 s at once, twice and five times it', () => {
		const { opensFromShare, opensAfterS } = residualCurves.uk;
		expect(opensFromShare).toBeGreaterThan(0.5);
		expect(opensFromShare).toBeLessThanOrEqual(1);
		expect([30, 60, 150].map((ma) => opensAfterS(ma, 30))).toEqual([0.3, 0.15, 0.04]);
	});
});

describe('supplies', () => {
	it('are healthy within the bands of their sources', () => {
		expect(regions.us.supply).toMatchObject({
			nominalV: 120,
			frequencyHz: 60,
			healthyV: { from: 110, to: 126 }
		});
		// 230 V, up to a tenth more; six hundredths less at the cut-out, and five more lost on the way: 230 × 0.94 × 0.95 = 205.
		expect(regions.uk.supply).toMatchObject({ nominalV: 230, frequencyHz: 50, healthyV: { to: 253 } });
		expect(regions.uk.supply.healthyV.from).toBe(Math.round(230 * 0.94 * 0.95));
	});
});

describe('what goes off with a circuit', () => {
	it('is asked about before whatever somebody lives or is warned by; nothing else stops the work', () => {
		const hard = Object.entries(interruptions).flatMap(([kind, { hard }]) => (hard ? [kind] : []));
		expect(hard.toSorted()).toEqual(['alarm', 'medical']);
		expect(interruptions.medical.mayBeOffMin).toBeNull();
		// A fridge keeps for four hours with its door shut.
		expect(interruptions.freezer.mayBeOffMin).toBe(240);
	});
});
