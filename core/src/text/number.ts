/** A number as a person typed it; `overload`: what a meter shows beyond its range. Or why it can't be taken. */
export type TypedNumber =
	| { readonly ok: true; readonly value: number }
	| { readonly ok: true; readonly overload: true }
	| { readonly ok: false; readonly fault: 'blank' | 'notANumber' }
	/** It could be read in two ways: these. */
	| { readonly ok: false; readonly fault: 'ambiguous'; readonly readings: readonly [number, number] };

/** What is typed behind the figure, by what is measured: the factor to the base unit. Case counts where it tells (mΩ and MΩ). */
const units: Readonly<Record<Quantity, readonly (readonly [RegExp, number])[]>> = {
	plain: [],
	volts: [
		[/^v(olts?)?$/i, 1],
		[/^mv$/i, 0.001]
	],
	ohms: [
		[/^(Ω|ohms?)$/i, 1],
		[/^k(Ω|ohms?)?$/i, 1e3],
		[/^(M(Ω|ohms?)?|megohms?|meg)$/, 1e6]
	]
};
export type Quantity = 'plain' | 'volts' | 'ohms';

const spaces = /[\s\u00a0\u2007\u2009\u202f']/gu;

/**
 * Reads a number with a decimal point or comma, thousands grouped by spaces, points, commas or apostrophes, and the unit behind it (volts, ohms). What could be
 * read in two ways (`1,000`) is refused with both. `OL` in ohms is beyond the meter's range. Letters of exponents are refused: no meter shows them.
 */
export function readNumber(text: string, quantity: Quantity = 'plain'): TypedNumber {
	const typed = text.trim().replace(/^−/, '-');
	if (typed === '') return { ok: false, fault: 'blank' };
	if (quantity === 'ohms' && /^(ol|o\.l\.?|open|∞)$/i.test(typed)) return { ok: true, overload: true };
	const parts = /^([-+]?[\d.,\s\u00a0\u2007\u2009\u202f']*\d[.,]?|[-+]?[.,]\d+)\s*(\D*)$/u.exec(typed);
	if (!parts) return { ok: false, fault: 'notANumber' };
	const suffix = parts[2]!.trim();
	const factor = suffix === '' ? 1 : units[quantity].find(([pattern]) => pattern.test(suffix))?.[1];
	if (factor === undefined) return { ok: false, fault: 'notANumber' };
	const figure = readFigure(parts[1]!.trim());
	if (!figure.ok || !('value' in figure))
		return figure.ok || figure.fault !== 'ambiguous'
			? figure
			: { ...figure, readings: [figure.readings[0] * factor, figure.readings[1] * factor] };
	// In the base unit it is the figure that was typed, without the last bits of a product.
	return { ok: true, value: Number((figure.value * factor).toPrecision(15)) };
}

const groups = (separator: string) => new RegExp(`^[-+]?[1-9]\\d{0,2}(${separator}\\d{3})+$`);

function readFigure(typed: string): TypedNumber {
	const no: TypedNumber = { ok: false, fault: 'notANumber' };
	const grouped = typed.replace(spaces, ' ');
	if (grouped.includes(' ') && !/^[-+]?[1-9]\d{0,2}( \d{3})+([.,]\d*)?$/.test(grouped)) return no;
	const figure = grouped.replaceAll(' ', '');
	const marks = figure.replace(/[^.,]/g, '');
	const value = (plain: string): TypedNumber =>
		/^[-+]?(\d+\.?\d*|\.\d+)$/.test(plain) ? { ok: true, value: Number(plain) } : no;
	if (marks === '') return value(figure);
	const last = marks.at(-1)!;
	const first = marks[0]!;
	if (first !== last) {
		// Both marks: the last one is the decimal, the others group.
		const at = figure.lastIndexOf(last);
		if (marks.indexOf(last) !== marks.length - 1) return no;
		const whole = figure.slice(0, at);
		return groups(`\\${first}`).test(whole)
			? value(`${whole.replaceAll(first, '')}.${figure.slice(at + 1)}`)
			: no;
	}
	if (marks.length > 1) return groups(`\\${last}`).test(figure) ? value(figure.replaceAll(last, '')) : no;
	const asDecimal = value(figure.replace(last, '.'));
	// One mark before three figures, and nothing that tells: a thousand, or one.
	if (groups(`\\${last}`).test(figure) && !grouped.includes(' ') && asDecimal.ok && 'value' in asDecimal)
		return {
			ok: false,
			fault: 'ambiguous',
			readings: [asDecimal.value, Number(figure.replace(last, ''))]
		};
	return asDecimal;
}
