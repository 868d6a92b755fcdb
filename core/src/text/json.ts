import { parse, type ParseError } from 'jsonc-parser';

/** JSON as read, or where it stops being JSON: line and column from 1. */
export type ReadJson =
	| { readonly ok: true; readonly value: unknown }
	| { readonly ok: false; readonly line: number; readonly column: number };

/** Parses JSON text; a byte-order mark before it is read past. */
export function readJson(source: string): ReadJson {
	const text = withoutMark(source);
	try {
		return { ok: true, value: JSON.parse(text) };
	} catch {
		// The engine's own message gives no place for short texts.
		const errors: ParseError[] = [];
		parse(text, errors);
		const before = text.slice(0, errors[0]?.offset ?? text.length).split('\n');
		return { ok: false, line: before.length, column: before.at(-1)!.length + 1 };
	}
}

/** Text without the byte-order mark that some programs put before it. */
export const withoutMark = (source: string): string =>
	source.startsWith('\ufeff') ? source.slice(1) : source;
