import { regions } from '@wary/core/rules';
import type { Breaker, House, Panel } from '@wary/core/house';

/** A place of a panel: a row and a column of its grid, from 1. */
export interface Cell {
	readonly row: number;
	readonly column: number;
}
export interface Slot extends Cell {
	readonly space: number;
	/** More than one where thin ones share a space. */
	readonly breakers: readonly Breaker[];
	/** How many spaces the longest of them takes. */
	readonly span: number;
}
/** A run of neighbouring ways that a residual-current device covers. */
export interface Cover {
	readonly name: string;
	readonly tripMa: number;
	readonly from: number;
	readonly to: number;
}

/** us: odd spaces down the left, even ones down the right. uk: ways in one row, under what covers them. */
const cellOf = (region: House['region'], space: number): Cell =>
	regions[region].supply.spaceStep === 2
		? { row: Math.ceil(space / 2), column: space % 2 === 1 ? 1 : 2 }
		: { row: 2, column: space };

/** Breakers by the place they begin at. */
export function slotsOf(region: House['region'], panel: Panel): Slot[] {
	const at = new Map<number, Breaker[]>();
	for (const breaker of panel.breakers)
		at.set(breaker.spaces[0]!, [...(at.get(breaker.spaces[0]!) ?? []), breaker]);
	return [...at].map(([space, breakers]) => ({
		space,
		breakers,
		span: Math.max(...breakers.map(({ spaces }) => spaces.length)),
		...cellOf(region, space)
	}));
}

/** Spaces with nothing in them. */
export const blanksOf = (region: House['region'], panel: Panel): (Cell & { readonly space: number })[] =>
	Array.from({ length: panel.spaces }, (_, k) => k + 1)
		.filter((space) => !panel.breakers.some(({ spaces }) => spaces.includes(space)))
		.map((space) => ({ space, ...cellOf(region, space) }));

/** The ways that each residual-current device covers, as runs; a us panel has none. */
export const coversOf = (panel: Panel): Cover[] =>
	panel.residualDevices.flatMap(({ covers, tripMa }, k) => {
		const ways = covers
			.flatMap((id) => panel.breakers.find((breaker) => breaker.id === id)?.spaces ?? [])
			.sort((a, b) => a - b);
		const runs: [number, number][] = [];
		for (const way of ways) {
			const last = runs.at(-1);
			if (last && way === last[1] + 1) last[1] = way;
			else runs.push([way, way]);
		}
		return runs.map(([from, to]) => ({ name: `RCD ${k + 1}`, tripMa, from, to }));
	});
