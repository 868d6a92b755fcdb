import type { PlugLamps } from '../instruments';
import { deadBand, liveAboveV, type VoltReading } from '../isolation';
import { regions, type Region } from '../rules';
import type { Autopsy, OhmValue } from './events';
import type { ResistanceCheck } from './vocabulary';

/** From here up a pair counts as open in the dead checks, Ω: dry insulation reads far more. */
export const openFromOhm = 1e6;
/** Ground to the box, leads included, Ω. */
export const continuousBelowOhm = 2;
/** Under this, hot to neutral or ground is a short and no load, Ω. */
export const shortBelowOhm = 5;

export type OhmVerdict =
	'open' | 'continuous' | 'knownLoad' | 'notLessThanBefore' | 'short' | 'tooLow' | 'notContinuous';

/** Largest resistance a household multimeter shows, Ω. */
export const ohmmeterRangeOhm = 40e6;
export const ohmsInRange = (value: OhmValue): boolean =>
	value.kind === 'overload' || (value.resistanceOhm >= 0 && value.resistanceOhm <= ohmmeterRangeOhm);
const ohmOf = (value: OhmValue): number => (value.kind === 'overload' ? Infinity : value.resistanceOhm);

/** Electronics on a circuit drift while they are read, by this share at most (chosen: they charge, warm up, fall asleep). */
const driftShare = 0.5;
export const notShorted = (value: OhmValue): boolean => ohmOf(value) >= shortBelowOhm;

/**
 * What the cables read by themselves, hot to neutral, taken together: side by side, as they will be on the new part. `null`: nothing was read, or all was open.
 */
export function lowestOf(baseline: Readonly<Record<string, OhmValue>>): number | null {
	const conductance = Object.values(baseline).reduce((sum, value) => sum + 1 / ohmOf(value), 0);
	return conductance > 0 ? 1 / conductance : null;
}

/**
 * Judges a dead check. Ground to box must be continuous. Hot to ground must be open. Hot to neutral of a real house isn't: it must be no short, and not less than
 * the cables read by themselves before the new part went on (`beforeOhm`), give or take what electronics drift and what the part itself adds (`partFromOhm`: from there up). Where that isn't known, it must be open or what is
 * known to be plugged in, within a factor of 0.7 to 1.5: the recorded loads are rough.
 */
export function judgeOhms(
	check: ResistanceCheck,
	value: OhmValue,
	expectedOhm: number | null,
	beforeOhm: number | null = null,
	partFromOhm: number | null = null
): { passes: boolean; verdict: OhmVerdict } {
	const ohm = ohmOf(value);
	if (check === 'groundBox' || check === 'pinPlate')
		return ohm < continuousBelowOhm
			? { passes: true, verdict: 'continuous' }
			: { passes: false, verdict: 'notContinuous' };
	if (ohm >= openFromOhm) return { passes: true, verdict: 'open' };
	if (ohm < shortBelowOhm) return { passes: false, verdict: 'short' };
	// What the new part itself shows, from that value up, stands beside what the cables showed.
	const beside = [beforeOhm, check === 'hotNeutral' ? partFromOhm : null].filter((each) => each !== null);
	if (check === 'hotNeutral' && beside.length > 0)
		return ohm >= driftShare / beside.reduce((sum, each) => sum + 1 / each, 0)
			? { passes: true, verdict: 'notLessThanBefore' }
			: { passes: false, verdict: 'tooLow' };
	const ratio = expectedOhm === null ? 0 : ohm / expectedOhm;
	return ratio >= 0.7 && ratio <= 1.5
		? { passes: true, verdict: 'knownLoad' }
		: { passes: false, verdict: 'tooLow' };
}

/**
 * From end to end of a conductor, legs apart: continuous where the ring is recorded (`expectedOhm`), within twice that and what leads and joints add; open where it is
 * a radial (`null`).
 */
