import type { CostEntry, Costs } from './costsSchema';
import { needId, needKinds, type Needed } from './needs';

export const noCosts: Costs = { prices: {}, owned: [], minutes: null, hour: null, callOut: null };

/** The costs with one more entry. */
export function entered(costs: Costs, entry: CostEntry): Costs {
	switch (entry.set) {
		case 'price': {
			const rest = Object.entries(costs.prices).filter(([id]) => id !== entry.need);
			return {
				...costs,
				prices: Object.fromEntries(entry.minor === null ? rest : [...rest, [entry.need, entry.minor]])
			};
		}
		case 'owned': {
			const others = costs.owned.filter((id) => id !== entry.need);
			return { ...costs, owned: entry.is ? [...others, entry.need] : others };
		}
		case 'minutes':
			return { ...costs, minutes: entry.minutes };
		case 'hour':
			return { ...costs, hour: entry.minor };
		case 'callOut':
			return { ...costs, callOut: entry.minor };
	}
}

/** The entry that puts back what an entry changes. */
export function takingBack(costs: Costs, entry: CostEntry): CostEntry {
	switch (entry.set) {
		case 'price':
			return { ...entry, minor: new Map(Object.entries(costs.prices)).get(entry.need) ?? null };
		case 'owned':
			return { ...entry, is: costs.owned.includes(entry.need) };
		case 'minutes':
			return { ...entry, minutes: costs.minutes };
		case 'hour':
		case 'callOut':
			return { ...entry, minor: costs[entry.set] };
	}
}

/** A line of a shopping list. */
export interface Line extends Needed {
	readonly id: string;
	readonly owned: boolean;
	/** Of one; `null`: nobody has entered it. */
	readonly each: number | null;
	/** Of all that have to be bought; `null`: not known. Nothing for what one has. */
	readonly sum: number | null;
}

export interface Bill {
	readonly lines: readonly Line[];
	/** Of the lines whose price is known. */
	readonly parts: number;
	/** Lines to be bought that nobody has priced. */
	readonly unpriced: number;
	/** `null`: hours or what they are worth weren’t entered. */
	readonly time: number | null;
	readonly callOut: number | null;
	/** What doing it oneself leaves of a call-out, own time counted where it is entered; `null`: not known, or a price is missing. */
	readonly saved: number | null;
}

/** A shopping list with what it costs, used up first, tools after. Money in hundredths. */
export function bill(needs: readonly Needed[], costs: Costs): Bill {
	const priced = new Map(Object.entries(costs.prices));
	const lines = needs
		.map((each): Line => {
			const id = needId(each.need);
			const owned = costs.owned.includes(id);
			const price = priced.get(id) ?? null;
			return { ...each, id, owned, each: price, sum: owned ? 0 : price === null ? null : price * each.count };
		})
		.toSorted((a, b) => needKinds.indexOf(a.need.kind) - needKinds.indexOf(b.need.kind));
	const parts = lines.reduce((sum, line) => sum + (line.sum ?? 0), 0);
	const unpriced = lines.filter(({ sum }) => sum === null).length;
	const { minutes, hour, callOut } = costs;
	const time = minutes === null || hour === null ? null : Math.round((minutes * hour) / 60);
	return {
		lines,
		parts,
		unpriced,
		time,
		callOut,
		saved: callOut === null || unpriced > 0 ? null : callOut - parts - (time ?? 0)
	};
}
