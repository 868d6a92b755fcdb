/** A two-point voltage reading as an instrument gives it. */
export type VoltReading =
	| { readonly instrument: 'multimeter'; readonly volts: number; readonly mode: 'highImpedance' | 'lowImpedance' }
	/** The highest mark lit; 0 is dark. */
	| { readonly instrument: 'indicator'; readonly litV: 0 | 12 | 24 | 50 | 120 | 230 };

export type DeadBand = 'dead' | 'unresolved' | 'live';

/** Limits of the “is it dead?” step, V AC, both regions. */
export const deadBelowV = 3;
export const liveAboveV = 50;
/** Largest voltage a household multimeter shows. */
export const multimeterRangeV = 750;

/**
 * Judges a reading in the “is it dead?” step: under 3 V consistent with dead, 3 to 50 V unresolved, above 50 V live. A low-impedance
 * input has already drained anything induced, so what it still shows from 3 V up is fed and counts as live. An indicator that stays
 * dark is under its lowest mark; its 12 and 24 V marks are unresolved, from 50 V on it is live.
 */
export function deadBand(reading: VoltReading): DeadBand {
	if (reading.instrument === 'indicator') return reading.litV === 0 ? 'dead' : reading.litV < 50 ? 'unresolved' : 'live';
	if (reading.volts < deadBelowV) return 'dead';
	if (reading.mode === 'lowImpedance' || reading.volts > liveAboveV) return 'live';
	return 'unresolved';
}

/** Whether a tester that is held to a known source shows that it works: it must show it plainly live. */
export const provesTester = (reading: VoltReading): boolean => deadBand(reading) === 'live';

/** Whether a value can come from the instrument at all. */
export function inRange(reading: VoltReading): boolean {
	return reading.instrument === 'indicator' || (Number.isFinite(reading.volts) && reading.volts >= 0 && reading.volts <= multimeterRangeV);
}
