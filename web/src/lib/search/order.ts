import { allBreakers, type House } from '@wary/core/house';

/** Breakers as one meets them on the wall. */
export const inPanelOrder = (house: House, ids: readonly string[]): string[] =>
	allBreakers(house)
		.map(({ id }) => id)
		.filter((id) => ids.includes(id));
