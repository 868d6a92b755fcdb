import type { Half } from '../house';
import { sameLamps, type PlugLamps } from '../instruments';
import type { JobEvent } from './events';
import { soundLamps } from './judge';
import type { JobState } from './state';

/** What a half showed before anything was switched off, and at the end. */
export interface Compared {
	readonly half: Half;
	readonly before: { readonly lamps: PlugLamps; readonly holds: boolean } | null;
	readonly after: { readonly lamps: PlugLamps; readonly holds: boolean | null } | null;
	/** `mended`: wrong before, right now. `inherited`: wrong before, and nothing shows that it isn’t still. `madeHere`: wrong only since. */
	readonly comes: 'sound' | 'mended' | 'inherited' | 'madeHere' | 'untested';
}

/** As found beside the final test, half by half; empty where nothing was read before. */
export function comparedOf({ asFound }: JobState, events: readonly JobEvent[]): Compared[] {
	const halves = Object.keys(asFound) as Half[];
	if (halves.length === 0) return [];
	const tested = events.flatMap(({ body }) => (body.kind === 'readPlug' ? [body.half] : []));
	return [...new Set([...halves, ...tested])].map((half) => {
		const before = asFound[half] ?? null;
		const plug = events.findLast(({ body }) => body.kind === 'readPlug' && body.half === half)?.body;
		const grip = events.findLast(({ body }) => body.kind === 'grip' && body.half === half)?.body;
		const after =
			plug?.kind === 'readPlug'
				? { lamps: plug.lamps, holds: grip?.kind === 'grip' ? grip.holds : null }
				: null;
		return { half, before, after, comes: comesTo(before, after) };
	});
}

function comesTo(before: Compared['before'], after: Compared['after']): Compared['comes'] {
	const was = before === null || (sameLamps(before.lamps, soundLamps) && before.holds);
	if (after === null) return was ? 'untested' : 'inherited';
	const is = sameLamps(after.lamps, soundLamps) && after.holds !== false;
	if (is) return was ? 'sound' : 'mended';
	return was ? 'madeHere' : 'inherited';
}
