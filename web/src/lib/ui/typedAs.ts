/** How somebody types the name of a place: without its comma, and the other way round. */
export const typedAs = (name: string): string[] => {
	const parts = name.split(',').map((part) => part.trim());
	return [parts.join(' '), parts.toReversed().join(' ')];
};
