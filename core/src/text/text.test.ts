import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import {
	allStorable,
	echo,
	echoedAtMost,
	freeText,
	nameText,
	readJson,
	shapeFault,
	storable,
	visible
} from './index';

describe('what can be stored', () => {
	it('is any text with tabs and line ends, in any script', () => {
		for (const text of ['', 'kitchen, left', 'a\tb\r\nc', 'Küche', '台所', '👩🏽‍🔧', 'שלום'])
			expect(storable(text), text).toBe(true);
	});

	it('is not U+0000, another control character, or half of a surrogate pair', () => {
		for (const text of ['a\u0000', '\u0007', '\u001b[2J', '\u007f', '\u0085', '\ud83d', 'x\udc00y'])
			expect(storable(text), JSON.stringify(text)).toBe(false);
	});

	it('is asked of every string of a document, keys too, however deep', () => {
		expect(allStorable({ a: [{ b: 'fine' }, 1, null, true] })).toBe(true);
		expect(allStorable({ a: [{ b: 'bad\u0000' }] })).toBe(false);
		expect(allStorable({ 'bad\u0000': 1 })).toBe(false);
		expect(allStorable([['\ud800']])).toBe(false);
	});

	it('what is storable goes through JSON and back unchanged', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'binary' }), (text) => {
				fc.pre(storable(text));
				expect(JSON.parse(JSON.stringify(text))).toBe(text);
				expect(
					new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(new TextEncoder().encode(text))
				).toBe(text);
			}),
			drawn(9)
		);
	});
});

describe('names', () => {
	const name = nameText(10);
	it('have something in them to see', () => {
		for (const unseen of [
			' ',
			'\u200b',
			'\u2060',
			'\ufeff',
			'\u200e\u200f',
			'\u2800',
			'\u3164',
			'\u00a0\u3000'
		])
			expect(visible(unseen), JSON.stringify(unseen)).toBe(false);
		expect(name.safeParse('\u200bdesk').success).toBe(true);
		expect(name.safeParse('\u200b\u200b').success).toBe(false);
		expect(name.safeParse('').success).toBe(false);
	});

	it('are trimmed, and are not cut where they are too long', () => {
		expect(name.parse('  desk ')).toBe('desk');
		expect(name.safeParse('x'.repeat(11)).success).toBe(false);
		expect(name.parse('x'.repeat(10))).toHaveLength(10);
	});

	it('free text may be empty', () => {
		expect(freeText(5).parse('   ')).toBe('');
		expect(freeText(5).safeParse('123456').success).toBe(false);
		expect(freeText(5).safeParse('a\u0000').success).toBe(false);
	});
});

describe('JSON', () => {
	it('is read past a byte-order mark', () => {
		expect(readJson('\ufeff{"a": 1}')).toEqual({ ok: true, value: { a: 1 } });
	});

	it('says where it stops being JSON', () => {
		expect(readJson('{\n  "a": 1,\n  "b": tru\n}')).toEqual({ ok: false, line: 3, column: 8 });
		expect(readJson('{"a" 1}')).toMatchObject({ ok: false, line: 1, column: 6 });
		expect(readJson('')).toMatchObject({ ok: false, line: 1, column: 1 });
		expect(readJson('[1, 2')).toMatchObject({ ok: false, line: 1 });
	});

	it('gives back every document, and never throws on anything else', () => {
		fc.assert(
			fc.property(fc.jsonValue(), (value) => {
				expect(readJson(JSON.stringify(value))).toEqual({
					ok: true,
					value: JSON.parse(JSON.stringify(value))
				});
			}),
			drawn(9)
		);
		fc.assert(
			fc.property(fc.string(), (text) => {
				const read = readJson(text);
				if (!read.ok) {
					expect(read.line).toBeGreaterThan(0);
					expect(read.column).toBeGreaterThan(0);
				}
			}),
			drawn(9)
		);
	});
});

describe('what is wrong with a form, as data', () => {
	const schema = z.strictObject({
		name: nameText(5),
		count: z.number().min(2).max(84),
		kind: z.enum(['a', 'b']),
		on: z.iso.date(),
		list: z.array(z.number()).max(2)
	});
	const good = { name: 'x', count: 3, kind: 'a', on: '2026-11-26', list: [] };
	const faultOf = (change: object) => {
		const value = { ...good, ...change };
		const parsed = schema.safeParse(value);
		return parsed.success ? null : shapeFault(parsed.error.issues[0]!, value);
	};

	it('never is a library’s own message', () => {
		expect(faultOf({})).toBeNull();
		expect(faultOf({ count: undefined })).toEqual({ fault: 'missing' });
		expect(faultOf({ count: '3' })).toEqual({ fault: 'wrongType', expected: 'number' });
		expect(faultOf({ count: 1 })).toEqual({ fault: 'tooSmall', of: 'number', least: 2 });
		expect(faultOf({ count: 85 })).toEqual({ fault: 'tooLarge', of: 'number', most: 84 });
		expect(faultOf({ name: 'abcdef' })).toEqual({ fault: 'tooLarge', of: 'text', most: 5 });
		expect(faultOf({ list: [1, 2, 3] })).toEqual({ fault: 'tooLarge', of: 'list', most: 2 });
		expect(faultOf({ kind: 'c' })).toEqual({ fault: 'notOneOf', options: ['a', 'b'] });
		expect(faultOf({ on: '26.11.2026' })).toEqual({ fault: 'badDate' });
		expect(faultOf({ more: 1 })).toEqual({ fault: 'unknownKeys', keys: ['more'] });
		expect(faultOf({ name: 'a\u0000' })).toEqual({ fault: 'notStorable' });
		expect(faultOf({ name: '\u200b' })).toEqual({ fault: 'nothingToSee' });
	});

	it('echoes sixty characters at most', () => {
		expect(echo('x'.repeat(60))).toBe('x'.repeat(60));
		expect(echo('x'.repeat(61))).toHaveLength(echoedAtMost);
		expect(echo('x'.repeat(5000))).toMatch(/x…$/);
	});
});
