/**
 * What a record says under a key that people chose; `undefined` where it says nothing. Plain indexing would find what every object inherits
 * under `constructor` or `toString`, and those are ids like any other.
 */
export const own = <Value>(record: Readonly<Record<string, Value>>, key: string): Value | undefined =>
	Object.hasOwn(record, key) ? record[key] : undefined;
