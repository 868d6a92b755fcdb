import type { z } from 'zod';
import { shapeFault } from '../../text';
import { contactPoint, deviceModel } from '../devices';
import { houseSchema, type Box, type House } from '../schema';
import { checkBox } from './boxes';
import { chainCycles } from './chains';
import { uniqueIds } from './ids';
import { checkFeeders, checkPanel } from './panels';
import type { HouseProblem } from './problem';
import { references } from './references';
import { ofTheRegion } from './region';

export type { HouseProblem, Path } from './problem';

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

/** What is wrong in a house whose form is right; empty when nothing is. */
export function checkHouse(house: House): HouseProblem[] {
	return [
		...uniqueIds(house),
		...ofTheRegion(house),
		...house.panels.flatMap((panel, k) => checkPanel(house, panel, ['panels', k])),
		...checkFeeders(house),
		...references(house),
		...chainCycles(house),
		...house.boxes.flatMap((box, k) => checkBox(house, box, ['boxes', k]))
	];
}

/** Points of a box's device that exist in the network: for tools that let a user name one. */
export function devicePoints(box: Box): string[] {
	if (!box.device) return [];
	const model = deviceModel(box.device);
	const contacts = model.halves.flatMap((half) =>
		(['hot', 'neutral', 'ground'] as const).map((role) => contactPoint(half, role))
	);
	return [...model.terminals.map(({ name }) => name), ...contacts];
}
