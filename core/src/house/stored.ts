import { shapeFault } from '../text';
import { houseSchema, type House } from './schema';

/** A stored house, or the first thing in it that the schema doesn't know, by its place. */
export type StoredHouse =
	| { readonly ok: true; readonly house: House }
	| { readonly ok: false; readonly at: string; readonly fault: string };

/**
 * A house as some build has stored it, brought up to what this one knows. Only its form is asked: what earlier builds let pass and this one refuses in
 * files stays readable, with names that nobody could see or store replaced.
 */
export function readStoredHouse(value: unknown): StoredHouse {
	const parsed = houseSchema.safeParse(value);
	if (parsed.success) return { ok: true, house: parsed.data };
	const again = houseSchema.safeParse(withReadableText(value, parsed.error.issues));
	if (again.success) return { ok: true, house: again.data };
	const issue = again.error.issues[0]!;
	return { ok: false, at: issue.path.join('.'), fault: shapeFault(issue, value).fault };
}

/** What stands for a name of nothing but unseen marks. */
const unseenName = '(unnamed)';

function withReadableText(
	value: unknown,
	issues: readonly { readonly path: readonly PropertyKey[] }[]
): unknown {
	const copy: unknown = structuredClone(value);
	for (const { path } of issues) {
		const key = path.at(-1);
		const holder = path
			.slice(0, -1)
			.reduce<unknown>(
				(at, each) =>
					typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[each] : undefined,
				copy
			);
		if (key === undefined || typeof holder !== 'object' || holder === null) continue;
		const text = (holder as Record<PropertyKey, unknown>)[key];
		if (typeof text !== 'string') continue;
		const readable = text
			.toWellFormed()
			.replace(/\p{Cc}/gu, ' ')
			.replace(/\p{Cf}/gu, '')
			.trim();
		(holder as Record<PropertyKey, unknown>)[key] = readable || unseenName;
	}
	return copy;
}
