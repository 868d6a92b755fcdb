import { describe, expect, it } from 'vitest';
import { meaning } from './meant';

describe('what hands mean', () => {
	const tap = (at: number, version: number, x = 100, y = 400) => ({ at, x, y, version });
	it('is not the second of a double tap, where the first brought up another row', () => {
		const meant = meaning();
		expect([tap(1000, 7), tap(1180, 8)].map(meant)).toEqual([true, false]);
	});
	it('is not the third of a hurry either', () => {
		const meant = meaning();
		expect([tap(1000, 7), tap(1180, 8), tap(1400, 8)].map(meant)).toEqual([true, false, false]);
	});
	it('is the next tap after the probes were moved, and a tap elsewhere', () => {
		const meant = meaning();
		expect([tap(1000, 7), tap(1501, 8), tap(1600, 9, 100, 460)].map(meant)).toEqual([true, true, true]);
	});
	it('is a second tap on what still stands there', () => {
		const meant = meaning();
		expect([tap(1000, 7), tap(1100, 7)].map(meant)).toEqual([true, true]);
	});
});
