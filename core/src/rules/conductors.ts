/**
 * Conductor sizes sold for house wiring, Ω/km of one conductor: `cold` at 20 °C, as it is read; `hot` as design sums take it.
 * AWG: ASTM B258 areas, annealed copper (20 °C), and NEC chapter 9 table 8, solid, uncoated (75 °C). Metric: BS EN 60228 class 1 (20 °C); × 1.2 for
 * 70 °C, BS 7671 appendix 4.
 */
const copperOhmPerKm = {
	'14AWG': { cold: 8.28, hot: 10.1 },
	'12AWG': { cold: 5.21, hot: 6.34 },
	'10AWG': { cold: 3.28, hot: 3.98 },
	'8AWG': { cold: 2.06, hot: 2.55 },
	'6AWG': { cold: 1.3, hot: 1.61 },
	'1.0mm2': { cold: 18.1, hot: 21.72 },
	'1.5mm2': { cold: 12.1, hot: 14.52 },
	'2.5mm2': { cold: 7.41, hot: 8.892 },
	'4.0mm2': { cold: 4.61, hot: 5.532 },
	'6.0mm2': { cold: 3.08, hot: 3.696 },
	'10.0mm2': { cold: 1.83, hot: 2.196 }
} as const;

const aluminiumOhmPerKm: Partial<Record<ConductorSize, { readonly cold: number; readonly hot: number }>> = {
	'12AWG': { cold: 8.5, hot: 10.4 },
	'10AWG': { cold: 5.4, hot: 6.56 },
	'8AWG': { cold: 3.4, hot: 4.2 },
	'6AWG': { cold: 2.13, hot: 2.65 }
};

export type ConductorSize = keyof typeof copperOhmPerKm;
export type ConductorMaterial = 'copper' | 'aluminium';

export const conductorSizes = Object.keys(copperOhmPerKm) as [ConductorSize, ...ConductorSize[]];

/**
 * Ω per metre of one conductor, `cold` (20 °C: readings) or `hot` (75 °C us, 70 °C uk: design sums); `null` where that size isn't made in that
 * material for houses.
 */
export function resistanceOhmPerM(
	size: ConductorSize,
	material: ConductorMaterial,
	at: 'cold' | 'hot' = 'cold'
): number | null {
	const perKm = (material === 'copper' ? copperOhmPerKm : aluminiumOhmPerKm)[size];
	return perKm === undefined ? null : perKm[at] / 1000;
}

/** Coupling between neighbouring conductors of one cable, F/m (50 to 100 pF/m measured for flat house cable). */
export const couplingFPerM = 75e-12;
/** A sound joint or terminal, Ω. */
export const goodJointOhm = 0.001;
