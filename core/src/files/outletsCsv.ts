import {
	cablesInBox,
	circuitsInBox,
	editHouse,
	findBox,
	findCircuit,
	panelOf,
	sameName,
	type Box,
	type Edit,
	type House
} from '../house';
import { readCsv, unguarded, writeCsv, type CsvProblem, type CsvRow } from './csv';
import { breakerAt, type CsvReading } from './directoryCsv';
import { spaceText } from './space';

export const outletColumns = [
	'room',
	'outlet',
	'device',
	'rating_a',
	'circuit',
	'breaker',
	'after',
	'branch'
] as const;
const kinds = ['duplex', 'twoSlot', 'single', 'socketSingle', 'socketTwin'] as const;

/** The outlets as a table, in feed order by circuit; `after` is the outlet before it as `Room / outlet`, or `panel`; empty where not placed. */
export function outletsCsv(house: House): string {
	const rows = inFeedOrder(house).map((box) => {
		const spot = spotOf(house, box.id);
		const circuit = circuitsInBox(house, box.id)[0];
		const device = box.device?.kind ?? '';
		const rating = box.device && 'ratingA' in box.device ? String(box.device.ratingA) : '';
		return [
			roomName(house, box),
			box.name,
			device,
			rating,
			circuit?.name ?? '',
			circuit ? breakerText(house, circuit.breaker) : '',
			spot?.after ?? '',
			spot?.branch ? 'yes' : ''
		];
	});
	return writeCsv(outletColumns, rows);
}

const roomName = (house: House, box: Box): string =>
	house.rooms.find(({ id }) => id === box.room)?.name ?? box.room;
const fullName = (house: House, box: Box): string => `${roomName(house, box)} / ${box.name}`;
const breakerText = (house: House, id: string): string => {
	const panel = panelOf(house, id)!;
	const text = spaceText(panel.breakers.find((breaker) => breaker.id === id)!);
	return panel === house.panels[0] ? text : `${panel.name} ${text}`;
};

function inFeedOrder(house: House): Box[] {
	const order = new Map<string, number>();
	for (const { id } of house.circuits) {
		const walk = (boxId: string) => {
			if (order.has(boxId)) return;
			order.set(boxId, order.size);
			for (const cable of house.cables)
				if (cable.circuit === id && 'box' in cable.from && cable.from.box === boxId) walk(cable.to.box);
		};
		for (const cable of house.cables) if (cable.circuit === id && 'panel' in cable.from) walk(cable.to.box);
	}
	return [...house.boxes].sort((a, b) => (order.get(a.id) ?? Infinity) - (order.get(b.id) ?? Infinity) || 0);
}

/** Where a box stands on its circuit; null where it isn't placed. */
function spotOf(house: House, boxId: string): { circuit: string; after: string; branch: boolean } | null {
	const into = cablesInBox(house, boxId)
		.filter(({ end }) => end === 'to')
		.map(({ cable }) => cable);
	// The last box of a ring is fed from both sides; its place is after the box before it.
	const cable = into.find(({ from }) => 'box' in from) ?? into[0];
	if (!cable) return null;
	if ('panel' in cable.from) return { circuit: cable.circuit, after: 'panel', branch: false };
	const before = cable.from.box;
	const onward = house.cables.find(
		({ circuit, from }) => circuit === cable.circuit && 'box' in from && from.box === before
	);
	return {
		circuit: cable.circuit,
		after: fullName(house, findBox(house, before)!),
		branch: onward !== cable
	};
}

/** What a table of outlets would change. Outlets that it doesn't name stay as they are. */
export function readOutletsCsv(house: House, text: string): CsvReading {
	const { rows, problems: badForm } = readCsv(text, ['room', 'outlet']);
	const problems: CsvProblem[] = [...badForm];
	const named = new Map<string, CsvRow>();
	for (const row of rows) {
		const key = keyOf(row);
		const { room, outlet } = row.cells;
		if (!room || !outlet)
			problems.push({ line: row.line, column: room ? 'outlet' : 'room', value: '', code: 'missing' });
		const earlier = named.get(key);
		if (earlier) {
			const twoChains =
				earlier.cells.circuit && row.cells.circuit && !sameName(earlier.cells.circuit, row.cells.circuit);
			problems.push({
				line: row.line,
				column: twoChains ? 'circuit' : 'outlet',
				value: `${room} / ${outlet}`,
				code: twoChains ? 'onTwoChains' : 'twice',
				detail: String(earlier.line)
			});
		}
		named.set(key, row);
	}
	const ordered = inOrder(rows, named, problems);
	if (problems.length > 0) return { edits: [], problems, unchanged: 0 };
	return collect(house, ordered);
}

const keyOf = ({ cells }: CsvRow): string =>
	`${unguarded(cells.room ?? '')} / ${unguarded(cells.outlet ?? '')}`.toLocaleLowerCase();

