import { allBreakers, editHouse, newHome, namesPlace, type Edit, type House } from '../src/house';
import {
	candidatesFor,
	lookCostS,
	searchStand,
	type Candidate,
	type SearchEvent,
	type SearchSettings
} from '../src/search';

/** A generator of numbers in [0, 1) from a seed (mulberry32). */
export function seeded(seed: number): () => number {
	let a = seed >>> 0;
	return () => {
		a = (a + 0x6d2b79f5) >>> 0;
		let t = Math.imul(a ^ (a >>> 15), 1 | a);
		t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
}

const roomNames = [
	'Kitchen',
	'Den',
	'Bedroom',
	'Nursery',
	'Garage',
	'Porch',
	'Study',
	'Laundry',
	'Attic',
	'Bath',
	'Hall',
	'Library',
	'Pantry',
	'Workshop',
	'Cellar',
	'Sunroom',
	'Guest',
	'Loft',
	'Dining',
	'Studio'
];

export interface Panelled {
	readonly house: House;
	readonly box: string;
	/** The breaker that really feeds it. */
	readonly truth: string;
}

/** A us panel of 12 to 40 breakers, each really feeding a room; a label names that room with probability `labelsRight`, otherwise any other. */
export function randomPanel(random: () => number, labelsRight: number): Panelled {
	const count = 12 + Math.floor(random() * 29);
	const pick = <Item>(items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!;
	const feeds = Array.from({ length: count }, () => pick(roomNames));
	const truth = Math.floor(random() * count);
	const edits: Edit[] = [
		...roomNames.map((name): Edit => ({ do: 'addRoom', name })),
		...feeds.map((room, k): Edit => ({
			do: 'addBreaker',
			panel: 'main',
			spaces: [k + 1],
			ratingA: random() < 0.6 ? 15 : 20,
			label: random() < labelsRight ? room : pick(roomNames.filter((other) => other !== room))
		})),
		{ do: 'addOutlet', room: feeds[truth]!.toLowerCase(), name: 'outlet' }
	];
	const edited = editHouse(
		newHome({ name: 'Home', region: 'us', spaces: 42, mainRatingA: 200, place: 'hall' }),
		edits
	);
	if (!edited.ok) throw new Error(JSON.stringify(edited));
	return { house: edited.house, box: edited.house.boxes[0]!.id, truth: `b${truth + 1}` };
}

export interface Walked {
	readonly walks: number;
	readonly switched: number;
	readonly seconds: number;
	readonly moves: number;
	readonly right: boolean;
}

/** What a person answers: what they see is so; what they hear is so as often as the radio is heard rightly. */
type Answerer = (off: readonly string[], by: 'lamp' | 'radio' | 'helper') => 'dark' | 'on';
export const honest =
	(random: () => number, truth: readonly string[], hearing: number): Answerer =>
	(off, by) => {
		const dark = truth.length > 0 && truth.every((id) => off.includes(id));
		const mistaken = by === 'radio' && random() > hearing;
		return dark !== mistaken ? 'dark' : 'on';
	};

/** Follows the search to its end. The walk that proves the end is counted where the answers came by ear or by call. */
export function follow(
	candidates: readonly Candidate[],
	settings: SearchSettings,
	answer: Answerer,
	isTrue: (breaker: string) => boolean,
	sweep: () => string | null = () => null,
	onPlanned: () => void = () => {}
): Walked & {
	readonly end: string;
	/** More are named than feed it, the one that does among them: dead all the same. */
	readonly among: boolean;
	readonly events: readonly SearchEvent[];
} {
	const events: SearchEvent[] = [];
	let walks = 0;
	let switched = 0;
	let seconds = 0;
	const cost = new Map(candidates.map(({ id, costS }) => [id, costS]));
	for (let moves = 0; moves < 100; moves++) {
		const { next, end } = searchStand(candidates, settings, events);
		onPlanned();
		if (end || !next) {
			const found = end?.kind === 'found' ? end.breaker : null;
			const last = events.findLast((event) => event.kind === 'answer');
			const unseen = last?.by !== 'lamp';
			if (unseen) {
				walks++;
				seconds += settings.walkS;
			}
			// The reading at the outlet shows what was misheard; then it goes on.
			if (found !== null && unseen && !isTrue(found) && walks < 60) {
				events.push({ kind: 'answer', off: [found], answer: 'on', by: 'lamp' });
				continue;
			}
			return {
				walks,
				switched,
				seconds,
				moves,
				right: found !== null && isTrue(found),
				among: end?.kind === 'several' && end.breakers.some(isTrue),
				end: end?.kind ?? 'none',
				events
			};
		}
		if (next.kind === 'sweep') {
			walks++;
			seconds += settings.walkS + 60;
			events.push({ kind: 'signal', strongest: sweep() });
			continue;
		}
		switched += next.off.length;
		seconds += lookCostS(next.by, settings) + next.off.reduce((sum, id) => sum + cost.get(id)!, 0);
		if (next.by === 'lamp') walks++;
		events.push({ kind: 'answer', off: next.off, answer: answer(next.off, next.by), by: next.by });
	}
	return { walks, switched, seconds, moves: 100, right: false, among: false, end: 'endless', events };
}

/** One breaker after another in a fixed order, by the same means; what is misheard is found out at the outlet, and the round begun again. */
export function inFixedOrder(
	order: readonly string[],
	candidates: readonly Candidate[],
	settings: SearchSettings,
	answer: Answerer,
	truth: string
): Walked {
	const by = settings.means === 'signal' ? 'lamp' : settings.means;
	const cost = new Map(candidates.map(({ id, costS }) => [id, costS]));
	let walks = 0;
	let switched = 0;
	let seconds = 0;
	let moves = 0;
	for (let round = 0; round < 5; round++)
		for (const id of order) {
			moves++;
			switched++;
			seconds += lookCostS(by, settings) + cost.get(id)!;
			if (by === 'lamp') walks++;
			if (answer([id], by) !== 'dark') continue;
			if (by !== 'lamp') {
				walks++;
				seconds += settings.walkS;
			}
			if (id === truth) return { walks, switched, seconds, moves, right: true };
		}
	return { walks, switched, seconds, moves, right: false };
}

export const topToBottom = (house: House): string[] => allBreakers(house).map(({ id }) => id);
/** Those whose label names the room first, the rest from the top. */
export const labelFirst = ({ house, box }: Panelled): string[] => {
	const named = allBreakers(house).filter(({ label }) => namesPlace(house, label, box));
	return [...named, ...allBreakers(house).filter((breaker) => !named.includes(breaker))].map(({ id }) => id);
};
export const candidatesOf = ({ house, box }: Panelled): Candidate[] => candidatesFor(house, box);
