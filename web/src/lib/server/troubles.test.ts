import { tmpdir } from 'node:os';
import { beforeEach, describe, expect, it } from 'vitest';
import { bounded, cachesNow } from './caches';
import { freeSpace, fullBelowBytes, isSpaceLow, lookAtSpace } from './space';
import { troubleOf, troublesNow, written } from './troubles';

const at = '2026-12-01T10:00:00.000Z';
const free = (bytes: number | null) => () => Promise.resolve(bytes);

describe('what the database’s trouble is', () => {
	beforeEach(written);

	it('away on a full disk is a full disk, and stands until something is written', async () => {
		expect(await troubleOf('databaseAway', free(fullBelowBytes), at)).toBe('databaseAway');
		expect(await troublesNow(free(null))).toEqual({});
		expect(await troubleOf('databaseAway', free(fullBelowBytes - 1), at)).toBe('diskFull');
		expect(await troubleOf('diskFull', free(null), '2026-12-01T11:00:00.000Z')).toBe('diskFull');
		expect(await troublesNow(free(fullBelowBytes - 1))).toEqual({ diskFull: at });
		written();
		expect(await troublesNow(free(null))).toEqual({});
	});
	it('a full disk is over once there is space, though nobody writes', async () => {
		await troubleOf('diskFull', free(0), at);
		expect(await troublesNow(free(null))).toEqual({ diskFull: at });
		expect(await troublesNow(free(fullBelowBytes))).toEqual({});
	});
	it('away where nobody knows of the disk is away', async () => {
		expect(await troubleOf('databaseAway', free(null), at)).toBe('databaseAway');
	});
	it('damage stands whatever is written elsewhere', async () => {
		expect(await troubleOf('damaged', free(null), at)).toBe('damaged');
		written();
		expect(await troublesNow(free(null))).toEqual({ damaged: at });
	});
});

it('free space is that of the folder, and not known without one', async () => {
	expect(await lookAtSpace(tmpdir())).toBeGreaterThan(0);
	expect(freeSpace()).toBeGreaterThan(0);
	expect([await lookAtSpace('/no/such/folder'), freeSpace(), isSpaceLow()]).toEqual([null, null, false]);
});

it('what is kept has a bound in bytes, and is told by name', () => {
	const cache = bounded<{ text: string }>('of a test', 1, ({ text }) => text.length);
	for (let k = 0; k < 20; k++) cache.set(`k${k}`, { text: 'x'.repeat(100_000) });
	expect(cachesNow()['of a test']).toEqual({ count: 10, bytes: 1_000_000, atMostBytes: 2 ** 20 });
	expect([cache.has('k9'), cache.has('k10')]).toEqual([false, true]);
});
