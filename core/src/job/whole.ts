import type { House } from '../house';
import { withShared } from '../isolation';
import { applyEvent } from './apply';
import { besideAt, besideEachOther, inOneBox, isOpen, isWaiting, opens } from './beside';
import { decideWith, touches } from './decide';
import { refuse, type Decision } from './decision';
import type { Command, JobEvent } from './events';
import type { Expectations } from './expect';
import { nextStep, safeStopStep } from './order';
import type { JobPlan } from './jobPlan';
import type { Planner } from './planner';
import { asOf, initialJob, later, mustStop, type JobState } from './state';
import { wiringDuring } from './stage';
import { concernsJob, moduleOf, type Step } from './steps';
import type { Deciding } from './steps/module';
import type { BoxWish } from './planWhole';
import { changesPlan } from './planAnew';
import { visitIds, visitOf } from './visits';

/**
 * A job: one isolation, one or more boxes. Each box has its own plan, its own proof and its own work; breakers, lock, tag, tools and the end are the job's. A job
 * at one box is the case of one.
 */
export interface WholeJob {
	/** In the order in which they are worked at; those of one supply go before what hangs behind them. */
	readonly plans: readonly JobPlan[];
	readonly boxes: readonly JobState[];
	/** Makes plans anew from what is found; `null`: what was begun stays. */
	readonly planner: Planner | null;
	/** The plans that were in force before, by how often they were made anew: what was proven then is looked at with them. */
	readonly earlier: readonly (readonly JobPlan[])[];
	/** As it was begun. */
	readonly begun: readonly JobPlan[];
	/** How many boxes it had before each outlet that was taken in since. */
	readonly added: readonly number[];
}

/** What comes next, and at which of the boxes (`at`: its place in the plans). */
export interface NextAt {
	readonly at: number;
	readonly step: Step | null;
}

export const initialWhole = (plans: readonly JobPlan[], planner: Planner | null = null): WholeJob =>
	besideEachOther({ plans, boxes: plans.map(initialJob), planner, earlier: [], begun: plans, added: [] });

export const replayWhole = (
	plans: readonly JobPlan[],
	events: readonly JobEvent[],
	planner: Planner | null = null
): WholeJob => events.reduce(applyToWhole, initialWhole(plans, planner));

/** The box an event was at: an event of a job at one box doesn't name it. */
export const boxAt = (plans: readonly JobPlan[], box: string | undefined): number =>
	Math.max(
		0,
		plans.findIndex(({ boxId }) => boxId === box)
	);

/** What all boxes share of a state. */
const shared = ({ cautions, tester, arranged, search, lastAt, tagged, told, feeder }: JobState) => ({
	cautions,
	tester,
	arranged,
	search,
	lastAt,
	tagged,
	told,
	feeder
});

/** Another box after something was said at `there`: the same value where that changes nothing for it. */
function sharing(mine: JobState, there: JobState): JobState {
	const now = shared(there);
	const isolation = withShared(mine.isolation, there.isolation);
	const same = (Object.keys(now) as (keyof typeof now)[]).every((key) => mine[key] === now[key]);
	return same && isolation === mine.isolation ? mine : { ...mine, ...now, isolation };
}

/** The job after one more accepted event. Pure. */
export function applyToWhole(before: WholeJob, event: JobEvent): WholeJob {
	const whole = underPlanOf(before, event);
	const { plans, boxes } = whole;
	const at = boxAt(plans, event.box);
	if (concernsJob(event.body))
		return besideEachOther({
			...whole,
			boxes: boxes.map((state, k) => {
				const after = applyEvent(plans[k]!, state, event);
				// Where nothing was wrong, power that goes off and on again opens nothing: it is tested again.
				const sentBack = k !== at && state.redo === null && after.redo === 'ownChoice';
				// All that is read with power on was read: from here on it is a box like the others.
				const inTime =
					after.late && after.isolation.power === 'off' && nextStep(plans[k]!, state)?.kind === 'switchOff';
				return sentBack ? { ...after, redo: null } : inTime ? { ...after, late: false } : after;
			})
		});
	const said = event.body;
	if (said.kind === 'addBox' || said.kind === 'dropBox') {
		// A proof lapses while one is away, whatever is said first on coming back.
		const now = {
			...whole,
			boxes: boxes.map((state) => ({
				...asOf(state, event.at),
				lastAt: later(state.lastAt, event.at)
			}))
		};
		return besideEachOther(said.kind === 'addBox' ? withAdded(now, said) : withoutAdded(now));
	}
	const there = applyEvent(plans[at]!, boxes[at]!, event);
	const onePlate = there.plate !== boxes[at]!.plate;
	return besideEachOther({
		...whole,
		boxes: boxes.map((state, k) => {
			if (k === at) return there;
			const other = sharing(asOf(state, event.at), there);
			// One plate covers all devices of a box.
			return onePlate && plans[at]!.beside.includes(plans[k]!.boxId)
				? { ...other, plate: there.plate }
				: other;
		})
	});
}

