import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { regions } from '../rules';
import { mountingOf } from '.';

const flush = { sunkMm: 0, burns: false, gapMm: 0 };

test('us by hand: flush takes the shortest screw; tile of 10 mm over board takes an inch and spacers', () => {
	expect(mountingOf('us', flush)).toEqual({
		screwMm: 19,
		spacerMm: 0,
		bringForward: false,
		fill: false,
		bottomsOut: false,
		lookForCables: false
	});
	// 10 + 13 engaged + 2 through the yoke: 25 mm, an inch.
	expect(mountingOf('us', { ...flush, sunkMm: 10 })).toMatchObject({
		screwMm: 25,
		spacerMm: 10,
		bringForward: true,
		lookForCables: true
	});
});

test('NEC 314.20: 6 mm in plaster, none in wood; 314.21: a gap over 3 mm is filled', () => {
	const at = (sunkMm: number, burns: boolean) => mountingOf('us', { ...flush, sunkMm, burns }).bringForward;
	expect([at(6, false), at(6.5, false), at(0, true), at(1, true)]).toEqual([false, true, false, true]);
	const gap = (gapMm: number) => mountingOf('us', { ...flush, gapMm }).fill;
	expect([gap(3), gap(3.5)]).toEqual([false, true]);
});

test('uk: a face on the wall needs no spacer; in a 16 mm box a longer screw bottoms out', () => {
	expect(mountingOf('uk', { ...flush, depthMm: 35 })).toMatchObject({
		screwMm: 25,
		spacerMm: 0,
		bringForward: false,
		bottomsOut: false,
		lookForCables: false
	});
	expect(mountingOf('uk', { ...flush, depthMm: 16 }).bottomsOut).toBe(true);
	expect(mountingOf('uk', { ...flush, sunkMm: 12, depthMm: 35 })).toMatchObject({
		screwMm: 35,
		lookForCables: true
	});
});

test('what holds is long enough and of a length that is sold, and no shorter one would do', () => {
	fc.assert(
		fc.property(
			fc.constantFrom('us' as const, 'uk' as const),
			fc.double({ min: 0, max: 80, noNaN: true }),
			(region, sunkMm) => {
				const { screwsMm } = regions[region].custom.mounting;
				const { screwMm } = mountingOf(region, { ...flush, sunkMm });
				const holds = (each: number) => each - sunkMm >= 13;
				if (screwMm === null) return void expect(Math.max(...screwsMm) - sunkMm).toBeLessThan(13 + 8);
				expect(screwsMm).toContain(screwMm);
				expect(holds(screwMm)).toBe(true);
			}
		),
		drawn(20261126, 200)
	);
});
