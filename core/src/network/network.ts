import type { Complex } from './complex';

/** A voltage source behind its own impedance. `from` is the positive end. At 0 Hz an alternating source is a plain resistor. */
export interface Source {
	readonly kind: 'source';
	readonly id: string;
	readonly from: string;
	readonly to: string;
	/** RMS phasor, V. */
	readonly emfV: Complex;
	/** `direct` sources drive at 0 Hz only, `alternating` ones above 0 Hz only. */
	readonly current: 'alternating' | 'direct';
	readonly resistanceOhm: number;
	readonly inductanceH?: number;
}

export interface Resistor {
	readonly kind: 'resistor';
	readonly id: string;
	readonly from: string;
	readonly to: string;
	readonly resistanceOhm: number;
}

export interface Capacitor {
	readonly kind: 'capacitor';
	readonly id: string;
	readonly from: string;
	readonly to: string;
	readonly capacitanceF: number;
}

export interface Switch {
	readonly kind: 'switch';
	readonly id: string;
	readonly from: string;
	readonly to: string;
	readonly closed: boolean;
	/** Resistance of the closed contact. An open contact carries nothing at all. */
	readonly onResistanceOhm: number;
}

export type Branch = Source | Resistor | Capacitor | Switch;

/** Nodes exist by being named in a branch. Voltages are against `reference`. */
export interface Network {
	/** 0 means direct current: capacitors are open. */
	readonly frequencyHz: number;
	readonly reference: string;
	readonly branches: readonly Branch[];
}

/** The series impedance of a branch that conducts, Ω; `null` where it carries nothing (open switch, capacitor at 0 Hz). */
export function impedanceOhm(branch: Branch, frequencyHz: number): Complex | null {
	const omega = 2 * Math.PI * frequencyHz;
	switch (branch.kind) {
		case 'resistor':
			return { re: branch.resistanceOhm, im: 0 };
		case 'switch':
			return branch.closed ? { re: branch.onResistanceOhm, im: 0 } : null;
		case 'capacitor':
			return omega === 0 || branch.capacitanceF === 0
				? null
				: { re: 0, im: -1 / (omega * branch.capacitanceF) };
		case 'source':
			return { re: branch.resistanceOhm, im: omega * (branch.inductanceH ?? 0) };
	}
}

/** What drives a branch at this frequency, V RMS. */
export function drivingEmfV(branch: Branch, frequencyHz: number): Complex {
	if (branch.kind !== 'source') return { re: 0, im: 0 };
	const drives = frequencyHz === 0 ? branch.current === 'direct' : branch.current === 'alternating';
	return drives ? branch.emfV : { re: 0, im: 0 };
}
