/** Modules of a language by their path, as exported. */
export type Catalogue = Readonly<Record<string, unknown>>;

const isTable = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** What one language has and another lacks, or has otherwise: a line each, by file and key. */
export function missingKeys(whole: Catalogue, other: Catalogue): string[] {
	const lines: string[] = [];
	const compare = (file: string, path: string, mine: unknown, theirs: unknown): void => {
		const at = `${file} ${path}`.trim();
		if (theirs === undefined) lines.push(`${at} is missing`);
		else if (typeof mine !== typeof theirs) lines.push(`${at} is a ${typeof theirs}, not a ${typeof mine}`);
		else if (isTable(mine) && isTable(theirs)) {
			const under = (key: string) => (path ? `${path}.${key}` : key);
			for (const [key, value] of Object.entries(mine)) compare(file, under(key), value, theirs[key]);
			for (const key of Object.keys(theirs))
				if (!Object.hasOwn(mine, key)) lines.push(`${file} ${under(key)} is in no other language`);
		}
	};
	for (const [file, module] of Object.entries(whole)) compare(file, '', module, other[file]);
	for (const file of Object.keys(other))
		if (!Object.hasOwn(whole, file)) lines.push(`${file} is in no other language`);
	return lines;
}
