import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { chainOfCircuit, editHouse, newHome, type House } from '../house';
import { directoryCsv, outletsCsv, readDirectoryCsv, readOutletsCsv, type CsvReading } from './index';

const taken = (house: House, reading: CsvReading): House => {
	expect(reading.problems).toEqual([]);
	const edited = editHouse(
		house,
		reading.edits.map(({ edit }) => edit)
	);
	if (!edited.ok) throw new Error(JSON.stringify(edited));
	return edited.house;
};
const empty = () => newHome({ name: 'New', region: 'us', spaces: 20, mainRatingA: 100, place: 'hall' });

describe('directory as a table', () => {
	it('read back, it changes nothing', () => {
		for (const house of [fennelLaneRecorded(), tanneryRow()]) {
			const read = readDirectoryCsv(house, directoryCsv(house));
			expect(read).toEqual({ edits: [], problems: [], unchanged: house.panels[0]!.breakers.length });
		}
	});

	it('fills an empty panel, and then says the same', () => {
		const text = directoryCsv(fennelLaneRecorded());
		const filled = taken(empty(), readDirectoryCsv(empty(), text));
		const untested = fennelLaneRecorded().panels[0]!.breakers.map((breaker) => ({
			...breaker,
			findings: []
		}));
		expect(filled.panels[0]!.breakers).toEqual(untested);
		// How sure one is isn't taken from a table: a test is made, not written down.
		const sure = /,(found|contradicted|claimed)[^\r]*/g;
		expect(directoryCsv(filled).replace(sure, '')).toBe(text.replace(sure, ''));
	});

	it.each([
		[
			'semicolons, and a decimal comma',
			'space;rating_a;label\r\n3;15,0;den; spare'.replace('; spare', '\r\n')
		],
		['a byte order mark and quotes', '\uFEFF"space","rating_a","label"\n"3","15","den"\n'],
		['tabs, capitals, empty lines', 'Space\tRating_A\tLabel\n\n3\t15 A\tden\n\n']
	])('takes %s', (_, text) => {
		const read = readDirectoryCsv(empty(), text);
		expect(read.edits.map(({ edit }) => edit)).toEqual([
			{ do: 'addBreaker', panel: 'main', spaces: [3], ratingA: 15, label: 'den' }
		]);
	});

	it('keeps commas, quotes and line breaks inside a label, and what a spreadsheet would run', () => {
		const labels = ['sewing, "east"', 'two\nlines', '=1+1', "'quoted'", '-3'];
		const house = fennelLaneRecorded();
		const labelled = {
			...house,
			panels: [
				{
					...house.panels[0]!,
					breakers: house.panels[0]!.breakers.map((each, k) => ({ ...each, label: labels[k] ?? each.label }))
				}
			]
		};
		expect(directoryCsv(labelled)).toContain("'=1+1");
		expect(readDirectoryCsv(labelled, directoryCsv(labelled))).toMatchObject({ edits: [], problems: [] });
	});

	it.each([
		['nothing', '', { line: 1, code: 'noRows' }],
		['a heading alone', 'space,rating_a,label\n', { line: 1, code: 'noRows' }],
		[
			'no column of spaces',
			'place,rating_a,label\n1,15,den\n',
			{ line: 1, column: 'space', code: 'missingColumn' }
		],
		[
			'a rating in words',
			'space,rating_a,label\n1,15,a\n2,fifteen,b\n',
			{ line: 3, column: 'rating_a', value: 'fifteen', code: 'notANumber' }
		],
		[
			'a space that is none',
			'space,rating_a,label\nleft,15,a\n',
			{ line: 2, column: 'space', value: 'left', code: 'notASpace' }
		],
		[
			'one space twice',
			'space,rating_a,label\n1,15,a\n1,20,b\n',
			{ line: 3, column: 'space', code: 'twice', detail: '2' }
		],
		[
			'two claiming one space',
			'space,rating_a,label\n5+7,30,dryer\n7,15,b\n',
			{
				line: 3,
				code: 'refused',
				refusal: { code: 'wouldBeWrong', problem: { code: 'spaceTaken', space: 7, by: 'b5' } }
			}
		],
		['two poles across columns', 'space,rating_a,label\n5+6,30,dryer\n', { line: 2, code: 'refused' }],
		[
			'another panel',
			'panel,space,rating_a,label\nShed,1,15,a\n',
			{ line: 2, column: 'panel', code: 'unknownPanel' }
		],
		['an unclosed quote', 'space,rating_a,label\n1,15,"a\n2,15,b\n', { code: 'unclosedQuote' }]
	])('names the place of %s, and takes nothing', (_, text, problem) => {
		const read = readDirectoryCsv(empty(), text);
		expect(read.edits).toEqual([]);
		expect(read.problems[0]).toMatchObject(problem);
	});

	it('200 rows for a panel of 20: says where the panel ends', () => {
		const text = `space,rating_a,label\n${Array.from({ length: 200 }, (_, k) => `${(k % 84) + 1},15,x`).join('\n')}\n`;
		const read = readDirectoryCsv(empty(), text);
		expect(read.edits).toEqual([]);
		expect(read.problems.length).toBe(116);
		const long = readDirectoryCsv(
			empty(),
			`space,rating_a,label\n${Array.from({ length: 40 }, (_, k) => `${k + 1},15,x`).join('\n')}\n`
		);
		expect(long.problems[0]).toMatchObject({
			line: 22,
			code: 'refused',
			refusal: { code: 'wouldBeWrong', problem: { code: 'spaceOutside', space: 21, spaces: 20 } }
		});
	});

	it('any labels and ratings come back as they went', () => {
		const row = fc.record({
			label: fc.string({ unit: 'grapheme', maxLength: 30 }),
			ratingA: fc.integer({ min: 1, max: 200 })
		});
		fc.assert(
			fc.property(fc.array(row, { minLength: 1, maxLength: 20 }), (rows) => {
				const house = empty();
				const edits = rows.map(({ label, ratingA }, k) => ({
					do: 'addBreaker' as const,
					panel: 'main',
					spaces: [k + 1],
					ratingA,
					label: label.trim()
				}));
				const edited = editHouse(house, edits);
				if (!edited.ok) throw new Error(JSON.stringify(edited));
				expect(taken(house, readDirectoryCsv(house, directoryCsv(edited.house))).panels).toEqual(
					edited.house.panels
				);
			}),
			drawn(20261124, 300)
		);
	});
});

