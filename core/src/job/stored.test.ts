import { expect, test } from 'vitest';
import { eventVersion, readStoredEvent } from './stored';

test('a body of an earlier form is brought up, one of this form is as it was', () => {
	const body = { kind: 'readLive', half: 'upper', reading: { instrument: 'indicator', litV: 120 } };
	for (let version = 1; version <= eventVersion; version++)
		expect(readStoredEvent(version, body)).toEqual({ ok: true, body });
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