/** The same job with a further outlet, and what sits in one box with it. */
function withAdded(
	whole: WholeJob,
	{ box, wish }: { readonly box: string; readonly wish: BoxWish['wish'] }
): WholeJob {
	const { plans, boxes, planner } = whole;
	const planned = planner?.add(plans, boxes, { boxId: box, wish });
	if (!planned?.ok) return whole;
	const late = boxes[0]!.isolation.power !== 'asFound';
	return {
		...whole,
		plans: planned.plans,
		boxes: planned.plans.map((plan, k) => boxes[k] ?? { ...sharing(initialJob(plan), boxes[0]!), late }),
		added: [...whole.added, plans.length]
	};
}

/** The same job without the outlet that was taken in last. */
function withoutAdded(whole: WholeJob): WholeJob {
	const count = whole.added.at(-1);
	if (count === undefined) return whole;
	return {
		...whole,
		plans: whole.plans.slice(0, count),
		boxes: whole.boxes.slice(0, count),
		added: whole.added.slice(0, -1)
	};
}

/** The outlets that were taken in last and are still as they were found: they can be left out again. */
export function mayDrop({ plans, boxes, added, earlier }: WholeJob): readonly string[] {
	const from = added.at(-1);
	if (
		from === undefined ||
		boxes.slice(from).some(({ device, plate }) => device !== 'oldSeated' || plate === 'off')
	)
		return [];
	// What was planned anew since was planned with it.
	return earlier.some((all) => all.length > from) ? [] : plans.slice(from).map(({ boxId }) => boxId);
}

/** The same job under the plans that follow from this event, where it changes them: what was found in its box, or what is landed elsewhere. */
function underPlanOf(whole: WholeJob, { box, body }: JobEvent): WholeJob {
	if (!changesPlan(body)) return whole;
	const { plans, boxes, planner } = whole;
	const at = boxAt(plans, box);
	const planned =
		body.kind === 'planAnew' ? planner?.anew(plans, at, body.found) : planner?.landAt(plans, boxes, at, body);
	return planned?.ok ? { ...whole, plans: planned.plans, earlier: [...whole.earlier, plans] } : whole;
}

/** The job at a later time: proofs lapse by themselves. */
export function wholeAsOf(whole: WholeJob, at: string): WholeJob {
	const boxes = whole.boxes.map((state) => asOf(state, at));
	return boxes.every((state, k) => state === whole.boxes[k]) ? whole : { ...whole, boxes };
}

/** The box that is open; at most one is, though several devices may hang out of it. The first of those. */
export const openBox = ({ boxes }: WholeJob): number => boxes.findIndex((state) => isOpen(state));

/**
 * The next step and its box. One box is open at a time; while one is, the work is there. Otherwise the earliest visit of all boxes comes first, so that every box is
 * read live before the one walk to the panel, and every box is closed before power comes back; what is the job's own comes after what is a box's.
 */
export function nextAt(whole: WholeJob): NextAt {
	if (lately?.whole !== whole) lately = { whole, next: workOut(whole) };
	return lately.next;
}

/** One state is asked many times in a row, and never changes. */
let lately: { readonly whole: WholeJob; readonly next: NextAt } | null = null;

function workOut(whole: WholeJob): NextAt {
	const { plans, boxes } = whole;
	if (plans.length === 1) return { at: 0, step: nextStep(plans[0]!, boxes[0]!) };
	if (boxes[0]!.status === 'underWay' && boxes.some((state) => mustStop(state) !== null))
		return towardsStop(whole);
	const open = openBox(whole);
	if (open >= 0)
		return inOneBox(
			whole,
			[open, ...besideAt(whole.plans, open)].sort((a, b) => a - b)
		);
	const each = plans.map((plan, at) => {
		const step = nextStep(plan, boxes[at]!);
		return { at, step, rank: step === null ? Infinity : rankOf(boxes[at]!, step, plan) };
	});
	return each.reduce((first, other) => (other.rank < first.rank ? other : first));
}

function rankOf(state: JobState, step: Step, { beside, controls }: JobPlan): number {
	// The faces of one box are all read before the first of its devices comes out.
	// What has no face comes forward first, and is read before anything is laid hands on.
	if (controls !== null && opens(step)) return visitIds.indexOf('work') + 0.25;
	if (beside.length > 0 && (opens(step) || isWaiting(state))) return visitIds.indexOf('work') + 0.5;
	const visit = visitIds.indexOf(visitOf(state, step));
	// Whatever else has to be off goes off before what is off is held and tagged.
	if (step.kind === 'switchOff') return visit - 0.25;
	// The one plate of a box goes on when everything behind it is tried.
	if (beside.length > 0 && step.kind === 'confirm' && step.step === 'plateOn') return visit + 0.25;
	return visit + (visitOf(state, step) === 'close' && stepConcernsJob(step) ? 0.5 : 0);
}

