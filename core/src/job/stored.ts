import { liveAboveV } from '../isolation';
import { shapeFault } from '../text';
import { commandSchema } from './commandSchema';
import type { Command } from './events';

/** The form of event bodies that this build writes. 2: jobs of the fourth procedure, which say what was found and plan anew. 3: a known ground is told by three lamps. */
export const eventVersion = 3;

/** From each form to the one after it. Form 1 has fewer kinds; those that it has mean what they meant. */
const broughtUp: readonly ((body: unknown) => unknown)[] = [(body) => body, toThird];

export type StoredEvent =
	| { readonly ok: true; readonly body: Command }
	/** Written by a build that came later than this one. */
	| { readonly ok: false; readonly code: 'fromTheFuture'; readonly version: number; readonly known: number }
	| { readonly ok: false; readonly code: 'shape'; readonly at: string; readonly fault: string };

/** An event’s body as some build has stored it, brought up to what this one knows, form by form. */
export function readStoredEvent(version: number, stored: unknown): StoredEvent {
	if (version > eventVersion) return { ok: false, code: 'fromTheFuture', version, known: eventVersion };
	const body = broughtUp.slice(version - 1).reduce((now, bringUp) => bringUp(now), stored);
	const parsed = commandSchema.safeParse(body);
	if (parsed.success) return { ok: true, body: parsed.data };
	const issue = parsed.error.issues[0]!;
	return { ok: false, code: 'shape', at: issue.path.join('.'), fault: shapeFault(issue, body).fault };
}

/** A known ground was told by one lamp, or by volts: lit, it is told as lamps that are as they should be. Only the ground of an outlet was read to one. */
function toThird(body: unknown): unknown {
	if (typeof body !== 'object' || body === null || !('kind' in body)) return body;
	if (body.kind === 'readGroundEarth') return { of: 'ground', ...body };
	if (body.kind !== 'proveEarth' || !('reading' in body)) return body;
	const { reading, ...said } = body as {
		readonly reading?: { readonly lit?: boolean; readonly litV?: number };
	};
	const lit = reading?.lit === true || (reading?.litV ?? 0) >= liveAboveV;
	return { ...said, lamps: { hotNeutral: lit, hotGround: lit, neutralGround: false } };
}
