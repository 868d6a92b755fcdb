import { deadBand } from '../isolation';
import type { JobEvent } from './events';

/** How a reading between dead and plainly live ended. */
export type Resolution = { readonly pair: string } & (
	| { readonly endedAs: 'induced' | 'treatAsLive' }
	/** It went dead only when this breaker was off too. */
	| { readonly endedAs: 'backFed'; readonly by: string }
);

/**
 * Every pair that once read 3 to 50 V, and how that ended: drained by a low-impedance input or a lamp across it (*induced*); still there, and gone when another
 * breaker was off (*back-fed* by that one); or neither, which is *treat as live*.
 */
export function resolutionsOf(events: readonly JobEvent[]): Resolution[] {
	const open = new Map<string, { fed: boolean; offSince: string[]; ended: Resolution | null }>();
	for (const { body } of events) {
		if (body.kind === 'switchBreaker' && !body.on)
			for (const one of open.values()) if (one.fed && !one.ended) one.offSince.push(body.breaker);
		if (body.kind !== 'readPair') continue;
		const { pair, reading } = body;
		const band = deadBand(reading);
		const known = open.get(pair);
		if (band === 'unresolved') {
			if (!known || known.ended) open.set(pair, { fed: false, offSince: [], ended: null });
			continue;
		}
		if (!known || known.ended) continue;
		if (band === 'live') known.fed = true;
		else if (!known.fed) known.ended = { pair, endedAs: 'induced' };
		else
			known.ended =
				known.offSince.length > 0 ? { pair, endedAs: 'backFed', by: known.offSince.at(-1)! } : null;
	}
	return [...open].map(([pair, { ended }]) => ended ?? { pair, endedAs: 'treatAsLive' });
}
