/** Conductor sizes sold for house wiring. Resistances at 20 °C, Ω/km: NEC chapter 9 table 8 (solid) and BS EN 60228 class 1. */
const copperOhmPerKm = {
	'14AWG': 10.1,
	'12AWG': 6.34,
	'10AWG': 3.98,
	'8AWG': 2.55,
	'6AWG': 1.61,
	'1.0mm2': 18.1,
	'1.5mm2': 12.1,
	'2.5mm2': 7.41,
	'4.0mm2': 4.61,
	'6.0mm2': 3.08,
	'10.0mm2': 1.83
} as const;

const aluminiumOhmPerKm: Partial<Record<ConductorSize, number>> = {
	'12AWG': 10.4,
	'10AWG': 6.56,
	'8AWG': 4.2,
	'6AWG': 2.65
};

export type ConductorSize = keyof typeof copperOhmPerKm;
export type ConductorMaterial = 'copper' | 'aluminium';

export const conductorSizes = Object.keys(copperOhmPerKm) as [ConductorSize, ...ConductorSize[]];

/** Ω per metre of one conductor; `null` where that size isn't made in that material for houses. */
export function resistanceOhmPerM(size: ConductorSize, material: ConductorMaterial): number | null {
	const perKm = material === 'copper' ? copperOhmPerKm[size] : aluminiumOhmPerKm[size];
	return perKm === undefined ? null : perKm / 1000;
}

/** Coupling between neighbouring conductors of one cable, F/m (50 to 100 pF/m measured for flat house cable). */
export const couplingFPerM = 75e-12;
/** A sound joint or terminal, Ω. */
export const goodJointOhm = 0.001;
