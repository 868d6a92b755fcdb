import type { ConductorSize } from '@wary/core/rules';

/** Drawing units to a millimetre of a conductor: its thickness and its bare end, to scale with each other. */
export const unitsPerMm = 3;

/** Bare diameter of solid conductors, mm: ASTM B258 for AWG, from the area for the metric ones (IEC 60228 class 1). */
const bareMm: Readonly<Record<ConductorSize, number>> = {
	'14AWG': 1.63,
	'12AWG': 2.05,
	'10AWG': 2.59,
	'8AWG': 3.26,
	'6AWG': 4.11,
	'1.0mm2': 1.13,
	'1.5mm2': 1.38,
	'2.5mm2': 1.78,
	'4.0mm2': 2.26,
	'6.0mm2': 2.76,
	'10.0mm2': 3.57
};
/** Insulation adds this to the diameter, mm: 0.38 mm of PVC with its skin on each side (UL 83), 0.6 to 0.8 mm (BS 6004), rounded. */
const insulationMm = 1.2;

export const bareWidth = (size: ConductorSize): number => bareMm[size] * unitsPerMm;
export const insulatedWidth = (size: ConductorSize): number => (bareMm[size] + insulationMm) * unitsPerMm;
