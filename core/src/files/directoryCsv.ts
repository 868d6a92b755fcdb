import {
	breakerTypes,
	editHouse,
	findBreaker,
	sameName,
	type Breaker,
	type Edit,
	type House
} from '../house';
import { evidenceOf } from '../house/evidence';
import { readSpace, spaceText } from './space';
import { readCsv, unguarded, writeCsv, type CsvProblem, type CsvRow } from './csv';

export const directoryColumns = ['panel', 'space', 'rating_a', 'type', 'label', 'how_sure'] as const;

/** What a table would change: edits that `editHouse` takes, each with its line. Nothing is taken where there are problems. */
export interface CsvReading {
	readonly edits: readonly { readonly line: number; readonly edit: Edit }[];
	readonly problems: readonly CsvProblem[];
	/** Rows that say what is on record already. */
	readonly unchanged: number;
}

/** The directory as a table: one row a breaker. `how_sure` is for the reader and is passed over when read back. */
export function directoryCsv(house: House): string {
	const rows = house.panels.flatMap((panel) =>
		panel.breakers.map((breaker) => {
			const evidence = evidenceOf(house, breaker);
			const sure =
				evidence.level === 'found'
					? `found ${evidence.last.on}`
					: evidence.level === 'contradicted'
						? `contradicted ${evidence.by.on}`
						: evidence.level;
			return [
				panel.name,
				spaceText(breaker),
				String(breaker.ratingA),
				breaker.type ?? 'plain',
				breaker.label,
				sure
			];
		})
	);
	return writeCsv(directoryColumns, rows);
}

/** What a directory table would change in a house. Breakers that it doesn't name stay as they are. */
export function readDirectoryCsv(house: House, text: string): CsvReading {
	const { rows, problems: badForm } = readCsv(text, ['space', 'rating_a', 'label']);
	const problems = [...badForm];
	const edits: { line: number; edit: Edit }[] = [];
	const seen = new Map<string, number>();
	let unchanged = 0;
	for (const row of rows) {
		const read = readRow(house, row);
		if ('problem' in read) {
			problems.push(read.problem);
			continue;
		}
		const key = `${read.panel.id} ${spaceText(read)}`;
		const earlier = seen.get(key);
		if (earlier !== undefined) {
			problems.push({
				line: row.line,
				column: 'space',
				value: row.cells.space!,
				code: 'twice',
				detail: String(earlier)
			});
			continue;
		}
		seen.set(key, row.line);
		const edit = editFor(read);
		if (edit) edits.push({ line: row.line, edit });
		else unchanged++;
	}
	return problems.length > 0 ? { edits: [], problems, unchanged } : checked(house, edits, unchanged);
}

/** The edits as far as the house takes them, or the line at which it doesn't. */
export function checked(
	house: House,
	edits: readonly { line: number; edit: Edit }[],
	unchanged: number
): CsvReading {
	const edited = editHouse(
		house,
		edits.map(({ edit }) => edit)
	);
	if (edited.ok) return { edits, problems: [], unchanged };
	const { refusal } = edited;
	return {
		edits: [],
		unchanged,
		problems: [{ line: edits[edited.edit]!.line, column: 'space', value: '', code: 'refused', refusal }]
	};
}

interface DirectoryRow {
	readonly panel: House['panels'][number];
	readonly spaces: number[];
	readonly tandem?: 'a' | 'b';
	readonly ratingA: number;
	readonly type: Breaker['type'];
	readonly label: string;
}

function readRow(house: House, { line, cells }: CsvRow): DirectoryRow | { problem: CsvProblem } {
	const wrong = (column: string, code: CsvProblem['code'], detail?: string) => ({
		problem: { line, column, value: cells[column] ?? '', code, ...(detail ? { detail } : {}) }
	});
	const panel = cells.panel
		? house.panels.find(({ name, id }) => sameName(name, cells.panel!) || id === cells.panel)
		: house.panels[0]!;
	if (!panel) return wrong('panel', 'unknownPanel', house.panels.map(({ name }) => name).join(', '));
	if (!cells.space) return wrong('space', 'missing');
	const place = readSpace(cells.space);
	if (!place) return wrong('space', 'notASpace');
	const ratingA = Number(cells.rating_a!.replace(',', '.').replace(/\s*A$/i, ''));
	if (!cells.rating_a || !(ratingA >= 1 && ratingA <= 200)) return wrong('rating_a', 'notANumber', '1–200');
	const type = breakerTypes.find((each) => each.toLowerCase() === (cells.type || 'plain').toLowerCase());
	if (!type) return wrong('type', 'notOneOf', breakerTypes.join(', '));
	return {
		panel,
		...place,
		ratingA,
		type: type === 'plain' ? undefined : type,
		label: unguarded(cells.label!).slice(0, 80)
	};
}

function editFor({ panel, spaces, tandem, ratingA, type, label }: DirectoryRow): Edit | null {
	const there = panel.breakers.find(
		(breaker) => breaker.spaces[0] === spaces[0] && (breaker.tandem ?? '') === (tandem ?? '')
	);
	if (!there)
		return {
			do: 'addBreaker',
			panel: panel.id,
			spaces,
			ratingA,
			label,
			...(tandem ? { tandem } : {}),
			...(type ? { type } : {})
		};
	const same =
		there.ratingA === ratingA &&
		there.label === label &&
		(there.type ?? 'plain') === (type ?? 'plain') &&
		there.spaces.join() === spaces.join();
	return same ? null : { do: 'setBreaker', breaker: there.id, spaces, ratingA, label, type: type ?? 'plain' };
}

/** The breaker that a table means by a place, in any panel where none is named: `14`, or `Shed panel 2`. */
export function breakerAt(house: House, text: string): Breaker | undefined {
	const found = /^(.*?)\s*(\d{1,2}(?:\+\d{1,2})?[abAB]?)$/.exec(text.trim());
	const place = found && readSpace(found[2]!);
	if (!found || !place) return findBreaker(house, text.trim());
	const panel = found[1] ? house.panels.find(({ name }) => sameName(name, found[1]!)) : house.panels[0];
	return panel?.breakers.find(
		({ spaces, tandem }) => spaces.includes(place.spaces[0]!) && (tandem ?? '') === (place.tandem ?? '')
	);
}
