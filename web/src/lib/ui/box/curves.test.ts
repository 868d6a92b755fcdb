import { drawn } from '../../../../../core/test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { along, lastOf, splitAt, type Curve, type Spot } from './curves';

const spot = fc.record({ x: fc.integer({ min: -500, max: 500 }), y: fc.integer({ min: -500, max: 500 }) });
const curve = fc.tuple(spot, spot, spot, spot);
const t = fc.double({ min: 0, max: 1, noNaN: true });
const near = (one: Spot, other: Spot) => Math.hypot(one.x - other.x, one.y - other.y);
/** Length by 2,000 chords. */
const lengthOf = (of: Curve, from: number): number => {
	let sum = 0;
	for (let k = 0; k < 200; k++)
		sum += near(along(of, from + ((1 - from) * k) / 200), along(of, from + ((1 - from) * (k + 1)) / 200));
	return sum;
};

describe('a curve', () => {
	it('in two goes where it went as one', () => {
		fc.assert(
			fc.property(curve, t, t, (whole, at, s) => {
				const [one, other] = splitAt(whole, at);
				expect(near(along(one, s), along(whole, at * s))).toBeLessThan(0.3);
				expect(near(along(other, s), along(whole, at + (1 - at) * s))).toBeLessThan(0.3);
			}),
			drawn(7, 300)
		);
	});

	it('ends in a piece of the length asked for, straight or bent', () => {
		const straight: Curve = [
			{ x: 0, y: 0 },
			{ x: 100, y: 0 },
			{ x: 200, y: 0 },
			{ x: 300, y: 0 }
		];
		expect(lastOf(straight, 48)).toBeCloseTo(0.84, 3);
		expect(lastOf(straight, 400)).toBe(0);
		expect(lastOf(straight, 0)).toBe(1);
		const bent: Curve = [
			{ x: 0, y: 0 },
			{ x: 0, y: 200 },
			{ x: 240, y: 60 },
			{ x: 260, y: 240 }
		];
		for (const length of [9, 27, 48, 120])
			expect(lengthOf(bent, lastOf(bent, length))).toBeCloseTo(length, -0.5);
	});
});
