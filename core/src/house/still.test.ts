import { describe, expect, it } from 'vitest';
import { untilStill } from './still';

describe('a chain of states', () => {
	const key = String;
	it('ends still, comes back on itself, or is not done within the bound: each is told apart', () => {
		expect(untilStill<number>(3, (n) => (n === 0 ? null : n - 1), key, 10)).toEqual({
			state: 0,
			rounds: 3,
			ended: 'still'
		});
		// 1 → 2 → 3 → 1: reported at the state that was met before, not followed for ever.
		expect(untilStill<number>(1, (n) => (n % 3) + 1, key, 100)).toEqual({
			state: 1,
			rounds: 3,
			ended: 'cycle'
		});
		expect(untilStill<number>(0, (n) => n + 1, key, 5)).toEqual({ state: 5, rounds: 5, ended: 'unfinished' });
		expect(untilStill<number>(0, () => null, key, 0)).toEqual({ state: 0, rounds: 0, ended: 'still' });
	});
});
