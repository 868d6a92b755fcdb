import { drawn } from '../../../core/test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typedNumber, typedOhms, within } from './typed';

describe('a figure in a field', () => {
	it('is taken with comma or point, with its unit or without', () => {
		for (const [text, value] of [
			['120.4', 120.4],
			['120,4', 120.4],
			[' 0.3 V ', 0.3],
			['0', 0],
			['350 mV', 0.35]
		] as const)
			expect(typedNumber(text, 'volts'), text).toEqual({ value, complaint: null });
	});

	it('nothing typed is no complaint and no value', () => {
		for (const text of ['', '   ']) expect(typedNumber(text)).toEqual({ value: null, complaint: null });
	});

	it('what could be two things is asked about, never guessed', () => {
		const { value, complaint } = typedNumber('1,000', 'ohms');
		expect(value).toBeNull();
		expect(complaint).toMatch(/could be 1 or 1000/);
	});

	it('what is none is said so, in the words of what is asked, and echoed no longer than sixty characters', () => {
		expect(typedNumber('abc', 'volts').complaint).toBe('“abc” isn’t a number of volts.');
		expect(typedNumber('abc', 'ohms').complaint).toBe('“abc” isn’t a number of ohms.');
		expect(typedNumber('abc').complaint).toBe('“abc” isn’t a number.');
		expect(typedNumber('x'.repeat(5000)).complaint!.length).toBeLessThan(90);
	});

	it('volts are no overload: OL is no figure there', () => {
		expect(typedNumber('OL', 'volts').value).toBeNull();
		expect(typedNumber('OL', 'volts').complaint).not.toBeNull();
	});

	it('either gives a finite value, or says why not; never both, whatever is typed', () => {
		fc.assert(
			fc.property(fc.string(), fc.constantFrom('plain', 'volts', 'ohms'), (text, quantity) => {
				const { value, complaint } = typedNumber(text, quantity);
				if (value !== null) {
					expect(Number.isFinite(value)).toBe(true);
					expect(complaint).toBeNull();
				} else if (text.trim() !== '') expect(complaint).not.toBeNull();
			}),
			drawn(9, 500)
		);
	});

	it('any number written out plainly is that number', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 75_000 }), fc.constantFrom('.', ','), (hundredths, mark) => {
				const text = `${Math.floor(hundredths / 100)}${mark}${String(hundredths % 100).padStart(2, '0')}`;
				expect(typedNumber(text, 'volts').value).toBeCloseTo(hundredths / 100, 9);
			}),
			drawn(9)
		);
	});
});

it('a range has its ends in it, and nothing typed lies in none', () => {
	expect(['1.9', '2', '84', '84.1', '', 'many'].map((text) => within(typedNumber(text), 2, 84))).toEqual([
		false,
		true,
		true,
		false,
		false,
		false
	]);
});

describe('what an ohmmeter shows, as typed', () => {
	it('is in the unit chosen beside it, unless it brings its own', () => {
		const ohms = (resistanceOhm: number) => ({ value: { kind: 'ohms', resistanceOhm }, complaint: null });
		expect(typedOhms('4.7', 1, false)).toEqual(ohms(4.7));
		expect(typedOhms('4.7', 1000, false)).toEqual(ohms(4700));
		expect(typedOhms('4.7 kΩ', 1, false)).toEqual(ohms(4700));
		expect(typedOhms('4.7 kΩ', 1_000_000, false)).toEqual(ohms(4700));
		expect(typedOhms('2 M', 1, false)).toEqual(ohms(2_000_000));
	});

	it('open is typed or ticked', () => {
		const open = { value: { kind: 'overload' }, complaint: null };
		for (const text of ['OL', 'ol', ' O.L ', '']) {
			if (text !== '') expect(typedOhms(text, 1, false), text).toEqual(open);
			expect(typedOhms(text, 1, true)).toEqual(open);
		}
		expect(typedOhms('', 1, false)).toEqual({ value: null, complaint: null });
	});

	it('complains as any figure does', () => {
		expect(typedOhms('1,000', 1, false).complaint).toMatch(/1 or 1000/);
		expect(typedOhms('abc', 1, false)).toEqual({ value: null, complaint: '“abc” isn’t a number of ohms.' });
	});
});
