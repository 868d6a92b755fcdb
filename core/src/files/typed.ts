import { editHouse, type Edit, type House } from '../house';
import { readSpace } from './space';
import { regions } from '../rules';

/** A line as somebody types it, with what could not be made of it. */
export interface TypedProblem {
	readonly line: number;
	readonly text: string;
	readonly code: 'noSpace' | 'noRating' | 'noRoom' | 'twice' | 'doesNotFit';
}
export interface Typed {
	readonly edits: readonly Edit[];
	readonly problems: readonly TypedProblem[];
}

/**
 * A directory as one copies it from a panel's door, a breaker a line: `14 15A Sewing room`, `5+7 30 Dryer`, `3a: 15 Hall`. The rating may be left out;
 * it is then taken to be the usual one (15 A us, 32 A uk). A line with a space and nothing else is a breaker without a label.
 */
export function readTypedDirectory(house: House, text: string): Typed {
	const usualA = regions[house.region].custom.usualBreakerA;
	const edits: Edit[] = [];
	const problems: TypedProblem[] = [];
	let now = house;
	const seen = new Set<string>();
	numbered(text).forEach(({ line, text: row }) => {
		const found =
			/^\s*(\d{1,2}(?:\s*[+&/]\s*\d{1,2})?\s*[abAB]?)(?![\p{L}\p{N}])[\s.,;:)\-–—]*(?:(\d{1,3})\s*(?:A|amps?)?(?![\p{L}\p{N}])[\s.,;:\-–—]*)?(.*)$/u.exec(
				row
			);
		const place = found && readSpace(found[1]!);
		if (!found || !place) return void problems.push({ line, text: row, code: 'noSpace' });
		const ratingA = found[2] ? Number(found[2]) : usualA;
		if (!(ratingA >= 1 && ratingA <= 200)) return void problems.push({ line, text: row, code: 'noRating' });
		const key = `${place.spaces.join('+')}${place.tandem ?? ''}`;
		if (seen.has(key)) return void problems.push({ line, text: row, code: 'twice' });
		seen.add(key);
		const edit: Edit = {
			do: 'addBreaker',
			panel: house.panels[0]!.id,
			...place,
			ratingA,
			label: found[3]!.trim().slice(0, 80)
		};
		const edited = editHouse(now, [edit]);
		if (!edited.ok) return void problems.push({ line, text: row, code: 'doesNotFit' });
		now = edited.house;
		edits.push(edit);
	});
	return { edits, problems };
}

/** Rooms and what is in them, a room a line: `Sewing room: east wall, door`. A room without a colon has no outlets yet. */
export function readTypedRooms(house: House, text: string): Typed {
	const edits: Edit[] = [];
	const problems: TypedProblem[] = [];
	let now = house;
	const take = (edit: Edit): boolean => {
		const edited = editHouse(now, [edit]);
		if (!edited.ok) return false;
		now = edited.house;
		edits.push(edit);
		return true;
	};
	numbered(text).forEach(({ line, text: row }) => {
		const [name = '', ...rest] = row.split(/[:：]/);
		if (name.trim() === '') return void problems.push({ line, text: row, code: 'noRoom' });
		if (!take({ do: 'addRoom', name: name.trim().slice(0, 80) }))
			return void problems.push({ line, text: row, code: 'twice' });
		const room = now.rooms.at(-1)!.id;
		const outlets = rest
			.join(':')
			.split(/[,;，、]/)
			.map((each) => each.trim().slice(0, 80))
			.filter(Boolean);
		if (outlets.some((each) => !take({ do: 'addOutlet', room, name: each })))
			problems.push({ line, text: row, code: 'twice' });
	});
	return { edits, problems };
}

const numbered = (text: string): { line: number; text: string }[] =>
	text
		.replace(/^\uFEFF/, '')
		.split(/\r?\n/)
		.map((row, k) => ({ line: k + 1, text: row.trim() }))
		.filter(({ text: row }) => row !== '');
