/** How a chain of states ended: nothing moved any more; it came back to a state it had been in; or it was not done within the bound. */
export type Stillness = 'still' | 'cycle' | 'unfinished';

/**
 * Steps a state until it no longer moves (`step` gives `null`), at most `bound` times. A state met before is a cycle, which would go on for ever: it is reported, not
 * followed. `key` tells states apart.
 */
export function untilStill<State>(
	start: State,
	step: (state: State) => State | null,
	key: (state: State) => string,
	bound: number
): { readonly state: State; readonly rounds: number; readonly ended: Stillness } {
	const seen = new Set([key(start)]);
	let state = start;
	for (let rounds = 0; rounds < bound; rounds++) {
		const next = step(state);
		if (next === null) return { state, rounds, ended: 'still' };
		state = next;
		const name = key(state);
		if (seen.has(name)) return { state, rounds: rounds + 1, ended: 'cycle' };
		seen.add(name);
	}
	return { state, rounds: bound, ended: step(state) === null ? 'still' : 'unfinished' };
}
