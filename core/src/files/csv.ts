import Papa from 'papaparse';
import type { Edited } from '../house';

/** A row of a table with the line it begins on in the file, from 1. */
export interface CsvRow {
	readonly line: number;
	readonly cells: Readonly<Record<string, string>>;
}

/** What is wrong with a table, by line and column as the file has them. */
export interface CsvProblem {
	readonly line: number;
	readonly column: string;
	readonly value: string;
	readonly code:
		| 'noRows'
		| 'missingColumn'
		| 'missing'
		| 'notANumber'
		| 'notASpace'
		| 'notOneOf'
		| 'twice'
		| 'unknownPanel'
		| 'unknownOutlet'
		| 'afterItself'
		| 'onTwoChains'
		| 'newNeedsBreaker'
		| 'unclosedQuote'
		| 'tooManyCells'
		| 'refused';
	/** What would be right, where there is such. */
	readonly detail?: string;
	/** Why the house doesn’t take it, of `refused`. */
	readonly refusal?: Extract<Edited, { ok: false }>['refusal'];
}

/**
 * Reads a table with a heading row: commas, semicolons or tabs between cells, quoted or not, with or without a byte order mark. Empty lines are passed over;
 * columns that nobody asks for too.
 */
export function readCsv(
	text: string,
	columns: readonly string[]
): { rows: CsvRow[]; problems: CsvProblem[] } {
	const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
		delimiter: delimiterOf(text),
		skipEmptyLines: false
	});
	const problems: CsvProblem[] = [];
	let line = 1;
	const numbered = parsed.data.map((cells) => {
		const at = line;
		line += 1 + cells.join('').split('\n').length - 1;
		return { line: at, cells };
	});
	const filled = numbered.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
	for (const error of parsed.errors)
		if (error.type === 'Quotes')
			problems.push({
				line: numbered[error.row ?? 0]?.line ?? 1,
				column: '',
				value: '',
				code: 'unclosedQuote'
			});
	const [head, ...body] = filled;
	if (!head || body.length === 0)
		return { rows: [], problems: [...problems, { line: 1, column: '', value: '', code: 'noRows' }] };
	const names = head.cells.map((cell) => cell.trim().toLowerCase().replace(/\s+/g, '_'));
	for (const column of columns)
		if (!names.includes(column)) problems.push({ line: head.line, column, value: '', code: 'missingColumn' });
	if (problems.length > 0) return { rows: [], problems };
	const rows = body.map(({ line: at, cells }) => {
		if (cells.slice(names.length).some((cell) => cell.trim() !== ''))
			problems.push({ line: at, column: names.at(-1)!, value: cells[names.length]!, code: 'tooManyCells' });
		return { line: at, cells: Object.fromEntries(names.map((name, k) => [name, (cells[k] ?? '').trim()])) };
	});
	return { rows, problems };
}

/** What stands between the cells: of comma, semicolon and tab the one that cuts the heading into most. */
function delimiterOf(text: string): string {
	const head = text.split(/\r?\n/).find((line) => line.trim() !== '') ?? '';
	return [',', ';', '\t'].reduce((best, each) =>
		head.split(each).length > head.split(best).length ? each : best
	);
}

/** A table with a heading row, quoted where needed. A cell that a spreadsheet would take for a formula is led by an apostrophe; reading takes it off again. */
export const writeCsv = (columns: readonly string[], rows: readonly (readonly string[])[]): string =>
	`${Papa.unparse({ fields: [...columns], data: rows.map((row) => row.map(guarded)) }, { newline: '\r\n' })}\r\n`;

const guarded = (cell: string): string => (/^[=+\-@\t']/.test(cell) ? `'${cell}` : cell);
export const unguarded = (cell: string): string => (/^'[=+\-@\t']/.test(cell) ? cell.slice(1) : cell);
