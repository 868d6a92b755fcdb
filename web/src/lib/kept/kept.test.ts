import { drawn } from '../../../../core/test/draws';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { asideUnder, drop, keep, keptText, readKept, shortText, unwrapped } from '.';
import { handForm, searchForm } from './forms';

let stored: Map<string, string>;
beforeEach(() => {
	stored = new Map();
	const storage = {
		getItem: (key: string) => stored.get(key) ?? null,
		setItem: (key: string, value: string) => void stored.set(key, value),
		removeItem: (key: string) => void stored.delete(key)
	};
	vi.stubGlobal(
		'localStorage',
		new Proxy(storage, {
			ownKeys: () => [...stored.keys()],
			getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true })
		})
	);
});
afterEach(() => vi.unstubAllGlobals());

describe('what a device keeps', () => {
	it('comes back as it was kept, by its form', async () => {
		expect(keep('wary-hand who', 'Avery')).toBe(true);
		expect(await readKept('wary-hand who', () => shortText)).toBe('Avery');
		expect(await readKept('nothing', () => shortText)).toBeNull();
		const hand = { holds: 'plates', gaugeMm: 16 } as const;
		keep('part', hand);
		expect(await readKept('part', () => handForm)).toEqual(hand);
	});

	it('what can’t be read is set aside to its last sign, and never read again', async () => {
		for (const odd of [
			'{cut',
			'null',
			'"old form"',
			'{"version":99,"value":1}',
			'{"version":1,"value":{"events":[{"kind":"from later"}]}}'
		]) {
			stored.clear();
			stored.set('wary-hand search a b', odd);
			expect(await readKept('wary-hand search a b', () => searchForm)).toBeNull();
			expect(keptText('wary-hand search a b')).toBeNull();
			expect(asideUnder('wary-hand search').map(({ text }) => text)).toEqual([odd]);
			expect(asideUnder('wary-hand unsent')).toEqual([]);
		}
	});

	it('any text at all under a key throws nothing, and nothing that was set aside is written over', () => {
		fc.assert(
			fc.property(fc.array(fc.string(), { minLength: 1, maxLength: 4 }), (texts) => {
				stored.clear();
				for (const text of texts) {
					stored.set('key', text);
					expect(unwrapped('key', text)).toBeNull();
				}
				expect(
					asideUnder('key')
						.map(({ text }) => text)
						.sort()
				).toEqual([...texts].sort());
			}),
			drawn(26)
		);
	});

	it('where the browser forbids it, nothing is kept and nothing breaks', async () => {
		vi.stubGlobal('localStorage', {
			getItem: () => {
				throw new Error('forbidden');
			},
			setItem: () => {
				throw new Error('full');
			},
			removeItem: () => {
				throw new Error('forbidden');
			}
		});
		expect(keep('key', 1)).toBe(false);
		expect(await readKept('key', () => shortText)).toBeNull();
		expect(asideUnder('key')).toEqual([]);
		drop('key');
	});
});
