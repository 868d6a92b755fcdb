import { accept, refuse, type Decision } from '../decision';
import type { Command, JobEvent } from '../events';
import type { JobPlan } from '../jobPlan';
import type { Planner } from '../planner';
import { moduleFor } from '../steps';
import {
	applyToWhole,
	decideWhole,
	initialWhole,
	wholeAsOf,
	type WholeContext,
	type WholeJob
} from '../whole';
import { proves, undoes } from './evidence';

/** What a person said on a device, as it is sent and stored once. */
export interface Entry {
	readonly id: string;
	/** When it was done, ISO 8601. */
	readonly at: string;
	/** The box it was said at, where the job has several. */
	readonly box?: string | undefined;
	readonly command: Command;
	/** How many stored events the device knew then. */
	readonly knew: number;
	/** Events of this device itself that were stored after those, and said before this. */
	readonly own: readonly string[];
}

/** Which stored events the device didn't know when this was said there. */
export function foreignTo(
	{ knew, own }: Pick<Entry, 'knew' | 'own'>,
	stored: readonly JobEvent[]
): JobEvent[] {
	const mine = new Set(own);
	return stored.slice(knew).filter(({ id }) => !mine.has(id));
}

/** A job as it is stored, and which of its events undid something that had counted, or may have, by their ids. */
export interface Stored {
	readonly whole: WholeJob;
	readonly undoing: ReadonlySet<string>;
}

export const replayStored = (
	plans: readonly JobPlan[],
	events: readonly JobEvent[],
	planner: Planner | null
): Stored => events.reduce(stored, { whole: initialWhole(plans, planner), undoing: new Set() });

/** The same after one more event. Pure. */
export function stored({ whole, undoing }: Stored, event: JobEvent): Stored {
	const after = applyToWhole(whole, event);
	const { body } = event;
	// Whatever it was taken for where it came in: done elsewhere, it may have been done later.
	const undid = body.kind === 'changed' || saysAlive(body) || undoes(whole, after);
	return { whole: after, undoing: undid ? new Set(undoing).add(event.id) : undoing };
}

/**
 * Decides what a device says that didn't know all of the job. Where something was undone meanwhile, no evidence of before counts (`unknowing`). Where it no longer fits and tells of power, power was seen, all the same:
 * what was done at a panel is done, whoever knew of it.
 * @param foreign what it didn't know
 */
export function decideEntry(
	context: WholeContext,
	{ whole: before, undoing }: Stored,
	{ at, box, command }: Pick<Entry, 'at' | 'box' | 'command'>,
	foreign: readonly JobEvent[]
): Decision {
	const decision = decideWhole(context, before, command, box);
	if (foreign.length === 0) return decision;
	if (!decision.ok)
		return decision.refusal.code !== 'over' && saysAlive(command)
			? accept({ kind: 'changed', what: 'powerSeen' })
			: decision;
	const by = foreign.find(({ id }) => undoing.has(id));
	if (!by) return decision;
	const whole = wholeAsOf(before, at);
	const { body, judged } = decision;
	const after = applyToWhole(whole, {
		id: '',
		at,
		...(box === undefined ? {} : { box }),
		body,
		...(judged ? { judged } : {})
	});
	return proves(whole, after) ? refuse({ code: 'unknowing', by }) : decision;
}

/** Whether it says that something here is alive, or makes it so. */
const saysAlive = (said: Command): boolean => moduleFor(said).alive?.(said) ?? false;
