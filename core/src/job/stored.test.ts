import { expect, test } from 'vitest';
import { eventVersion, readStoredEvent } from './stored';

test('a body of an earlier form is brought up, one of this form is as it was', () => {
	const body = { kind: 'readLive', half: 'upper', reading: { instrument: 'indicator', litV: 120 } };
	for (let version = 1; version <= eventVersion; version++)
		expect(readStoredEvent(version, body)).toEqual({ ok: true, body });
});

test('what a known ground showed before it was told by three lamps is told by them', () => {
	const told = (reading: object) =>
		readStoredEvent(2, { kind: 'proveEarth', source: 'outlet:hall', reading });
	const as = (lit: boolean) => ({
		ok: true,
		body: {
			kind: 'proveEarth',
			source: 'outlet:hall',
			lamps: { hotNeutral: lit, hotGround: lit, neutralGround: false }
		}
	});
	expect(told({ instrument: 'plugTester', lit: true })).toEqual(as(true));
	expect(told({ instrument: 'plugTester', lit: false })).toEqual(as(false));
	expect(told({ instrument: 'indicator', litV: 120 })).toEqual(as(true));
	expect(told({ instrument: 'indicator', litV: 24 })).toEqual(as(false));
	const read = { kind: 'readGroundEarth', half: 'upper', reading: { instrument: 'indicator', litV: 0 } };
	expect(readStoredEvent(2, read)).toEqual({ ok: true, body: { ...read, of: 'ground' } });
});

test('one that a later build wrote is told as that, and not misread', () => {
	expect(readStoredEvent(eventVersion + 1, { kind: 'finish' })).toEqual({
		ok: false,
		code: 'fromTheFuture',
		version: eventVersion + 1,
		known: eventVersion
	});
});

test('one that no form has is an error at its place', () => {
	expect(readStoredEvent(eventVersion, { kind: 'readLive', half: 'sideways' })).toMatchObject({
		ok: false,
		code: 'shape',
		at: 'half'
	});
	expect(readStoredEvent(1, null)).toMatchObject({ ok: false, code: 'shape' });
});
