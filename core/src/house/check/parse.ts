import type { z } from 'zod';
import { shapeFault } from '../../text';
import { houseSchema, type House } from '../schema';
import { checkHouse } from './index';
import type { HouseProblem } from './problem';

export type ParsedHouse =
	| { readonly ok: true; readonly house: House }
	| { readonly ok: false; readonly problems: readonly HouseProblem[] };

/** Parses and checks anything as a house: first its form, then that every reference leads somewhere and every conductor ends once. */
export function parseHouse(value: unknown): ParsedHouse {
	const parsed = houseSchema.safeParse(value);
	if (!parsed.success)
		return { ok: false, problems: parsed.error.issues.map((issue) => shapeProblem(issue, value)) };
	const problems = checkHouse(parsed.data);
	return problems.length === 0 ? { ok: true, house: parsed.data } : { ok: false, problems };
}

export const shapeProblem = (issue: z.core.$ZodIssue, whole: unknown): HouseProblem => ({
	code: 'shape',
	path: issue.path.map((part) => (typeof part === 'symbol' ? String(part) : part)),
	...shapeFault(issue, whole)
});
