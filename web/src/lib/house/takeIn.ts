import {
	parseHouse,
	readDirectoryCsv,
	readOutletsCsv,
	readTypedDirectory,
	readTypedRooms,
	type CsvProblem
} from '@wary/core/files';
import type { Edit, House } from '@wary/core/house';
import { csvProblemWords } from '$words/csv';
import { editLine } from '$words/editLines';
import { words as w } from '$words/house/files';
import { describePath, describeProblem } from '$words/problems';

export type FileKind = 'directory' | 'outlets' | 'house';

/** What a file would change, in edits and in words; and how many of its rows are so already. */
export interface Preview {
	readonly edits: readonly Edit[];
	readonly lines: readonly string[];
	readonly unchanged: number;
}

/** What is wrong with a file, and where. */
export interface Problem {
	readonly where: string;
	readonly what: string;
}

type Taken = Preview | { readonly problems: readonly Problem[] };

const charactersAtMost = 900_000;

/** Reads a text as a kind of file of this house: what it would change, or everything that is wrong with it. A page fetches this module when there is a file to read. */
export function takeIn(kind: FileKind, text: string, house: House): Taken {
	if (text.trim() === '') return wrong(w.chooseAFileOrPaste);
	if (text.length > charactersAtMost) return wrong(w.thatIsLargerThan0);
	if (kind === 'house') return wholeHouse(text, house);
	const first = text.split(/\r?\n/, 1)[0] ?? '';
	const isTable = /[,;\t]/.test(first) && /space|room/i.test(first);
	return isTable ? table(kind, text, house) : typed(kind, text, house);
}

const wrong = (what: string, where = ''): Taken => ({ problems: [{ where, what }] });

const shown = (edits: readonly Edit[], unchanged: number, house: House): Preview => ({
	edits,
	unchanged,
	lines: edits.map((edit) => editLine(edit, house))
});

function table(kind: 'directory' | 'outlets', text: string, house: House): Taken {
	const read = kind === 'directory' ? readDirectoryCsv(house, text) : readOutletsCsv(house, text);
	const at = ({ line, column }: CsvProblem) => w.line2(line, column ? `, ${column}` : '');
	if (read.problems.length > 0)
		return {
			problems: read.problems.map((problem) => ({
				where: at(problem),
				what: csvProblemWords(problem, house)
			}))
		};
	return shown(
		read.edits.map(({ edit }) => edit),
		read.unchanged,
		house
	);
}

/** As people type it: a line for a breaker, or for a room. */
function typed(kind: 'directory' | 'outlets', text: string, house: House): Taken {
	const read = kind === 'directory' ? readTypedDirectory(house, text) : readTypedRooms(house, text);
	const words = {
		noSpace: w.beginsWithNoSpaceNumber,
		noRating: w.theRatingIsnt1To,
		noRoom: w.noRoomBeforeTheColon,
		twice: w.isThereAlready,
		doesNotFit: w.thatSpaceIsTakenOr
	};
	if (read.problems.length > 0)
		return {
			problems: read.problems.map(({ line, text: row, code }) => ({
				where: w.line3(line, row),
				what: words[code]
			}))
		};
	return shown(read.edits, 0, house);
}

function wholeHouse(text: string, house: House): Taken {
	let value: unknown;
	try {
		value = JSON.parse(text);
	} catch {
		return wrong(w.thisIsntJsonABracket);
	}
	const parsed = parseHouse(value);
	if (!parsed.ok)
		return {
			problems: parsed.problems.map((problem) => ({
				where: describePath(problem.path),
				what: describeProblem(problem)
			}))
		};
	const { name, region, panels, circuits, boxes } = parsed.house;
	if (region !== house.region) return wrong(w.thisHomeIsTheFile(house.region, region), 'region');
	const breakers = panels.flatMap((panel) => panel.breakers).length;
	return {
		edits: [{ do: 'replaceHouse', house: parsed.house }],
		lines: [w.theWholeRecordIsReplaced(name, breakers, circuits.length, boxes.length)],
		unchanged: 0
	};
}
