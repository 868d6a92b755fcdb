/** The first free name of its kind: c5, j2, tail1. */
export function numbered(kind: string, taken: readonly { readonly id: string }[]): string {
	let n = 1;
	while (taken.some(({ id }) => id === `${kind}${n}`)) n++;
	return `${kind}${n}`;
}
