import { LRUCache } from 'lru-cache';

const all = new Map<string, LRUCache<string, object>>();
const MiB = 1024 ** 2;

/** What a value takes that is like its text in JSON: 1.4 to 1.5 bytes a sign, measured on both demo homes. */
export const bytesLikeText = (value: object): number => 2 * JSON.stringify(value).length;

/** What is kept of values that never change under their key, asked for last, bounded by about so many bytes; `/health` names it with what it takes. */
export function bounded<Value extends object>(
	name: string,
	atMostMiB: number,
	bytesOf: (value: Value) => number
): LRUCache<string, Value> {
	const cache = new LRUCache<string, Value>({ maxSize: atMostMiB * MiB, sizeCalculation: bytesOf });
	all.set(name, cache as unknown as LRUCache<string, object>);
	return cache;
}

/** Each with how many values it keeps and about what they take. */
export const cachesNow = (): Record<string, { count: number; bytes: number; atMostBytes: number }> =>
	Object.fromEntries(
		[...all].map(([name, { size, calculatedSize, maxSize }]) => [
			name,
			{ count: size, bytes: calculatedSize, atMostBytes: maxSize }
		])
	);
