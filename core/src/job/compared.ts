import type { Half } from '../house';
import { sameLamps, type PlugLamps } from '../instruments';
import type { VoltReading } from '../isolation';
import type { JobEvent } from './events';
import { noGroundLamps, outletPasses, soundLamps } from './judge';
import type { JobPlan } from './jobPlan';
import type { JobState } from './state';

/** What a plug-in tester, or a lamp in a half of two slots, showed; and whether a plug held. */
interface AsSeen {
	readonly lamps: PlugLamps;
	readonly holds: boolean;
}

type Tested = { readonly lamps: PlugLamps } | { readonly hotNeutral: VoltReading; readonly passes: boolean };

/** What a half showed before anything was switched off, and at the end. */
export interface Compared {
	readonly half: Half;
	readonly before: AsSeen | null;
	/** By lamps; without a ground the end is read in volts. */
	readonly after: (Tested & { readonly holds: boolean | null }) | null;
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
		const tested = lastTest(half, events);
		const after = tested && { ...tested, holds: grip?.kind === 'grip' ? grip.holds : null };
		return { half, before, after, comes: comesTo(plan, before, after) };
	});
}

function lastTest(half: Half, events: readonly JobEvent[]): Tested | null {
	const last = events.findLast(
		({ body }) => (body.kind === 'readPlug' || body.kind === 'readOutlet') && body.half === half
	)?.body;
	if (last?.kind === 'readPlug') return { lamps: last.lamps };
	return last?.kind === 'readOutlet' ? { hotNeutral: last.hotNeutral, passes: outletPasses(last) } : null;
}

function comesTo(plan: Recorded, before: Compared['before'], after: Compared['after']): Compared['comes'] {
	const wrong = before !== null && wrongAsFound(plan, before);
	if (after === null) return wrong ? 'inherited' : 'untested';
	const asPromised =
		'lamps' in after
			? sameLamps(after.lamps, plan.newGrounded ? soundLamps : noGroundLamps)
			: after.passes && !plan.newGrounded;
	if (!asPromised || after.holds === false) return wrong ? 'inherited' : 'madeHere';
	if (wrong) return 'mended';
	const hadGround = before === null || sameLamps(before.lamps, soundLamps);
	return plan.newGrounded ? (hadGround ? 'sound' : 'grounded') : hadGround ? 'groundGone' : 'noGround';
}
