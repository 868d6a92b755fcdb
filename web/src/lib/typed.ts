import type { OhmValue } from '@wary/core/job';
import { readNumber, type Quantity } from '@wary/core/text';

/** What stands in a field as typed: a value, or why it is none, in words. Both `null`: nothing is typed yet. */
export interface Typed<Value> {
	readonly value: Value | null;
	readonly complaint: string | null;
}

const blank = { value: null, complaint: null };

/** A figure in a field, by the one parser. */
export function typedNumber(text: string, quantity: Quantity = 'plain'): Typed<number> {
	const typed = readNumber(text, quantity);
	if (typed.ok)
		return 'value' in typed
			? { value: typed.value, complaint: null }
			: { value: null, complaint: `“${text.trim()}” is no figure.` };
	switch (typed.fault) {
		case 'blank':
			return blank;
		case 'notANumber':
			return { value: null, complaint: `“${text.trim().slice(0, 60)}” isn’t ${quantityWords[quantity]}.` };
		case 'ambiguous':
			return {
				value: null,
				complaint: `“${text.trim()}” could be ${typed.readings.join(' or ')}. Type it without the separator.`
			};
	}
}

const quantityWords: Record<Quantity, string> = {
	plain: 'a number',
	volts: 'a number of volts',
	ohms: 'a number of ohms'
};

/** Whether a figure was typed that lies in a range, its ends included. */
export const within = ({ value }: Typed<number>, least: number, most: number): boolean =>
	value !== null && value >= least && value <= most;

/** What an ohmmeter shows, as typed: a figure in the unit chosen beside it, or with its own unit; `OL`, or the box ticked, is open. */
export function typedOhms(text: string, unit: number, open: boolean): Typed<OhmValue> {
	if (open) return { value: { kind: 'overload' }, complaint: null };
	const typed = readNumber(text, 'ohms');
	if (typed.ok && 'overload' in typed) return { value: { kind: 'overload' }, complaint: null };
	if (!typed.ok) return { value: null, complaint: typedNumber(text, 'ohms').complaint };
	// A unit that was typed is the one meant.
	const factor = /[^\d\s]$/u.test(text.trim().replace(/[.,]$/, '')) ? 1 : unit;
	return { value: { kind: 'ohms', resistanceOhm: typed.value * factor }, complaint: null };
}
