import { conductorSizes, type ConductorSize } from './conductors';
import { regions, type Region } from './regions';

/** The largest conductor each way of holding takes, where the device itself says nothing else. */
export const largestConductor: Readonly<Record<string, ConductorSize>> = {
	hook: '10AWG',
	clampPlate: '10AWG',
	pushIn: '14AWG',
	pillar: '6.0mm2',
	screw: '6AWG'
};

/** Bare length asked by a terminal, mm, and how far off is still good. Typical marks; the device's own gauge wins. */
export const stripGauge: Record<
	Region,
	{ readonly mm: number; readonly shortByMm: number; readonly longByMm: number }
> = {
	us: { mm: 16, shortByMm: 4, longByMm: 5 },
	uk: { mm: 9, shortByMm: 3, longByMm: 4 }
};

/** Bare length that connectors typically ask, mm (7/16 to 1/2 in); the one printed on the connector wins. */
export const connectorGaugeMm = 12;

/** Whether a conductor is thicker than another; sizes of one region are listed from thin to thick. */
export const isThicker = (size: ConductorSize, than: ConductorSize): boolean => areaMm2(size) > areaMm2(than);

/** Cross-section, mm²: AWG n is π/4 · (0.127 mm · 92^((36−n)/39))² (ASTM B258). */
export function areaMm2(size: ConductorSize): number {
	const awg = /^(\d+)AWG$/.exec(size);
	return awg ? (Math.PI / 4) * (0.127 * 92 ** ((36 - Number(awg[1])) / 39)) ** 2 : parseFloat(size);
}

export const sizesOf = (region: Region): ConductorSize[] =>
	conductorSizes.filter((size) => size.endsWith(regions[region].custom.sizedBy));

/** More cables than this in one box is a slip of the pen. */
export const mostCablesInBox = 8;
