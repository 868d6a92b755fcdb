import { conductorSizes, type ConductorSize } from './conductors';

/**
 * A region is four things: how it is supplied, what is usual in its walls, which code book is asked (`codeBooks`), and what things are called there (its dialect, which
 * stands with the words). Which parts are sold there stands with the parts. What differs is asked as a fact of one of these, never by the region's name.
 */
export type Region = 'us' | 'uk';

/** Voltages, legs, and where the supply is earthed. */
export interface SupplySystem {
	readonly frequencyHz: number;
	/** Hot to neutral. */
	readonly nominalV: number;
	/** A healthy supply at the outlet. */
	readonly healthyV: { readonly from: number; readonly to: number; readonly source: string };
	/** Unloaded voltages, hot to neutral, that a supply of the region can have at all. */
	readonly possibleV: { readonly from: number; readonly to: number };
	/** Legs in opposite phase; in a panel they alternate row by row. */
	readonly legs: readonly (0 | 1)[];
	/** How far apart the spaces of neighbours are numbered: 2 where odd ones run down one side and even ones down the other. */
	readonly spaceStep: 1 | 2;
	/** Neutral and ground meet in the service panel; `null`: as the supplier earths it (`earthing.ts`). */
	readonly bondedAt: 'servicePanel' | null;
	readonly mainSwitchOpensNeutral: boolean;
	/** What a breaker's own residual part trips at where it doesn't say, mA: class A people protection 4 to 6 (UL 943); 30 (BS EN 61009). */
	readonly breakerResidualMa: number;
}

/** What one finds behind the wall, and is sold for it. */
export interface WiringCustom {
	/** Sizes are given by gauge, or by cross-section. */
	readonly sizedBy: 'AWG' | 'mm2';
	/** The thinnest conductor that feeds outlets. */
	readonly outletCable: ConductorSize;
	/** What a radial of up to so many amperes is usually wired in: NEC 240.4(D); BS 7671 practice. The last serves all above. */
	readonly sizeUpToA: readonly (readonly [ratingA: number, size: ConductorSize])[];
	/** A circuit may come back to its breaker: up to so many amperes in this size. */
	readonly ring: { readonly upToA: number; readonly size: ConductorSize } | null;
	readonly sheath: 'nonmetallic' | 'twinAndEarth';
	readonly palette: 'us' | 'ukNew';
	/** Colours of before a change of them, which one still finds; `null`: they haven't changed. */
	readonly olderPalette: 'ukOld' | null;
	/** Ratings that are marked on outlets, the usual one first, A. */
	readonly outletsMarkedA: readonly number[];
	/** How a device is fixed. */
	readonly mounting: {
		/** Lengths of its fixing screws that are sold, the usual one first, mm: 6-32 of 3/4, 1, 1 1/4, 1 1/2, 2 and 2 1/2 in; M3.5. */
		readonly screwsMm: readonly number[];
		/** The face lies on the wall by itself; otherwise the yoke hangs on the box. */
		readonly faceOnWall: boolean;
		/** How far a box may lie behind the wall's face, mm (NEC 2020 314.20); `null`: no rule. */
		readonly deepestMm: { readonly burns: number; readonly other: number } | null;
		/** A wider gap around the box is filled, mm (NEC 2020 314.21; uk: good practice). */
		readonly gapToMm: number;
	};
	readonly boxMaterial: 'plastic' | 'metal';
	/** Its size is told by volume, or by depth. */
	readonly boxBy: 'volume' | 'depth';
	/** Grounds of a box are spliced, with a tail to the device; or all conductors of a role go into its terminal. */
	readonly joins: 'splices' | 'inTheTerminal';
	/** The ground tail of a metal box. */
	readonly boxBond: { readonly colour: 'bare' | 'greenYellow'; readonly how: 'screw' | 'pillar' };
	/** Bare earths are sleeved as they are landed. */
	readonly sleevesEarth: boolean;
	/** A plate covers the device, on screws of its own; otherwise face and plate are one. */
	readonly plateApart: boolean;
	/** Ratings of breakers that one finds before general outlets, A; the usual one. */
	readonly outletBreakerA: readonly number[];
	readonly usualBreakerA: number;
	readonly panelName: string;
	/** Two breakers in one space; residual devices in the panel that cover groups of ways. */
	readonly tandems: boolean;
	readonly panelResidualDevices: boolean;
}

