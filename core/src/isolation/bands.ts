/** A two-point voltage reading as an instrument gives it. */
export type VoltReading =
	| { readonly instrument: 'multimeter'; readonly volts: number; readonly mode: MeterMode }
	/** The highest mark lit; 0 is dark. */
	| { readonly instrument: 'indicator'; readonly litV: 0 | 12 | 24 | 50 | 120 | 230 }
	/** A lamp plugged in, or one lamp of a plug-in tester (100 kΩ): lit, it shows a voltage with something behind it; dark, it shows nothing. */
	| { readonly instrument: 'lamp' | 'plugTester'; readonly lit: boolean };
/** `lampAcross`: as it is, with a filament lamp joined across the same two points. */
export type MeterMode = 'highImpedance' | 'lowImpedance' | 'lampAcross';

export type DeadBand = 'dead' | 'unresolved' | 'live';

/** Limits of the “is it dead?” step, V AC, both regions. */
export const deadBelowV = 3;
export const liveAboveV = 50;
/** Largest voltage a household multimeter shows. */
export const multimeterRangeV = 750;

/**
 * Judges a reading in the “is it dead?” step: under 3 V consistent with dead, 3 to 50 V unresolved, above 50 V live. A low-impedance
 * input, or a lamp across the pair, has already drained anything induced, so what is still shown from 3 V up is fed and counts as live. An
 * indicator that stays dark is under its lowest mark; its 12 and 24 V marks are unresolved, from 50 V on it is live. A dark lamp is never dead.
 */
export function deadBand(reading: VoltReading): DeadBand {
	if ('lit' in reading) return reading.lit ? 'live' : 'unresolved';
	if (reading.instrument === 'indicator')
		return reading.litV === 0 ? 'dead' : reading.litV < 50 ? 'unresolved' : 'live';
	if (reading.volts < deadBelowV) return 'dead';
	if (reading.mode !== 'highImpedance' || reading.volts > liveAboveV) return 'live';
	return 'unresolved';
}

/** Whether a tester that is held to a known source shows that it works: it must show it plainly live. */
export const provesTester = (reading: VoltReading): boolean =>
	isTwoPoint(reading) && deadBand(reading) === 'live';
/** Whether a reading says between which two points there is a voltage: a lamp plugged in doesn't. */
export const isTwoPoint = (reading: VoltReading): boolean => !('lit' in reading);

/** Whether a value can come from the instrument at all. */
export function inRange(reading: VoltReading): boolean {
	return (
		reading.instrument !== 'multimeter' ||
		(Number.isFinite(reading.volts) && reading.volts >= 0 && reading.volts <= multimeterRangeV)
	);
}

/** A ground that floats beside a live conductor shows a 10 MΩ meter nearly as much as a good one: only what draws some current tells them apart. */
export const drawsCurrent = (reading: VoltReading): boolean =>
	!(reading.instrument === 'multimeter' && reading.mode === 'highImpedance');
