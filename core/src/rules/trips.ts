import type { Region } from './regions';

/** Seconds until an overcurrent device opens; Infinity where it carries the current for good. */
export interface OvercurrentCurve {
	readonly opensAfterS: (currentA: number, ratingA: number) => number;
	readonly source: string;
}

/** Carried for good up to this many times the rating. */
const carried = 1.13;
/** Warming of the bimetal, s: fitted so that 1.45 times opens well within the hour, 2 times within two minutes, 2.55 times within one. */
const bimetalS = 150;
/** A magnetic release at its threshold, s; faster above. */
const magneticS = 0.02;

const bimetal = (ratio: number): number =>
	ratio <= carried ? Infinity : bimetalS * Math.log(ratio ** 2 / (ratio ** 2 - carried ** 2));

/** A breaker of this instant multiple: a bimetal that warms with the square of the current, and a magnet. */
const breakerCurve =
	(instant: number) =>
	(currentA: number, ratingA: number): number => {
		const ratio = currentA / ratingA;
		return ratio > instant ? (magneticS * instant) / ratio : bimetal(ratio);
	};

export const breakerCurves: Record<Region, OvercurrentCurve & { readonly instantMultiple: number }> = {
	us: {
		instantMultiple: 10,
		opensAfterS: breakerCurve(10),
		source: 'UL 489: 135 % within 1 h, 200 % within 2 min; typical magnetic setting'
	},
	uk: {
		instantMultiple: 5,
		opensAfterS: breakerCurve(5),
		source: 'BS EN 60898-1 type B: 1.13 carried, 1.45 within 1 h, 2.55 within 60 s, 5 at once'
	}
};

/** A plug-top or fused-spur cartridge: it melts sooner the more flows. */
export const cartridgeFuse: OvercurrentCurve = {
	opensAfterS: (currentA, ratingA) => {
		const ratio = currentA / ratingA;
		return ratio <= 1.6 ? Infinity : 400 / (ratio - 1) ** 4;
	},
	source: 'BS 1362: 1.6 times carried for 1000 s, 1.9 times melts within 1800 s'
};

/** A residual-current device: from what difference it opens, and how fast. */
export interface ResidualCurve {
	/** Share of the marked current from which it does open; sound ones lie between the limits of the standard. */
	readonly opensFromShare: number;
	readonly opensAfterS: (differenceMa: number, markedMa: number) => number;
	readonly source: string;
}

export const residualCurves: Record<Region, ResidualCurve> = {
	us: {
		opensFromShare: 1,
		opensAfterS: (differenceMa) => Math.max(0.025, (20 / differenceMa) ** 1.43),
		source: 'UL 943 class A: none under 4 mA, from 6 mA within (20 / I)^1.43 s'
	},
	uk: {
		opensFromShare: 0.75,
		opensAfterS: (differenceMa, markedMa) =>
			differenceMa >= 5 * markedMa ? 0.04 : differenceMa >= 2 * markedMa ? 0.15 : 0.3,
		source: 'BS EN 61008-1: none at half, 0.3 s at the marked current, 0.15 s at twice, 0.04 s at five times'
	}
};

/** What holds of residual-current parts by where they sit. `needsSupply`: electronics, which do nothing while their own supply is open. */
export const residualParts = {
	outlet: {
		needsSupply: true,
		source: 'UL 943, BS 7288: electronic; the contacts stay as they are without supply'
	},
	breaker: {
		needsSupply: true,
		source: 'UL 943 circuit-breaker type, BS EN 61009-1: electronic, fed by line and neutral'
	},
	/** Its own transformer's energy opens it. */
	panel: { needsSupply: false, source: 'BS EN 61008-1: voltage-independent (magnetic)' },
	/** Whether a breaker's part also finds a neutral grounded downstream: UL 943 asks it of every class A device; BS EN 61009-1 doesn't. */
	breakerFindsGroundedNeutral: { us: true, uk: false }
} as const;

/** Loop through neutral and ground that a device with grounded-neutral detection finds: it drives a small voltage round it. */
export const groundedNeutralTest = {
	testV: 0.02,
	source: 'UL 943: opens with up to 4 Ω between its load-side neutral and ground'
};