const stepConcernsJob = (step: Step): boolean =>
	step.kind === 'confirm' ? concernsJob(step) : moduleOf(step).concerns === 'job';

/** On the way to a stop every box is made safe, the open one first. */
function towardsStop(whole: WholeJob): NextAt {
	const { plans, boxes } = whole;
	const open = openBox(whole);
	const order = [...(open >= 0 ? [open] : []), ...boxes.keys()];
	const steps = order.map((at) => ({ at, step: safeStopStep(plans[at]!, boxes[at]!) }));
	return steps.find(({ step }) => step.kind !== 'stop') ?? steps[0]!;
}

export interface WholeContext {
	/** What readings should be at one of the boxes. */
	readonly expect: (at: number) => Expectations;
	/** An earlier event of this job by its id. */
	readonly find: (id: string) => JobEvent | undefined;
	/** When the command is given, ISO 8601. */
	readonly at?: string;
}

/** Accepts a command at a box as an event's body, or refuses it with the reason. */
export function decideWhole(
	context: WholeContext,
	before: WholeJob,
	command: Command,
	box?: string
): Decision {
	const whole = context.at === undefined ? before : wholeAsOf(before, context.at);
	const { plans, boxes } = whole;
	const next = nextAt(whole);
	const said = boxAt(plans, box);
	const forJob = concernsJob(command);
	const at = forJob ? next.at : said;
	const here = (k: number) => new AtBox(context, whole, k, forJob || k === next.at ? next.step : null);
	// What is the job’s own has to be right for every box: nothing is switched on over one that stands open.
	if (forJob)
		for (let k = 0; k < plans.length; k++) {
			const decided = k === at ? null : decideWith(here(k), boxes[k]!, command);
			if (decided && !decided.ok) return decided;
		}
	const decision = decideWith(here(at), boxes[at]!, command);
	const open = openBox(whole);
	const elsewhere = open >= 0 && open !== at && !besideAt(whole.plans, open).includes(at);
	const others = boxes.findIndex((state, k) => k !== at && isOpen(state));
	if (decision.ok && touches(command) && elsewhere)
		return refuse({ code: 'otherBoxOpen', box: plans[open]!.boxId });
	// Not even to find the supply cable.
	return decision.ok && command.kind === 'restorePower' && others >= 0
		? refuse({ code: 'otherBoxOpen', box: plans[others]!.boxId })
		: decision;
}

/** One of the boxes, as a command is decided there. */
class AtBox implements Deciding {
	constructor(
		readonly context: WholeContext,
		readonly whole: WholeJob,
		readonly place: number,
		readonly step: Step | null
	) {}
	get plan(): JobPlan {
		return this.whole.plans[this.place]!;
	}
	get expect(): Expectations {
		return this.context.expect(this.place);
	}
	get find(): WholeContext['find'] {
		return this.context.find;
	}
	next(): Step | null {
		return this.step;
	}
	get planAnew(): Deciding['planAnew'] {
		const { planner, plans } = this.whole;
		if (!planner) return null;
		return (found) => {
			const planned = planner.anew(plans, this.place, found);
			return planned.ok ? { ok: true, plan: planned.plans[this.place]! } : planned;
		};
	}
	get landAt(): Deciding['landAt'] {
		const { planner, plans, boxes } = this.whole;
		if (!planner) return null;
		return (move, terminal) => {
			const planned = planner.landAt(plans, boxes, this.place, { move, terminal });
			return planned?.ok ? { ok: true, plan: planned.plans[this.place]! } : planned;
		};
	}
	get addBox(): Deciding['addBox'] {
		const { planner, plans, boxes } = this.whole;
		// A job that only ends takes nothing more in.
		if (!planner || boxes.some((state) => mustStop(state) !== null)) return null;
		return (wish) => planner.add(plans, boxes, wish);
	}
	mayDrop(box: string): boolean {
		return mayDrop(this.whole).includes(box);
	}
	/** One box’s own way to a stop. The job stops where all of them are safe. */
	towardsStop(ofAll = false): Step {
		return ofAll ? towardsStop(this.whole).step! : safeStopStep(this.plan, this.whole.boxes[this.place]!);
	}
}

/** The house as the other boxes of the job leave it for one of them. */
export function houseFor(house: House, { plans, boxes }: WholeJob, at: number): House {
	return plans.reduce((wired, plan, k) => (k === at ? wired : wiringDuring(wired, plan, boxes[k]!)), house);
}

/** The events of one box: its own, and those of the job as a whole while it was in it. */
export function eventsAt(plans: readonly JobPlan[], events: readonly JobEvent[], at: number): JobEvent[] {
	const { boxId, beside } = plans[at]!;
	// What was said before it was taken in is not of it.
	const since = events.findLastIndex(
		({ body }) => body.kind === 'addBox' && (body.box === boxId || beside.includes(body.box))
	);
	return events
		.slice(since + 1)
		.filter(({ box, body }) => concernsJob(body) || (box === undefined ? at === 0 : box === boxId));
}
