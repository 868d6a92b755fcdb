import { circuitsInBox, withBreakers, type Half, type House } from '../house';
import { readPlugLamps, sameLamps, type PlugLamps } from '../instruments';
import { mistakesOf, type Mistake } from '../mistakes';

/** What a plug-in tester showed, half by half, with power on. */
export type LampsSeen = Readonly<Partial<Record<Half, PlugLamps>>>;

/** How readily each is met where people wire outlets (chosen: swapped and let-go wires far before what takes two slips); the model says whether it would show. */
const oftenness: Partial<Record<Mistake['kind'], number>> = {
	swapped: 1,
	open: 1,
	insulationUnderScrew: 0.6,
	neutralGroundJoined: 0.4,
	joinedBehindSwapped: 0.1
};
/** What is done at the box itself is looked at first: it is what comes into reach. */
const nearness: Readonly<Record<Mistake['where'], number>> = { here: 1, upstream: 0.7, downstream: 0.3 };

/**
 * The single mistakes that would show exactly what was seen, likeliest first: each is made in the recorded house, and solved. Empty where none alone would.
 * `house` as recorded; its breaker is taken to be on.
 */
export function suspectsOf(house: House, boxId: string, seen: LampsSeen): readonly Mistake[] {
	// The whole house: other circuits are what a mistake may join, and what is plugged in pulls an open neutral up.
	const on = circuitsInBox(house, boxId).map(({ breaker }) => [breaker, true] as const);
	const here = withBreakers(house, Object.fromEntries(on));
	const halves = Object.entries(seen) as [Half, PlugLamps][];
	const shows = (wired: House): boolean =>
		halves.every(([half, lamps]) => sameLamps(readPlugLamps(wired, boxId, half), lamps));
	return mistakesOf(here, boxId)
		.filter(({ apply }) => {
			const wrong = apply(here);
			return wrong !== null && shows(wrong);
		})
		.sort((a, b) => weight(b) - weight(a));
}

const weight = ({ kind, where }: Mistake): number => (oftenness[kind] ?? 0.2) * nearness[where];