export function judgeEnds(value: OhmValue, expectedOhm: number | null): boolean {
	const ohm = ohmOf(value);
	return expectedOhm === null ? ohm >= openFromOhm : ohm <= 2 * expectedOhm + leadsAndJointsOhm;
}
/** Leads 0.2 Ω and what old joints add (chosen). */
const leadsAndJointsOhm = 0.5;

/** Beyond this share off the nominal voltage no supply is merely high or low (chosen: outside range B of ANSI C84.1, and of what the ESQCR 2002 and the drop in the installation leave). */
const farOffShare = 0.15;
/** Whether a live reading is so far off that the neutral of the service may be lost: then some outlets have too much and others too little. */
export function farOff(region: Region, reading: VoltReading): boolean {
	if (reading.instrument !== 'multimeter') return false;
	const { nominalV } = regions[region].supply;
	return reading.volts > liveAboveV && Math.abs(reading.volts - nominalV) > farOffShare * nominalV;
}

export type LiveVerdict = 'healthy' | 'low' | 'high' | 'notLive';

/** Judges a reading in the “is it live and healthy?” step. An indicator or a lamp can only say live or not. */
export function judgeLive(region: Region, reading: VoltReading): LiveVerdict {
	if (deadBand(reading) !== 'live') return 'notLive';
	if (reading.instrument !== 'multimeter') return 'healthy';
	const { healthyV } = regions[region].supply;
	return reading.volts < healthyV.from ? 'low' : reading.volts > healthyV.to ? 'high' : 'healthy';
}

/** Of the supply’s voltage, as an indicator’s mark: behind a 3 kΩ input that leaves at most some 500 Ω before it. Chosen; the loaded test tells the rest. */
const groundShownFrom = 0.85;

/** Whether a reading from a hot to some metal, by what draws current, shows that the metal leads back to the supply. */
export function showsGround(region: Region, reading: VoltReading): boolean {
	const { nominalV } = regions[region].supply;
	if ('lit' in reading) return reading.lit;
	const shownV = reading.instrument === 'indicator' ? reading.litV : reading.volts;
	return shownV >= groundShownFrom * nominalV;
}

/** A grounded outlet, as it should be: hot–neutral and hot–ground lit, neutral–ground dark. */
export const soundLamps: PlugLamps = { hotNeutral: true, hotGround: true, neutralGround: false };
/** One without a ground, as it should be: the two lamps to the ground pin share the voltage between them, and stay dark. */
export const noGroundLamps: PlugLamps = { hotNeutral: true, hotGround: false, neutralGround: false };

/** An outlet without a ground, at its last test: live, and nothing on its neutral. */
export const outletPasses = (read: {
	readonly hotNeutral: VoltReading;
	readonly neutralEarth: VoltReading;
}) => deadBand(read.hotNeutral) === 'live' && deadBand(read.neutralEarth) === 'dead';

export type AutopsyFault = 'heat' | 'cracked' | 'weakGrip' | 'leaksAcross' | 'leaksToGround' | 'poorContact';
/** Terminal to contact, leads included, Ω: two joints and the meter's own leads; what is above has burnt or lost its spring. */
export const contactBelowOhm = 0.5;

/** What the old device tells: why it had to go, and where to look for heat. */
export function autopsyFaults({ looks, grip, hotNeutral, hotGround, through }: Autopsy): AutopsyFault[] {
	return [
		...(looks === 'scorched' || looks === 'discoloured' ? (['heat'] as const) : []),
		...(looks === 'cracked' ? (['cracked'] as const) : []),
		...(grip === 'firm' ? [] : (['weakGrip'] as const)),
		...(ohmOf(hotNeutral) < openFromOhm ? (['leaksAcross'] as const) : []),
		...(hotGround && ohmOf(hotGround) < openFromOhm ? (['leaksToGround'] as const) : []),
		...(ohmOf(through) > contactBelowOhm ? (['poorContact'] as const) : [])
	];
}

export type PartFault =
	'rating' | 'notTamperResistant' | 'otherKind' | 'notGrounded' | 'damaged' | 'noPlates';
