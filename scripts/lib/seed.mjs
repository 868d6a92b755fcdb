/** The seed of the long run: the day’s, yyyymmdd, or what `WARY_SEED` tells. */
export const everySeed = () =>
	Number(process.env.WARY_SEED ?? new Date().toISOString().slice(0, 10).replaceAll('-', ''));
