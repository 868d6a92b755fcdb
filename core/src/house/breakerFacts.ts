import { regions } from '../rules';
import type { Breaker, House } from './schema';

/** Which supply leg a panel's space stands on: rows alternate where there are two. */
export function legOfSpace(house: House, space: number): 0 | 1 {
	const { legs, spaceStep } = regions[house.region].supply;
	return legs[Math.floor((space - 1) / spaceStep) % legs.length]!;
}

export const sensesResidual = ({ type }: Breaker): boolean => type === 'residual' || type === 'dualFunction';
/** What a breaker's own residual-current part trips at, mA. */
export const tripMaOf = (house: House, breaker: Breaker): number =>
	breaker.tripMa ?? regions[house.region].supply.breakerResidualMa;
