/** Whether two plain values say the same. What they share is looked at once: a house and what became of it share nearly all. */
export function sameValue(a: unknown, b: unknown): boolean {
	if (a === b) return true;
	if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
	const mine = Object.entries(a);
	return (
		mine.length === Object.keys(b).length &&
		mine.every(([key, value]) => Object.hasOwn(b, key) && sameValue(value, b[key as keyof typeof b]))
	);
}
