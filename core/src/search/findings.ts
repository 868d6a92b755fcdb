import { circuitsInBox, walkChain, type Edit, type House } from '../house';
import type { SearchEnd, SearchEvent } from './search';

/** When it was found (ISO date), how, and what a circuit of a breaker that has none yet is called: in words. */
interface Found {
	readonly on: string;
	readonly how: string;
	readonly circuitName: (breaker: string) => string;
}

/**
 * What a search showed, as changes to the record: which breakers feed the outlet, which were seen not to, and where the outlet hangs. One that was only heard, or went
 * off together with others, is no finding against any of them.
 */
export function findingsOf(
	house: House,
	box: string,
	end: SearchEnd,
	events: readonly SearchEvent[],
	{ on, how, circuitName }: Found
): Edit[] {
	const feeding = end.kind === 'found' ? [end.breaker] : end.kind === 'several' ? end.breakers : [];
	const against = new Set(
		events.flatMap((event) =>
			event.kind === 'answer' && event.answer === 'on' && event.by !== 'radio' && event.off.length === 1
				? [event.off[0]!]
				: []
		)
	);
	const found = (breaker: string, finding: 'feeds' | 'doesNotFeed'): Edit => ({
		do: 'addFinding',
		breaker,
		box,
		finding,
		on,
		how
	});
	return [
		...[...against].filter((id) => !feeding.includes(id)).map((id) => found(id, 'doesNotFeed')),
		...feeding.map((id) => found(id, 'feeds')),
		...(end.kind === 'found' ? placing(house, box, end.breaker, circuitName) : [])
	];
}

/**
 * Where the outlet hangs now. On record elsewhere, the record was wrong about the whole circuit or about this outlet alone: that is for a person to say, unless the breaker
 * has no circuit yet.
 */
function placing(house: House, box: string, breaker: string, circuitName: Found['circuitName']): Edit[] {
	const own = circuitsInBox(house, box);
	if (own.some((circuit) => circuit.breaker === breaker)) return [];
	const there = house.circuits.find((circuit) => circuit.breaker === breaker);
	if (own.length > 0)
		return own.length === 1 && !there ? [{ do: 'setCircuit', circuit: own[0]!.id, breaker }] : [];
	if (!there) return [{ do: 'addCircuit', breaker, name: circuitName(breaker) }];
	const last = walkChain(house, there.id).at(-1);
	return [{ do: 'placeBox', box, spot: { circuit: there.id, after: last ? { box: last.box.id } : 'panel' } }];
}
