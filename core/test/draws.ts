/*
 * How much is drawn. By day (`npm test`) fixed seeds and as many cases as pay for themselves; in the long run (`npm run test:all`) many more, drawn anew each day: the day’s seed is
 * printed, and `WARY_SEED` repeats it.
 */

import { everySeed } from '../../scripts/lib/seed.mjs';

/** Whether everything is tested. */
export const everything = process.env.WARY_ALL === '1';

const daySeed = everySeed();

/** By day the seed as it stands; in the long run the day’s, another for each of these. */
export const seedOf = (fixed: number): number =>
	everything ? Math.imul(daySeed ^ fixed, 0x9e3779b1) >>> 1 : fixed;

/** So many by day, so many in the long run. */
export const cases = (byDay: number, inTheLongRun: number): number => (everything ? inTheLongRun : byDay);

/** What a property test is drawn by. `all`: how many in the long run; left out, four times as many as by day. */
export const drawn = (fixed: number, byDay = 100, all = 4 * byDay): { seed: number; numRuns: number } => ({
	seed: seedOf(fixed),
	numRuns: cases(byDay, all)
});
