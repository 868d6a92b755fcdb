import { arrangements, here } from '../src/arrangements';
import { editHouse, settle, type Box, type Cable, type Edit, type House } from '../src/house';
import { mistakesOf } from '../src/mistakes';
import { twoGang } from './twoGang';

type Random = () => number;
const pick = <Item>(random: Random, items: readonly Item[]): Item =>
	items[Math.floor(random() * items.length)]!;

/** A house as it is on record, and as it really is. */
export interface HiddenFaults {
	readonly kind: string;
	readonly recorded: House;
	readonly actual: House;
	readonly faults: readonly string[];
	/** Where the work is: several, where several devices sit in one box. */
	readonly at: readonly string[];
}

/** The outlet on a breaker of its own that lends its ground. */
export const lender = 'hall-near';

/** An arrangement with one more outlet in the hall, on a breaker that nothing else hangs on. */
function withLender(house: House): House {
	const us = house.region === 'us';
	const space = us ? 7 : 4;
	const edits: Edit[] = [
		{ do: 'addBreaker', panel: house.panels[0]!.id, spaces: [space], ratingA: us ? 15 : 32, label: 'hall' },
		{ do: 'addRoom', name: 'Hall' }
	];
	const first = editHouse(house, edits);
	if (!first.ok) throw new Error(first.refusal.code);
	const breaker = first.house.panels[0]!.breakers.find(({ label }) => label === 'hall')!.id;
	const second = editHouse(first.house, [{ do: 'addCircuit', breaker, name: 'hall' }]);
	if (!second.ok) throw new Error(second.refusal.code);
	const third = editHouse(second.house, [
		{ do: 'addOutlet', room: 'hall', name: 'near', spot: { circuit: 'hall', after: 'panel' } }
	]);
	if (!third.ok) throw new Error(third.refusal.code);
	return third.house;
}

/** A box with nothing in it but what is said. */
const plainBox = (id: string, more: Partial<Box>): Box => ({
	id,
	room: 'hall',
	name: id,
	use: 'outlet',
	material: 'plastic',
	joints: [],
	terminations: [],
	pigtails: [],
	worries: [],
	history: [],
	...more
});

/**
 * A lamp on circuit b whose neutral goes to the neutral of the outlet behind this one: it returns through here. `null`: nothing hangs behind.
 */
export function borrowing(house: House, on = true): House | null {
	const behind = house.boxes.find(({ id }) => id === 'after');
	const neutral = behind?.terminations.find(({ conductor }) => conductor === 'neutral');
	const pattern = house.cables[0]!;
	if (!behind?.device || !neutral) return null;
	const device = behind.device;
	const cable = (id: string, circuit: string, from: Cable['from'], to: string): Cable => ({
		...pattern,
		id,
		circuit,
		from,
		to: { box: to }
	});
	const ends = (id: string, at: Readonly<Record<string, string>>) =>
		pattern.conductors.map(({ id: conductor }) => ({
			cable: id,
			conductor,
			at: at[conductor] ?? 'capped'
		}));
	const terminal = (role: string) =>
		behind.terminations.find(({ conductor }) => conductor === role)?.at ?? 'capped';
	return {
		...house,
		boxes: [
			...house.boxes.map((box) =>
				box === behind
					? { ...box, terminations: [...box.terminations, ...ends('lent', { neutral: neutral.at })] }
					: box
			),
			plainBox('thief', {
				device,
				terminations: [
					...ends('thiefFeed', { hot: terminal('hot'), ground: terminal('ground') }),
					...ends('lent', { neutral: terminal('neutral') })
				]
			})
		],
		cables: [
			...house.cables,
			cable('thiefFeed', 'b', { panel: house.panels[0]!.id }, 'thief'),
			cable('lent', 'a', { box: 'after' }, 'thief')
		],
		loads: [
			...house.loads,
			{
				id: 'borrower',
				name: 'heater',
				box: 'thief',
				half: house.region === 'us' ? 'upper' : 'left',
				resistanceOhm: house.region === 'us' ? 30 : 60,
				on
			}
		]
	};
}

/** A house from one seed, with none, one or two mistakes of the catalogue, or a neutral borrowed by another circuit. */
export function hiddenFaults(random: Random): HiddenFaults {
	const beside = random() < 0.12;
	const { kind, build } = beside ? { kind: 'twoGang', build: () => twoGang() } : pick(random, arrangements);
	const recorded = withLender(build());
	const possible = mistakesOf(recorded, here, {
		looseOhm: 0.2 * 10 ** (random() * 7),
		insulationOhm: 50 * 10 ** (random() * 4)
	});
	const faults: string[] = [];
	let actual = recorded;
	const drawn = random();
	const count = drawn < 0.2 ? 0 : drawn < 0.6 ? 1 : 2;
	for (let k = 0; k < count && possible.length > 0; k++) {
		const mistake = pick(random, possible);
		const next = mistake.apply(actual);
		if (!next) continue;
		actual = next;
		faults.push(mistake.id);
	}
	const lent = random() < 0.25 ? borrowing(actual) : null;
	// What is a short has opened a breaker long before anybody begins.
	const { house } = settle(lent ?? actual);
	return {
		kind,
		at: beside ? [here, 'after'] : [here],
		recorded,
		actual: house,
		faults: lent ? [...faults, 'borrowed'] : faults
	};
}
