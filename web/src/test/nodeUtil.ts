/** What the core's test helpers take from Node.js, for components in a browser: `node:util` is none there. */
export function isDeepStrictEqual(a: unknown, b: unknown): boolean {
	if (a === b) return true;
	if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
	const [mine, other] = [Object.entries(a), Object.entries(b)];
	return (
		mine.length === other.length &&
		mine.every(([key, value]) => isDeepStrictEqual(value, b[key as keyof typeof b]))
	);
}
