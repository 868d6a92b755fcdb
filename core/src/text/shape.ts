import type { z } from 'zod';
import type { TextFault } from './text';

/** What is wrong with the form of one value, as data; words for it in `web/src/lib/words` and, for files, `core/src/files/problems.ts`. */
export type ShapeFault =
	| { readonly fault: 'missing' }
	| { readonly fault: 'wrongType'; readonly expected: string }
	| { readonly fault: 'tooSmall'; readonly of: 'number' | 'text' | 'list'; readonly least: number }
	| { readonly fault: 'tooLarge'; readonly of: 'number' | 'text' | 'list'; readonly most: number }
	| { readonly fault: 'unknownKeys'; readonly keys: readonly string[] }
	| { readonly fault: 'notOneOf'; readonly options: readonly string[] }
	| { readonly fault: 'badDate' }
	| { readonly fault: 'badId' }
	| { readonly fault: 'badPlace' }
	| { readonly fault: TextFault }
	| { readonly fault: 'fitsNothing' };

const sizeOf = (origin: string): 'number' | 'text' | 'list' =>
	origin === 'string' ? 'text' : origin === 'array' || origin === 'set' ? 'list' : 'number';

/** A schema library's finding about a value (the whole of it) as one of ours, so that nobody reads the library's own words. */
export function shapeFault(issue: z.core.$ZodIssue, whole: unknown): ShapeFault {
	switch (issue.code) {
		case 'invalid_type':
			return valueAt(whole, issue.path) === undefined
				? { fault: 'missing' }
				: { fault: 'wrongType', expected: issue.expected };
		case 'too_small':
			return { fault: 'tooSmall', of: sizeOf(issue.origin), least: Number(issue.minimum) };
		case 'too_big':
			return { fault: 'tooLarge', of: sizeOf(issue.origin), most: Number(issue.maximum) };
		case 'unrecognized_keys':
			return { fault: 'unknownKeys', keys: issue.keys };
		case 'invalid_value':
			return { fault: 'notOneOf', options: issue.values.map(String) };
		case 'invalid_union':
			return 'options' in issue && Array.isArray(issue.options)
				? { fault: 'notOneOf', options: issue.options.map(String) }
				: { fault: 'fitsNothing' };
		case 'invalid_format':
			if (issue.format === 'date') return { fault: 'badDate' };
			if (issue.format !== 'regex') return { fault: 'fitsNothing' };
			return { fault: issue.pattern?.includes('terminal:') ? 'badPlace' : 'badId' };
		case 'custom':
			return { fault: (issue.params?.fault as TextFault | undefined) ?? 'fitsNothing' };
		default:
			return { fault: 'fitsNothing' };
	}
}

const valueAt = (whole: unknown, path: readonly PropertyKey[]): unknown =>
	path.reduce<unknown>(
		(value, key) =>
			typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined,
		whole
	);

/** Of a text that is echoed, at most this much. */
export const echoedAtMost = 60;
export const echo = (said: string): string =>
	said.length <= echoedAtMost ? said : `${said.slice(0, echoedAtMost - 1)}…`;
