export type Region = 'us' | 'uk';

/** What the supply is, region by region. */
export interface RegionRules {
	readonly region: Region;
	readonly frequencyHz: number;
	/** Hot to neutral. */
	readonly nominalV: number;
	/** A healthy supply at the outlet. */
	readonly healthyV: { readonly from: number; readonly to: number; readonly source: string };
	/** Ratings of devices that one finds behind a general outlet, A. */
	readonly outletBreakerA: readonly number[];
}

export const regions: Record<Region, RegionRules> = {
	us: {
		region: 'us',
		frequencyHz: 60,
		nominalV: 120,
		healthyV: { from: 110, to: 126, source: 'ANSI C84.1 range A, utilization' },
		outletBreakerA: [15, 20]
	},
	uk: {
		region: 'uk',
		frequencyHz: 50,
		nominalV: 230,
		healthyV: {
			from: 205,
			to: 253,
			source:
				'ESQCR 2002: 230 V +10/−6 % at the supply terminals; BS 7671 app. 4: up to 5 % lost in the installation'
		},
		outletBreakerA: [16, 20, 32]
	}
};
