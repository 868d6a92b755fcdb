/** A complex number as a plain pair: a phasor in volts or amperes (RMS), or an admittance in siemens. */
export interface Complex {
	readonly re: number;
	readonly im: number;
}

export const zero: Complex = { re: 0, im: 0 };
export const complex = (re: number, im = 0): Complex => ({ re, im });
export const add = (a: Complex, b: Complex): Complex => ({ re: a.re + b.re, im: a.im + b.im });
export const subtract = (a: Complex, b: Complex): Complex => ({ re: a.re - b.re, im: a.im - b.im });
export const multiply = (a: Complex, b: Complex): Complex => ({
	re: a.re * b.re - a.im * b.im,
	im: a.re * b.im + a.im * b.re
});
export const magnitude = (a: Complex): number => Math.hypot(a.re, a.im);

/** a / b by Smith's scaling, which neither overflows nor underflows where plain |b|² would. */
export function divide(a: Complex, b: Complex): Complex {
	if (Math.abs(b.re) >= Math.abs(b.im)) {
		const ratio = b.im / b.re;
		const scale = b.re + b.im * ratio;
		return { re: (a.re + a.im * ratio) / scale, im: (a.im - a.re * ratio) / scale };
	}
	const ratio = b.re / b.im;
	const scale = b.re * ratio + b.im;
	return { re: (a.re * ratio + a.im) / scale, im: (a.im * ratio - a.re) / scale };
}
