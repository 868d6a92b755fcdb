import type { Region } from './regions';

/** What a circuit and its outlets may carry. */
export interface LoadRule {
	/** A load of three hours and more counts by so much (210.20(A)), so that 1 / this of the breaker is left for it. */
	readonly continuousFactor: number;
	readonly continuousSource: string;
	/** Good practice for all: no more than this share of the breaker. */
	readonly usualShare: number;
	/** What one cord may draw of an outlet, A, by the outlet’s rating (table 210.21(B)(2); BS 1363). */
	readonly perCordA: (outletA: number) => number;
	readonly perCordSource: string;
	/** What all plugs of one outlet may draw together, A; `null`: as its rating. */
	readonly perOutletA: number | null;
	/** A rule of thumb, no law: what one outlet is reckoned with, A; `null`: none is used. */
	readonly perPointA: number | null;
	/** Motors draw this many times their running current at start: typical, from–to. */
	readonly startTimes: readonly [number, number];
}

/**
 * What a charger in an outlet gives at most to all that is plugged into its ports, W, by what is usual (chosen; the part prints its own), and the share of what it draws that it gives
 * (chosen: external power supplies of 10 to 49 W have to give 80 to 88 %, 10 CFR 430.32(w)).
 */
export const chargers: Readonly<Record<Region, { readonly givesW: number }>> = {
	us: { givesW: 30 },
	uk: { givesW: 22 }
};
export const chargerShare = 0.85;
/** What may be printed on one, W (chosen: more is no charger of an outlet). */
export const chargerBoundsW = { least: 1, most: 300 } as const;

export const loadRules: Readonly<Record<Region, LoadRule>> = {
	us: {
		continuousFactor: 1.25,
		continuousSource: 'NEC 2020 210.20(A)',
		usualShare: 0.8,
		perCordA: (outletA) => 0.8 * outletA,
		perCordSource: 'NEC 2020 table 210.21(B)(2)',
		perOutletA: null,
		perPointA: 1.5,
		startTimes: [3, 6]
	},
	uk: {
		continuousFactor: 1,
		continuousSource: 'BS 7671 433.1',
		usualShare: 0.8,
		perCordA: () => 13,
		perCordSource: 'BS 1363',
		perOutletA: 20,
		perPointA: null,
		startTimes: [3, 6]
	}
};
