/*
 * What is wrong in a house beyond its form: names that lead nowhere, conductors that end twice, devices on
 * the wrong supply. Each check is a file of its own and gives problems as data with their place. Words for
 * them are the interface’s.
 */

import { contactPoint, deviceModel } from '../devices';
import type { Box, House } from '../schema';
import { checkBox } from './boxes';
import { chainCycles } from './chains';
import { uniqueIds } from './ids';
import { checkFeeders, checkPanel } from './panels';
import type { HouseProblem } from './problem';
import { references } from './references';
import { ofTheRegion } from './region';

export { pathText, type HouseProblem, type Path } from './problem';

export { parseHouse, shapeProblem, type ParsedHouse } from './parse';

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
