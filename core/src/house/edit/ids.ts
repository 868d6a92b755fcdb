import { allBreakers } from '../lookup';
import type { House } from '../schema';

/** A short name made from a name in any script: its Latin letters and digits, or the kind of thing where it has none; numbered until it is free. */
export function freshId(name: string, kind: string, taken: Iterable<string>): string {
	const used = new Set(taken);
	const plain = name
		.normalize('NFKD')
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 32)
		.replace(/-+$/, '');
	const base = plain || kind;
	for (let k = 1; ; k++) {
		const id = k === 1 && plain ? base : `${base}-${k}`;
		if (!used.has(id)) return id;
	}
}

export const idsOf = (items: readonly { readonly id: string }[]): string[] => items.map(({ id }) => id);
export const breakerIds = (house: House): string[] => idsOf(allBreakers(house));
/** Two names are the same to a reader whatever their capitals and spaces. */
export const sameName = (a: string, b: string): boolean => plainName(a) === plainName(b);
export const plainName = (name: string): string =>
	name.normalize('NFKC').toLocaleLowerCase().replace(/\s+/gu, ' ').trim();
