import type { Half } from '../house';
import { sameLamps, type PlugLamps } from '../instruments';
import type { JobEvent } from './events';
import { noGroundLamps, outletPasses, soundLamps } from './judge';
import type { JobPlan } from './jobPlan';
import type { JobState } from './state';

/** What a plug-in tester, or a lamp in a half of two slots, showed; and whether a plug held. */
interface AsSeen {
	readonly lamps: PlugLamps;
	readonly holds: boolean;
}

/** What a half showed before anything was switched off, and at the end. */
export interface Compared {
	readonly half: Half;
	readonly before: AsSeen | null;
	/** Without a ground the end is read in volts: what three lamps would show of it. */
	readonly after: { readonly lamps: PlugLamps; readonly holds: boolean | null } | null;
	/**
	 * `mended`: wrong before, right now. `inherited`: wrong before, and nothing shows that it isn’t still. `madeHere`: wrong only since. `grounded`: right for an outlet without a ground, and grounded now.
	 * `noGround`: without a ground before, and right without one now. `groundGone`: a ground showed before; made right without one.
	 */
	readonly comes:
		'sound' | 'mended' | 'inherited' | 'madeHere' | 'untested' | 'grounded' | 'noGround' | 'groundGone';
}

type Recorded = Pick<JobPlan, 'grounded' | 'newGrounded' | 'asFound'>;

/** Whether a half is already wrong before anything is done: anything but a sound outlet, or one without a ground where none is on record or in its face. */
export const wrongAsFound = ({ grounded, asFound }: Recorded, { lamps, holds }: AsSeen): boolean =>
	!holds ||
	!(
		sameLamps(lamps, soundLamps) ||
		(sameLamps(lamps, noGroundLamps) && !(grounded && asFound === 'threeLamps'))
	);

/** As found beside the final test, half by half; empty where nothing was read before. */
export function comparedOf(plan: Recorded, { asFound }: JobState, events: readonly JobEvent[]): Compared[] {
	const halves = Object.keys(asFound) as Half[];
	if (halves.length === 0) return [];
	const tested = events.flatMap(({ body }) =>
		body.kind === 'readPlug' || body.kind === 'readOutlet' ? [body.half] : []
	);
	return [...new Set([...halves, ...tested])].map((half) => {
		const before = asFound[half] ?? null;
		const grip = events.findLast(({ body }) => body.kind === 'grip' && body.half === half)?.body;
		const lamps = lampsAfter(half, events);
		const after = lamps && { lamps, holds: grip?.kind === 'grip' ? grip.holds : null };
		return { half, before, after, comes: comesTo(plan, before, after) };
	});
}

/** Of the last test of a half. One read in volts that passed shows as an outlet without a ground would; one that failed, as nothing sound. */
function lampsAfter(half: Half, events: readonly JobEvent[]): PlugLamps | null {
	const last = events.findLast(
		({ body }) => (body.kind === 'readPlug' || body.kind === 'readOutlet') && body.half === half
	)?.body;
	if (last?.kind === 'readPlug') return last.lamps;
	if (last?.kind !== 'readOutlet') return null;
	return outletPasses(last) ? noGroundLamps : { hotNeutral: false, hotGround: false, neutralGround: false };
}

function comesTo(plan: Recorded, before: Compared['before'], after: Compared['after']): Compared['comes'] {
	const wrong = before !== null && wrongAsFound(plan, before);
	if (after === null) return wrong ? 'inherited' : 'untested';
	const asPromised = sameLamps(after.lamps, plan.newGrounded ? soundLamps : noGroundLamps);
	if (!asPromised || after.holds === false) return wrong ? 'inherited' : 'madeHere';
	if (wrong) return 'mended';
	const hadGround = before === null || sameLamps(before.lamps, soundLamps);
	return plan.newGrounded ? (hadGround ? 'sound' : 'grounded') : hadGround ? 'groundGone' : 'noGround';
}
