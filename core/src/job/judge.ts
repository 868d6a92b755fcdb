import type { PlugLamps } from '../instruments';
import { deadBand, type VoltReading } from '../isolation';
import { regions, type Region } from '../rules';
import type { Autopsy, OhmValue } from './events';
import type { ResistanceCheck } from './plan';

/** From here up a pair counts as open in the dead checks, Ω: dry insulation reads far more. */
export const openFromOhm = 1e6;
/** Ground to the box, leads included, Ω. */
export const continuousBelowOhm = 2;
/** Under this, hot to neutral or ground is a short and no load, Ω. */
export const shortBelowOhm = 5;

export type OhmVerdict = 'open' | 'continuous' | 'knownLoad' | 'short' | 'tooLow' | 'notContinuous';

/**
 * Judges a dead check. Hot to neutral or ground must be open, or read what is known to be plugged in (within a factor of 0.7 to 1.5: the
 * recorded loads are rough); ground to box must be continuous.
 */
export function judgeOhms(
	check: ResistanceCheck,
	value: OhmValue,
	expectedOhm: number | null
): { passes: boolean; verdict: OhmVerdict } {
	const ohm = value.kind === 'overload' ? Infinity : value.resistanceOhm;
	if (check === 'groundBox')
		return ohm < continuousBelowOhm
			? { passes: true, verdict: 'continuous' }
			: { passes: false, verdict: 'notContinuous' };
	if (ohm >= openFromOhm) return { passes: true, verdict: 'open' };
	if (ohm < shortBelowOhm) return { passes: false, verdict: 'short' };
	const ratio = expectedOhm === null ? 0 : ohm / expectedOhm;
	return ratio >= 0.7 && ratio <= 1.5
		? { passes: true, verdict: 'knownLoad' }
		: { passes: false, verdict: 'tooLow' };
}

export type LiveVerdict = 'healthy' | 'low' | 'high' | 'notLive';

/** Judges a reading in the “is it live and healthy?” step. An indicator or a lamp can only say live or not. */
export function judgeLive(region: Region, reading: VoltReading): LiveVerdict {
	if (deadBand(reading) !== 'live') return 'notLive';
	if (reading.instrument !== 'multimeter') return 'healthy';
	const { healthyV } = regions[region];
	return reading.volts < healthyV.from ? 'low' : reading.volts > healthyV.to ? 'high' : 'healthy';
}

export const sameLamps = (a: PlugLamps, b: PlugLamps): boolean =>
	a.hotNeutral === b.hotNeutral && a.hotGround === b.hotGround && a.neutralGround === b.neutralGround;

/** A grounded outlet, as it should be: hot–neutral and hot–ground lit, neutral–ground dark. */
export const soundLamps: PlugLamps = { hotNeutral: true, hotGround: true, neutralGround: false };

export type AutopsyFault = 'heat' | 'cracked' | 'weakGrip' | 'leaksAcross' | 'leaksToGround' | 'poorContact';
/** Terminal to contact, leads included, Ω: two joints and the meter's own leads; what is above has burnt or lost its spring. */
export const contactBelowOhm = 0.5;

/** What the old device tells: why it had to go, and where to look for heat. */
export function autopsyFaults({ looks, grip, hotNeutral, hotGround, through }: Autopsy): AutopsyFault[] {
	const ohm = (value: OhmValue) => (value.kind === 'overload' ? Infinity : value.resistanceOhm);
	return [
		...(looks === 'scorched' || looks === 'discoloured' ? (['heat'] as const) : []),
		...(looks === 'cracked' ? (['cracked'] as const) : []),
		...(grip === 'firm' ? [] : (['weakGrip'] as const)),
		...(ohm(hotNeutral) < openFromOhm ? (['leaksAcross'] as const) : []),
		...(hotGround && ohm(hotGround) < openFromOhm ? (['leaksToGround'] as const) : []),
		...(ohm(through) > contactBelowOhm ? (['poorContact'] as const) : [])
	];
}

export type PartFault = 'rating' | 'notTamperResistant' | 'otherKind' | 'notGrounded' | 'damaged';