/** Rows so that an outlet comes after the one it is fed from; a chain that leads back to itself is named. */
function inOrder(
	rows: readonly CsvRow[],
	named: ReadonlyMap<string, CsvRow>,
	problems: CsvProblem[]
): CsvRow[] {
	const done = new Set<CsvRow>();
	const visit = (row: CsvRow, open: ReadonlySet<CsvRow>) => {
		if (done.has(row)) return;
		if (open.has(row))
			return void problems.push({
				line: row.line,
				column: 'after',
				value: row.cells.after ?? '',
				code: 'afterItself'
			});
		const before = named.get(unguarded(row.cells.after ?? '').toLocaleLowerCase());
		if (before) visit(before, new Set([...open, row]));
		done.add(row);
	};
	for (const row of rows) visit(row, new Set());
	return [...done];
}

function collect(house: House, rows: readonly CsvRow[]): CsvReading {
	const edits: { line: number; edit: Edit }[] = [];
	let now = house;
	let unchanged = 0;
	for (const row of rows) {
		const before = edits.length;
		const problem = takeRow(row, {
			house: () => now,
			take: (edit) => {
				const edited = editHouse(now, [edit]);
				if (!edited.ok) return edited.refusal;
				now = edited.house;
				edits.push({ line: row.line, edit });
				return null;
			}
		});
		if (problem) return { edits: [], problems: [problem], unchanged };
		if (edits.length === before) unchanged++;
	}
	return { edits, problems: [], unchanged };
}

interface Taking {
	readonly house: () => House;
	/** Makes an edit; the reason where it is refused. */
	readonly take: (edit: Edit) => CsvProblem['refusal'] | null;
}

type Wrong = (
	column: string,
	code: CsvProblem['code'],
	more?: Pick<CsvProblem, 'detail' | 'refusal'>
) => CsvProblem;

function takeRow({ line, cells }: CsvRow, { house, take }: Taking): CsvProblem | null {
	const wrong: Wrong = (column, code, more = {}) => ({
		line,
		column,
		value: cells[column] ?? '',
		code,
		...more
	});
	const room = unguarded(cells.room!);
	const name = unguarded(cells.outlet!);
	const kind = cells.device
		? kinds.find((each) => each.toLowerCase() === cells.device!.toLowerCase())
		: undefined;
	const roomOf = () => house().rooms.find((each) => sameName(each.name, room));
	const boxOf = () => house().boxes.find((box) => box.room === roomOf()?.id && sameName(box.name, name));
	if (cells.device && !kind && cells.device !== boxOf()?.device?.kind)
		return wrong('device', 'notOneOf', { detail: kinds.join(', ') });
	const ratingA = cells.rating_a ? Number(cells.rating_a.replace(',', '.')) : undefined;
	if (ratingA !== undefined && !(ratingA >= 1 && ratingA <= 63))
		return wrong('rating_a', 'notANumber', { detail: '1–63' });
	if (!roomOf()) {
		const refused = take({ do: 'addRoom', name: room });
		if (refused) return wrong('room', 'refused', { refusal: refused });
	}
	if (!boxOf()) {
		const refused = take({
			do: 'addOutlet',
			room: roomOf()!.id,
			name,
			...(kind ? { kind } : {}),
			...(ratingA ? { ratingA } : {})
		});
		if (refused) return wrong('outlet', 'refused', { refusal: refused });
	}
	return cells.circuit || cells.after ? placeRow(boxOf()!.id, cells, { house, take }, wrong) : null;
}

function placeRow(
	boxId: string,
	cells: CsvRow['cells'],
	{ house, take }: Taking,
	wrong: Wrong
): CsvProblem | null {
	const circuitName = unguarded(cells.circuit ?? '');
	const breaker = cells.breaker ? breakerAt(house(), cells.breaker) : undefined;
	if (cells.breaker && !breaker) return wrong('breaker', 'notASpace');
	const circuitOf = () => house().circuits.find(({ name }) => sameName(name, circuitName));
	if (!circuitName) return wrong('circuit', 'missing');
	if (!circuitOf()) {
		if (!breaker) return wrong('breaker', 'newNeedsBreaker');
		const refused = take({ do: 'addCircuit', name: circuitName, breaker: breaker.id });
		if (refused) return wrong('circuit', 'refused', { refusal: refused });
	} else if (breaker && circuitOf()!.breaker !== breaker.id) {
		const refused = take({ do: 'setCircuit', circuit: circuitOf()!.id, breaker: breaker.id });
		if (refused) return wrong('breaker', 'refused', { refusal: refused });
	}
	const afterName = unguarded(cells.after ?? '');
	const after = house().boxes.find((box) => sameName(fullName(house(), box), afterName));
	if (afterName && !sameName(afterName, 'panel') && !after) return wrong('after', 'unknownOutlet');
	const branch = /^(y|yes|1|true)$/i.test(cells.branch ?? '');
	const wanted = after ? { box: after.id } : 'panel';
	const now = spotOf(house(), boxId);
	const isThere =
		now !== null &&
		findCircuit(house(), now.circuit) === circuitOf() &&
		(!afterName || (sameName(now.after, afterName || 'panel') && now.branch === branch));
	if (isThere) return null;
	const refused = take({
		do: 'placeBox',
		box: boxId,
		spot: { circuit: circuitOf()!.id, after: wanted, ...(branch ? { branch } : {}) }
	});
	return refused ? wrong('after', 'refused', { refusal: refused }) : null;
}
