import { chainOfCircuit } from './topology';
import { findBox, placeName } from './lookup';
import type { Breaker, House } from './schema';

type Finding = Breaker['findings'][number];

/** How sure one is of what a directory says of a breaker. */
export type Evidence =
	/** Nothing is written, nothing was found. */
	| { readonly level: 'blank' }
	/** Somebody wrote it; nobody has tested it. */
	| { readonly level: 'claimed' }
	/** Found by test: it feeds these boxes. `last` is the newest of the findings. */
	| { readonly level: 'found'; readonly boxes: readonly string[]; readonly last: Finding }
	/** A test spoke against what the label or the record says. */
	| { readonly level: 'contradicted'; readonly by: Finding };

/** The last word on each box a breaker was tested for. */
export function latestFindings({ findings }: Breaker): Finding[] {
	const last = new Map<string, Finding>();
	for (const finding of findings) {
		last.delete(finding.box);
		last.set(finding.box, finding);
	}
	return [...last.values()];
}

/**
 * How sure the directory is of a breaker. Contradicted: it was found not to feed a box of a place its label names or of a circuit that is recorded on it, and
 * nothing found since says what it does feed.
 */
export function evidenceOf(house: House, breaker: Breaker): Evidence {
	const latest = latestFindings(breaker);
	const feeds = latest.filter(({ finding }) => finding === 'feeds');
	const last = feeds.at(-1);
	if (last) return { level: 'found', boxes: feeds.map(({ box }) => box), last };
	const recorded = new Set(
		house.circuits
			.filter((circuit) => circuit.breaker === breaker.id)
			.flatMap(({ id }) => chainOfCircuit(house, id).map(({ box }) => box.id))
	);
	const by = latest.find(
		({ finding, box }) =>
			finding === 'doesNotFeed' && (recorded.has(box) || namesPlace(house, breaker.label, box))
	);
	if (by) return { level: 'contradicted', by };
	return breaker.label === '' ? { level: 'blank' } : { level: 'claimed' };
}

/** Words of a label or a name, without case, marks and endings that only count. */
export const wordsOf = (text: string): string[] =>
	text
		.normalize('NFKD')
		.toLocaleLowerCase()
		.split(/[^\p{L}\p{N}]+/u)
		.filter((word) => word.length > 1);

/** Words that say nothing about which place is meant. */
const commonWords = new Set([
	'room',
	'rm',
	'the',
	'and',
	'outlet',
	'outlets',
	'plug',
	'plugs',
	'socket',
	'sockets',
	'recept',
	'wall',
	'circuit',
	'power'
]);
export const tellingWords = (text: string): string[] =>
	wordsOf(text).filter((word) => !commonWords.has(word));

/** Two words mean the same place if they are the same or one shortens the other: “bed” and “bedroom”. */
export const sameWord = (a: string, b: string): boolean =>
	a === b || (a.length >= 3 && b.startsWith(a)) || (b.length >= 3 && a.startsWith(b));

/** Whether a label names the room of a box. */
export function namesPlace(house: House, label: string, boxId: string): boolean {
	const box = findBox(house, boxId);
	if (!box) return false;
	const room = house.rooms.find(({ id }) => id === box.room)?.name ?? placeName(house, box);
	return tellingWords(label).some((word) => tellingWords(room).some((other) => sameWord(word, other)));
}