/** What the rules of the region ask where engines have to know. */
export interface CodeBook {
	/** The ratings of receptacles that fit a circuit hang on it (NEC 210.21(B)); `null`: as computed, else always this, A (BS 1363). */
	readonly plugRatingA: number | null;
	/** The ground of the next box may not depend on the device in this one (NEC 250.148(B)). */
	readonly groundApartFromDevice: boolean;
	/** Every general outlet is asked to stand behind a residual device (BS 7671 411.3.3). */
	readonly residualEverywhere: boolean;
	/** How often a residual part is tried by its own button, d. */
	readonly buttonTest: { readonly everyDays: number; readonly source: string };
	/** A rule of place asks for a distance, which no device meets (BS 7671 701.512.3). */
	readonly placesByDistance: boolean;
}

export interface RegionRules {
	readonly region: Region;
	readonly supply: SupplySystem;
	readonly custom: WiringCustom;
	readonly code: CodeBook;
}

export const regions: Record<Region, RegionRules> = {
	us: {
		region: 'us',
		supply: {
			frequencyHz: 60,
			nominalV: 120,
			healthyV: { from: 110, to: 126, source: 'ANSI C84.1 range A, utilization' },
			possibleV: { from: 90, to: 150 },
			legs: [0, 1],
			spaceStep: 2,
			bondedAt: 'servicePanel',
			mainSwitchOpensNeutral: false,
			breakerResidualMa: 5
		},
		custom: {
			sizedBy: 'AWG',
			outletCable: '14AWG',
			outletsMarkedA: [15, 20, 30],
			mounting: {
				screwsMm: [19, 25, 32, 38, 51, 64],
				faceOnWall: false,
				deepestMm: { burns: 0, other: 6 },
				gapToMm: 3
			},
			sizeUpToA: [
				[15, '14AWG'],
				[20, '12AWG'],
				[30, '10AWG'],
				[40, '8AWG'],
				[Infinity, '6AWG']
			],
			ring: null,
			sheath: 'nonmetallic',
			palette: 'us',
			olderPalette: null,
			boxMaterial: 'plastic',
			boxBy: 'volume',
			joins: 'splices',
			boxBond: { colour: 'bare', how: 'screw' },
			sleevesEarth: false,
			plateApart: true,
			outletBreakerA: [15, 20],
			usualBreakerA: 15,
			panelName: 'Panel',
			tandems: true,
			panelResidualDevices: false
		},
		code: {
			plugRatingA: null,
			groundApartFromDevice: true,
			residualEverywhere: false,
			buttonTest: { everyDays: 30, source: 'maker’s instruction (UL 943): monthly' },
			placesByDistance: false
		}
	},
	uk: {
		region: 'uk',
		supply: {
			frequencyHz: 50,
			nominalV: 230,
			healthyV: {
				from: 205,
				to: 253,
				source:
					'ESQCR 2002: 230 V +10/−6 % at the supply terminals; BS 7671 app. 4: up to 5 % lost in the installation'
			},
			possibleV: { from: 190, to: 300 },
			legs: [0],
			spaceStep: 1,
			bondedAt: null,
			mainSwitchOpensNeutral: true,
			breakerResidualMa: 30
		},
		custom: {
			sizedBy: 'mm2',
			outletCable: '2.5mm2',
			outletsMarkedA: [13, 5, 2],
			mounting: {
				screwsMm: [25, 35, 40, 50, 75],
				faceOnWall: true,
				deepestMm: null,
				gapToMm: 3
			},
			sizeUpToA: [
				[6, '1.0mm2'],
				[10, '1.5mm2'],
				[20, '2.5mm2'],
				[32, '4.0mm2'],
				[40, '6.0mm2'],
				[Infinity, '10.0mm2']
			],
			ring: { upToA: 32, size: '2.5mm2' },
			sheath: 'twinAndEarth',
			palette: 'ukNew',
			olderPalette: 'ukOld',
			boxMaterial: 'metal',
			boxBy: 'depth',
			joins: 'inTheTerminal',
			boxBond: { colour: 'greenYellow', how: 'pillar' },
			sleevesEarth: true,
			plateApart: false,
			outletBreakerA: [16, 20, 32],
			usualBreakerA: 32,
			panelName: 'Consumer unit',
			tandems: false,
			panelResidualDevices: true
		},
		code: {
			plugRatingA: 13,
			groundApartFromDevice: false,
			residualEverywhere: true,
			buttonTest: { everyDays: 182, source: 'BS 7671 514.12.2: six-monthly' },
			placesByDistance: true
		}
	}
};

const unitOf = (size: ConductorSize): string => size.replace(/^[\d.]+/, '');
/** Sizes sold in a region, as they are listed. */
export const sizesIn = (region: Region): ConductorSize[] =>
	conductorSizes.filter((size) => unitOf(size) === unitOf(regions[region].custom.outletCable));

/** Kinds of cable that one finds in a region’s walls, the usual one first. */
export const sheathsIn = (region: Region) => [regions[region].custom.sheath, 'armoured', 'conduit'] as const;
