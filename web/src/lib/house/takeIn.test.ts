import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded } from '@wary/core/demo';
import { words as w } from '$words/house/files';
import { takeIn } from './takeIn';

const house = fennelLaneRecorded();

describe('taking in a file', () => {
	test('one line typed as the directory is one change, in words', () => {
		const panel = house.panels[0]!;
		const larger = { ...house, panels: [{ ...panel, spaces: panel.spaces + 2 }, ...house.panels.slice(1)] };
		const one = takeIn('directory', `${panel.spaces + 1} 15 Somewhere else`, larger);
		if ('problems' in one) throw new Error(JSON.stringify(one.problems));
		expect(one.edits.length).toBeGreaterThan(0);
		expect(one.lines.join()).toMatch(/Somewhere else/);
		expect(takeIn('directory', `${panel.breakers[0]!.spaces[0]} 15 Somewhere else`, house)).toMatchObject({
			problems: [{ what: w.thatSpaceIsTakenOr }]
		});
	});
	test.each([
		['directory', '  ', '', w.chooseAFileOrPaste],
		['directory', 'x'.repeat(900_001), '', w.thatIsLargerThan0],
		['house', '{ "name": ', '', w.thisIsntJsonABracket],
		['house', JSON.stringify({ ...house, region: 'uk' }), null, null],
		['directory', 'the kitchen one', w.line3(1, 'the kitchen one'), w.beginsWithNoSpaceNumber]
	] as const)('%s that can’t be taken says why, and where', (kind, text, where, what) => {
		const taken = takeIn(kind, text, house);
		if (!('problems' in taken)) throw new Error('taken');
		expect(taken.problems.length).toBeGreaterThan(0);
		if (what !== null) expect(taken.problems[0]).toEqual({ where, what });
	});
	test('a house of the other region is refused by its region', () => {
		const taken = takeIn('house', JSON.stringify(house), { ...house, region: 'uk' });
		expect(taken).toEqual({ problems: [{ where: 'region', what: w.thisHomeIsTheFile('uk', 'us') }] });
	});
});