describe('outlets as a table', () => {
	it('read back, it changes nothing, radial, ring and branch', () => {
		for (const house of [fennelLaneRecorded(), tanneryRow()]) {
			const read = readOutletsCsv(house, outletsCsv(house));
			expect(read).toEqual({ edits: [], problems: [], unchanged: house.boxes.length });
		}
		const branched = editHouse(fennelLaneRecorded(), [
			{
				do: 'addOutlet',
				room: 'sewing',
				name: 'branch',
				spot: { circuit: 'sewing', after: { box: 'sewing-east-wall' }, branch: true }
			}
		]);
		if (!branched.ok) throw new Error();
		expect(readOutletsCsv(branched.house, outletsCsv(branched.house)).edits).toEqual([]);
	});

	it('builds rooms, circuits and chains in feed order, whatever the order of the rows', () => {
		const text =
			'room,outlet,circuit,breaker,after\nDen,desk,Den,3,Den / door\nDen,door,Den,3,panel\nHall,coats,,,\n';
		const base = taken(empty(), readDirectoryCsv(empty(), 'space,rating_a,label\n3,15,den\n'));
		const house = taken(base, readOutletsCsv(base, text));
		expect(chainOfCircuit(house, 'den').map(({ box }) => box.name)).toEqual(['door', 'desk']);
		expect(house.boxes.find(({ name }) => name === 'coats')!.terminations).toEqual([]);
		expect(readOutletsCsv(house, outletsCsv(house)).edits).toEqual([]);
	});

	it.each([
		[
			'a chain with a cycle',
			'room,outlet,circuit,breaker,after\nDen,a,Den,3,Den / b\nDen,b,Den,3,Den / a\n',
			{ line: 2, column: 'after', code: 'afterItself' }
		],
		[
			'an outlet on two chains',
			'room,outlet,circuit,breaker\nDen,a,Den,3\nDen,a,Hall,3\n',
			{ line: 3, column: 'circuit', code: 'onTwoChains', detail: '2' }
		],
		[
			'a circuit without a breaker',
			'room,outlet,circuit,breaker\nDen,a,Den,\n',
			{ line: 2, column: 'breaker', code: 'newNeedsBreaker' }
		],
		[
			'a neighbour nobody knows',
			'room,outlet,circuit,breaker,after\nDen,a,Den,3,Den / z\n',
			{ line: 2, column: 'after', code: 'unknownOutlet' }
		],
		[
			'a device that is not made',
			'room,outlet,device\nDen,a,triplex\n',
			{ line: 2, column: 'device', code: 'notOneOf' }
		],
		['no outlet name', 'room,outlet\nDen,\n', { line: 2, column: 'outlet', code: 'missing' }]
	])('names the place of %s, and takes nothing', (_, text, problem) => {
		const base = taken(empty(), readDirectoryCsv(empty(), 'space,rating_a,label\n3,15,den\n'));
		const read = readOutletsCsv(base, text);
		expect(read.edits).toEqual([]);
		expect(read.problems[0]).toMatchObject(problem);
	});
});
