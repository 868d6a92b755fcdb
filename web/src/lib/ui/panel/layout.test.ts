import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { mainPanel, type Panel } from '@wary/core/house';
import { blanksOf, coversOf, slotsOf } from './layout';

const us = mainPanel(fennelLaneRecorded());
const uk = mainPanel(tanneryRow());

describe('a panel as it hangs on the wall', () => {
	it('us: odd spaces stand left, even ones right, the next two a row lower', () => {
		const at = (space: number) => slotsOf('us', us).find((slot) => slot.space === space)!;
		expect(at(1)).toMatchObject({ row: 1, column: 1 });
		expect(at(2)).toMatchObject({ row: 1, column: 2 });
		expect(at(14)).toMatchObject({ row: 7, column: 2 });
		for (const { breakers, span } of slotsOf('us', us))
			expect(span).toBe(Math.max(...breakers.map(({ spaces }) => spaces.length)));
	});

	it('has each space once: a breaker, a part of one, or a blank', () => {
		for (const [region, panel] of [
			['us', us],
			['uk', uk]
		] as const) {
			const taken = panel.breakers.flatMap(({ spaces }) => spaces);
			const all = new Set([...taken, ...blanksOf(region, panel).map(({ space }) => space)]);
			expect([...all].sort((a, b) => a - b)).toEqual(Array.from({ length: panel.spaces }, (_, k) => k + 1));
			expect(blanksOf(region, panel).filter(({ space }) => taken.includes(space))).toEqual([]);
			const cells = [...slotsOf(region, panel), ...blanksOf(region, panel)].map(
				({ row, column }) => `${row}/${column}`
			);
			expect(new Set(cells).size).toBe(cells.length);
		}
	});

	it('uk: a residual-current device stands over the ways it covers, in as many runs as they are in', () => {
		const covering = (ids: string[]): Panel => ({
			...uk,
			residualDevices: [{ id: 'r', tripMa: 30, ratingA: 63, on: true, covers: ids }]
		});
		const ids = (spaces: number[]) =>
			spaces.map((space) => uk.breakers.find((breaker) => breaker.spaces[0] === space)!.id);
		expect(coversOf(covering(ids([2, 1, 5])))).toEqual([
			{ name: 'RCD 1', tripMa: 30, from: 1, to: 2 },
			{ name: 'RCD 1', tripMa: 30, from: 5, to: 5 }
		]);
		expect(coversOf({ ...uk, residualDevices: [] })).toEqual([]);
	});
});
