import type { Refusal } from '../decision';
import type { JobEvent } from '../events';
import type { Expectations } from '../expect';
import type { JobPlan } from '../jobPlan';
import type { Planner } from '../planner';
import { applyToWhole, type WholeJob } from '../whole';
import { decideEntry, foreignTo, replayStored, stored, type Entry, type Stored } from './entry';

/** An entry that doesn't count, and why. */
export interface Dropped {
	readonly entry: Entry;
	readonly refusal: Refusal;
}

/** The job as one device shows it: what is stored, and on top of it what waits there. */
export interface View {
	readonly events: readonly JobEvent[];
	readonly whole: WholeJob;
	readonly dropped: readonly Dropped[];
	/** Entries that count only as a warning: they no longer fit, and tell of power. */
	readonly warnings: readonly Entry[];
}

/** What waits without what is stored by now, which the entries behind it knew of. */
export function withoutStored<One extends Pick<Entry, 'id' | 'own'>>(
	waiting: readonly One[],
	isStored: (id: string) => boolean
): One[] {
	const own: string[] = [];
	return waiting.flatMap((entry) => {
		if (isStored(entry.id)) {
			own.push(entry.id);
			return [];
		}
		return [own.length > 0 ? { ...entry, own: [...entry.own, ...own] } : entry];
	});
}

/**
 * What was replayed lately of stored events, newest last: a job goes on by one event at a time. An event stands at one place of one job, so that the same last
 * one means the same before it.
 */
const lately: {
	readonly plans: readonly JobPlan[];
	readonly planner: Planner | null;
	readonly count: number;
	readonly last: JobEvent;
	readonly then: Stored;
}[] = [];
const latelyAtMost = 4;

function replayedStored(
	plans: readonly JobPlan[],
	events: readonly JobEvent[],
	planner: Planner | null
): Stored {
	const last = events.at(-1);
	if (!last) return replayStored(plans, events, planner);
	const begun = lately.findLast(
		(each) => each.plans === plans && each.planner === planner && events[each.count - 1] === each.last
	);
	if (begun?.last === last) return begun.then;
	const then = begun
		? events.slice(begun.count).reduce(stored, begun.then)
		: replayStored(plans, events, planner);
	lately.push({ plans, planner, count: events.length, last, then });
	if (lately.length > latelyAtMost) lately.shift();
	return then;
}

/** Decides what waits on what is stored, in the order in which it was said. `expecting`: what readings should be at a box. */
export function viewOf(
	expecting: (whole: WholeJob, at: number) => Expectations,
	plans: readonly JobPlan[],
	known: readonly JobEvent[],
	waiting: readonly Entry[],
	planner: Planner | null
): View {
	const ids = new Set(known.map(({ id }) => id));
	let events = known;
	const { whole: begun, undoing } = replayedStored(plans, known, planner);
	let whole = begun;
	const dropped: Dropped[] = [];
	const warnings: Entry[] = [];
	for (const entry of withoutStored(waiting, (id) => ids.has(id))) {
		const { id, at, box, command } = entry;
		const now = whole;
		const find = (of: string) => events.find((event) => event.id === of);
		const context = { at, expect: (which: number) => expecting(now, which), find };
		const decision = decideEntry(context, { whole, undoing }, entry, foreignTo(entry, known));
		if (!decision.ok) {
			dropped.push({ entry, refusal: decision.refusal });
			continue;
		}
		if (decision.body.kind !== command.kind) warnings.push(entry);
		const event: JobEvent = {
			id,
			at,
			...(box === undefined ? {} : { box }),
			body: decision.body,
			...(decision.judged ? { judged: decision.judged } : {})
		};
		events = [...events, event];
		whole = applyToWhole(whole, event);
	}
	return { events, whole, dropped, warnings };
}
