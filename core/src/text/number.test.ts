import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readNumber, type Quantity } from './number';

const read = (text: string, quantity: Quantity = 'plain') => {
	const typed = readNumber(text, quantity);
	return !typed.ok ? typed.fault : 'overload' in typed ? 'OL' : typed.value;
};

describe('a number that a person types', () => {
	it.each<[string, Quantity, number | string]>([
		['12', 'plain', 12],
		[' 0,3 ', 'ohms', 0.3],
		['.5', 'ohms', 0.5],
		[',5', 'ohms', 0.5],
		['7.', 'plain', 7],
		['120.8 V', 'volts', 120.8],
		['340 mV', 'volts', 0.34],
		['1,000', 'ohms', 'ambiguous'],
		['1.000', 'ohms', 'ambiguous'],
		['12.345', 'ohms', 'ambiguous'],
		['0.500', 'ohms', 0.5],
		['0,500', 'ohms', 0.5],
		['1000', 'ohms', 1000],
		['1 000', 'ohms', 1000],
		['1 000,5', 'ohms', 1000.5],
		['1,234.5', 'ohms', 1234.5],
		['1.234,5', 'ohms', 1234.5],
		['1,000,000', 'ohms', 1e6],
		["1'000", 'ohms', 1000],
		['1.5 kΩ', 'ohms', 1500],
		['4.7k', 'ohms', 4700],
		['2 MΩ', 'ohms', 2e6],
		['2 mΩ', 'ohms', 'notANumber'],
		['OL', 'ohms', 'OL'],
		['open', 'ohms', 'OL'],
		['OL', 'volts', 'notANumber'],
		['-3', 'volts', -3],
		['−3', 'volts', -3],
		['', 'volts', 'blank'],
		['   ', 'ohms', 'blank'],
		['1e3', 'ohms', 'notANumber'],
		['0x10', 'ohms', 'notANumber'],
		['1.2.3', 'ohms', 'notANumber'],
		['1,2,3', 'ohms', 'notANumber'],
		['12 34', 'ohms', 'notANumber'],
		['12 V', 'ohms', 'notANumber'],
		['dark', 'volts', 'notANumber'],
		['Infinity', 'plain', 'notANumber']
	])('“%s” in %s is %s', (text, quantity, expected) => expect(read(text, quantity)).toEqual(expected));

	it('says both ways in which it could be read', () => {
		expect(readNumber('1,000 kΩ', 'ohms')).toEqual({ ok: false, fault: 'ambiguous', readings: [1000, 1e6] });
	});

	it('reads what a meter or a locale writes, and never anything else by the same figures', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 99_999_999 }),
				fc.integer({ min: 0, max: 4 }),
				(digits, places) => {
					const value = digits / 10 ** places;
					const plain = value.toFixed(places);
					const both = [
						plain,
						plain.replace('.', ','),
						value.toLocaleString('en-US', { minimumFractionDigits: places }),
						value.toLocaleString('de-DE', { minimumFractionDigits: places })
					];
					for (const text of both) {
						const typed = readNumber(text);
						if (typed.ok && 'value' in typed) expect(typed.value).toBeCloseTo(value, 9);
						else expect(typed).toMatchObject({ fault: 'ambiguous' });
					}
				}
			),
			drawn(20261126, 2000)
		);
	});
});
