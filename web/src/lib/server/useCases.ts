import type { House } from '@wary/core/house';
import { cablesInBox, circuitsInBox, findBox, placeName } from '@wary/core/house';
import {
	currentProcedure,
	decideEntry,
	eventsAt,
	expectationsAt,
	foreignTo,
	houseAfterJob,
	houseAfterStop,
	mustStop,
	nextAt,
	plannerOn,
	withBeside,
	replayStored,
	stored,
	type BoxWish,
	type Command,
	type JobEvent,
	type JobPlan,
	type JobState,
	type Refusal,
	type Step,
	type Stored,
	type TerminatingSchool,
	type WholeFailure,
	type Wished
} from '@wary/core/job';
import { bounded } from './caches';
import { heavily } from './heavy';
import { againWhile, connections, transaction, triesAtMost, violatedConstraint } from './db';
import { addHouseVersion, houseAt, latestHouse, type Household } from './households';
import {
	addEventAt,
	addJob,
	addJobEnd,
	addTaken,
	lockBox,
	manyEvents,
	maybeJob,
	maybeJobUnderWay,
	maybeStored,
	type JobRow
} from './jobs';
import { dropPlansAt, latestCosts } from './shopping';
import { observedIn } from '@wary/core/observations';
import type { RuledOut } from '@wary/core/replacement';
import { addObservations } from './observations';
import { addTold, toldOf } from './told';
import { stoppedWords } from '$words/conditions';
import { foundWords } from '$words/found';
import { outcomeWords, replacedWords, stoppedElsewhereWords, untestedWords } from '$words/outcome';

/** A job with everything that it is computed from. */
export interface LoadedJob extends Stored {
	readonly job: JobRow;
	readonly house: House;
	readonly events: readonly JobEvent[];
	/** The next step, and the plan and state of the box whose turn it is. */
	readonly step: Step | null;
	readonly plan: JobPlan;
	readonly state: JobState;
}

function loadedJob(job: JobRow, house: House, then: Stored, events: readonly JobEvent[]): LoadedJob {
	const { whole, undoing } = then;
	const { at, step } = nextAt(whole);
	return { job, house, whole, undoing, events, step, plan: whole.plans[at]!, state: whole.boxes[at]! };
}

/** Replayed jobs by household and id, so that the next event costs one step and not all. What another process appended is noticed by the append itself. */
const recent = bounded<LoadedJob>(
	'jobs',
	32,
	({ whole, events }) => bytesOfPlan * whole.plans.length + bytesOfEvent * events.length
);
/** Measured: 27 kB a plan with its state, 750 an event and what it did. */
const bytesOfPlan = 40_000;
const bytesOfEvent = 1_000;
const recentKey = (household: Household, jobId: string) => `${household.id} ${jobId}`;

function remember(household: Household, loaded: LoadedJob): LoadedJob {
	const key = recentKey(household, loaded.job.id);
	recent.set(key, loaded);
	return loaded;
}

export type FoundJob =
	| { readonly code: 'now'; readonly loaded: LoadedJob }
	/** Begun under another procedure: nothing of it is worked out by the rules of this one. */
	| { readonly code: 'older'; readonly job: JobRow };

/** A job with its events replayed, fresh from the database; null for an unknown one, and for one of another procedure. */
export async function loadJob(household: Household, jobId: string): Promise<LoadedJob | null> {
	const found = await findJob(household, jobId);
	return found?.code === 'now' ? found.loaded : null;
}

/** A job as far as this build may go on with it; null for an unknown one. */
export async function findJob(household: Household, jobId: string): Promise<FoundJob | null> {
	const job = await maybeJob(household.id, jobId);
	if (!job) return null;
	if (job.procedure !== currentProcedure) return { code: 'older', job };
	return { code: 'now', loaded: await replayed(household, job) };
}

async function replayed(household: Household, job: JobRow): Promise<LoadedJob> {
	const jobId = job.id;
	const [house, events] = await Promise.all([
		houseAt(household.id, job.houseVersion),
		manyEvents(household.id, jobId)
	]);
	// What it was begun with never changes, and events are only added: as many, and the same last one, are the same.
	const known = recent.get(recentKey(household, jobId));
	const same =
		known && known.events.length === events.length && known.events.at(-1)?.id === events.at(-1)?.id;
	if (same) return remember(household, loadedJob(job, house, known, events));
	const planned = await heavily(house, 'plan', { boxes: job.begun, school: job.school });
	if (!planned.ok) throw new Error(`job ${jobId} has no plan: ${planned.failure.code}`);
	return remember(
		household,
		loadedJob(job, house, replayStored(planned.plans, events, plannerOn(house)), events)
	);
}

export type Started =
	| { readonly code: 'started' | 'underWay'; readonly jobId: string }
	/** Another job has that id. */
	| { readonly code: 'idTaken' }
	| { readonly code: 'cannotPlan'; readonly failure: WholeFailure }
	/** A rule is in the way of what was wished for. */
	| { readonly code: 'ruledOut'; readonly by: RuledOut }
	/** The record has changed since the plan was made. */
	| { readonly code: 'olderRecord' };

/** Starts a job at a box, or names the one that is under way there. */
export async function startJob(
	household: Household,
	request: {
		id: string;
		boxId: string;
		school: TerminatingSchool;
		who: string;
		wish?: Wished;
		/** Further boxes of the same job. */
		more?: readonly BoxWish[];
		/** The record that the plan was made on; left out: whatever it is now. */
		version?: number | undefined;
	}
): Promise<Started> {
	const { version, house } = await latestHouse(household.id);
	if (request.version !== undefined && request.version !== version) return { code: 'olderRecord' };
	const { wish = null } = request;
	// What sits in one box with it comes out with it.
	const boxes = withBeside(house, [{ boxId: request.boxId, wish }, ...(request.more ?? [])]);
	const more = boxes.slice(1);
	const { planned, by } = await heavily(house, 'begin', { boxes, school: request.school });
	if (!planned.ok) return { code: 'cannotPlan', failure: planned.failure };
	if (by) return { code: 'ruledOut', by };
	const beginning = transaction<Started>(async (on) => {
		// Always in one order, so that two that want the same boxes don't wait for each other.
		for (const boxId of boxes.map((box) => box.boxId).sort()) {
			await lockBox(on, household.id, boxId);
			const underWay = await maybeJobUnderWay(on, household.id, boxId);
			// Asked once more, its answer lost on the way: it is begun already.
			if (underWay === request.id) return { code: 'started', jobId: underWay };
			if (underWay !== null) return { code: 'underWay', jobId: underWay };
		}
		await addJob(on, household.id, {
			...request,
			wish,
			more,
			houseVersion: version,
			procedure: currentProcedure
		});
		await dropPlansAt(
			on,
			household.id,
			boxes.map((box) => box.boxId)
		);
		return { code: 'started', jobId: request.id };
	});
	return beginning.catch((error: unknown) => {
		if (violatedConstraint(error) === 'job_pkey') return { code: 'idTaken' };
		throw error;
	});
}

/** How far an event's time may lie before the last one that its device knew, ms. */
export const earlierByMs = 60_000;
/** How far it may lie after the server's clock, ms: the way of an answer. A device whose clock is fast learns by how much, so that none of its times stands in the way of another's. */
export const laterByMs = 10_000;
/** Nobody did anything with this before there was any of it: the time of a clock that was never set. */
const madeMs = Date.parse('2026-01-01T00:00:00Z');

export interface Append {
	readonly id: string;
	readonly at: string;
	readonly expectedVersion: number;
	/** How many stored events its device knew when it was done; left out: all of them. */
	readonly knew?: number | undefined;
	/** Events of the same device that were stored after those, and done before this. */
	readonly own?: readonly string[] | undefined;
	/** The box it is said at, where the job has several. */
	readonly box?: string | undefined;
	readonly command: Command;
}

export type Appended =
	| { readonly code: 'stored'; readonly version: number; readonly event: JobEvent }
	/** The same event had been stored before; nothing was stored again. */
	| { readonly code: 'alreadyStored'; readonly version: number }
	| { readonly code: 'refused'; readonly refusal: Refusal; readonly version: number }
	/** The job has moved on: what came after the version that the device knows. */
	| { readonly code: 'conflict'; readonly version: number; readonly events: readonly JobEvent[] }
	/** Its time can't be: by the server's clock, and by when the job's last event was. Nothing is lost: with a time that can be it is taken. */
	| { readonly code: 'timeWrong'; readonly lastAt: string | null }
	| { readonly code: 'idTaken' }
	/** The box isn’t one of the job’s. */
	| { readonly code: 'notOfThisJob' }
	/** It was begun under another procedure, and is only led to a safe stop. */
	| { readonly code: 'olderProcedure' }
	| { readonly code: 'unknownJob' };

/** Judges a command against the job as it stands and stores it as the next event, once. `now`: the server's clock. */
export async function appendEvent(
	household: Household,
	jobId: string,
	append: Append,
	now = new Date()
): Promise<Appended> {
	const known = recent.get(recentKey(household, jobId));
	// Another process may have gone on with the job; then the kept state is behind, and the append says so.
	const kept = known && known.job.outcome === null && known.events.length >= append.expectedVersion;
	const found = kept ? ({ code: 'now', loaded: known } as const) : await findJob(household, jobId);
	if (!found) return { code: 'unknownJob' };
	if (found.code === 'older') return { code: 'olderProcedure' };
	let { loaded } = found;
	const { box } = append;
	if (box !== undefined && loaded.whole.plans.every(({ boxId }) => boxId !== box))
		return { code: 'notOfThisJob' };
	const before = loaded.events.findIndex(({ id }) => id === append.id);
	if (before >= 0) return { code: 'alreadyStored', version: before + 1 };
	if (loaded.events.length !== append.expectedVersion) {
		loaded = (await loadJob(household, jobId))!;
		return behind(household, jobId, loaded, append);
	}
	const { knew = append.expectedVersion, own = [] } = append;
	const foreign = foreignTo({ knew, own }, loaded.events);
	const unknown = new Set(foreign);
	const lastAt = loaded.events.findLast((event) => !unknown.has(event))?.at ?? null;
	const atMs = Date.parse(append.at);
	const earliestMs = lastAt === null ? madeMs : Date.parse(lastAt) - earlierByMs;
	if (!(atMs >= earliestMs && atMs <= now.getTime() + laterByMs)) return { code: 'timeWrong', lastAt };
	const { plans } = loaded.whole;
	const decision = decideEntry(decidedWith(loaded, append.at), loaded, append, foreign);
	if (!decision.ok) return { code: 'refused', refusal: decision.refusal, version: loaded.events.length };
	const { command } = append;
	const refusal = command.kind === 'addBox' ? await notTaken(household, loaded, command.box) : null;
	if (refusal) return { code: 'refused', refusal, version: loaded.events.length };
	const event: JobEvent = {
		id: append.id,
		at: append.at,
		...(plans.length > 1 && append.box !== undefined ? { box: append.box } : {}),
		body: decision.body,
		...(decision.judged ? { judged: decision.judged } : {})
	};
	if (await storeOnce(household, loaded, event, knew)) {
		const { job, house, events } = loaded;
		remember(household, loadedJob(job, house, stored(loaded, event), [...events, event]));
		return { code: 'stored', version: loaded.events.length + 1, event };
	}
	return behind(household, jobId, (await loadJob(household, jobId))!, append);
}

/** Stores an event, or says that the job has moved on. A change of the house that came first is no reason: the end of the job is written on top of it. */
async function storeOnce(
	household: Household,
	loaded: LoadedJob,
	event: JobEvent,
	knew: number
): Promise<boolean> {
	try {
		return await againWhile('house_version_pkey', () => store(household, loaded, event, knew));
	} catch (error) {
		const constraint = violatedConstraint(error);
		if (constraint === null || constraint === 'house_version_pkey') throw error;
		return false;
	}
}

/** What to answer a device that knows less than is stored, or sends what is stored already. */
async function behind(
	household: Household,
	jobId: string,
	loaded: LoadedJob,
	append: Append
): Promise<Appended> {
	const known = await maybeStored(household.id, append.id);
	if (known)
		return known.jobId === jobId ? { code: 'alreadyStored', version: known.seq } : { code: 'idTaken' };
	return {
		code: 'conflict',
		version: loaded.events.length,
		events: loaded.events.slice(Math.min(append.expectedVersion, loaded.events.length))
	};
}

/** What a command is decided with on the server. */
function decidedWith({ house, whole, events }: LoadedJob, at: string) {
	return {
		at,
		expect: (k: number) => expectationsAt(house, whole, k),
		find: (id: string) => events.find((event) => event.id === id)
	};
}

/** What comes into a job with an outlet, or leaves it: with it what sits in one box with it. */
const takenWith = (house: House, box: string): string[] =>
	withBeside(house, [{ boxId: box, wish: null }]).map(({ boxId }) => boxId);

/** Why an outlet isn’t taken into a job, beyond what the job itself knows: it or what sits in one box with it is worked at in another, or is on record otherwise than when this one began. */
async function notTaken(
	household: Household,
	{ job, house }: LoadedJob,
	box: string
): Promise<Refusal | null> {
	const now = await latestHouse(household.id);
	for (const boxId of takenWith(house, box)) {
		const underWay = await maybeJobUnderWay(connections(), household.id, boxId);
		if (underWay !== null && underWay !== job.id) return { code: 'boxInOtherJob', box: boxId };
		// A job goes on with the record that it was begun with: what has been said of this outlet since isn’t in it.
		if (wiredAt(now.house, boxId) !== wiredAt(house, boxId)) return { code: 'recordChanged', box: boxId };
	}
	return null;
}

/** Stores that an outlet is taken in or left out, and which boxes the job is at from now on. False where another job has come to one of them meanwhile. */
async function storeTaken(
	household: Household,
	{ job, house, events }: LoadedJob,
	event: JobEvent,
	knew: number
) {
	const { body } = event;
	if (body.kind !== 'addBox' && body.kind !== 'dropBox') return false;
	const taken = body.kind === 'addBox';
	const boxIds = takenWith(house, body.box);
	const seq = events.length + 1;
	return transaction(async (on) => {
		for (const boxId of [...boxIds].sort()) {
			await lockBox(on, household.id, boxId);
			const underWay = await maybeJobUnderWay(on, household.id, boxId);
			if (taken && underWay !== null && underWay !== job.id) return false;
		}
		if (!(await addEventAt(on, household.id, job.id, seq, event, knew))) return false;
		await addTaken(on, household.id, job.id, { seq, boxIds, taken });
		if (taken) await dropPlansAt(on, household.id, boxIds);
		return true;
	});
}

/** All that a plan at a box hangs on there. */
function wiredAt(house: House, boxId: string): string {
	const box = findBox(house, boxId);
	if (!box) return '';
	const { history: _history, worries: _worries, ...wired } = box;
	return JSON.stringify([wired, cablesInBox(house, boxId), circuitsInBox(house, boxId)]);
}

/** Takes an outlet into a job under way from elsewhere than its page: as its next event, whatever that is. `now`: the server's clock. */
export async function takeIn(
	household: Household,
	jobId: string,
	request: { id: string; box: string; wish: Exclude<Wished, 'putBack'> },
	now = new Date()
): Promise<Appended> {
	for (let tries = 1; ; tries++) {
		const found = await findJob(household, jobId);
		if (!found) return { code: 'unknownJob' };
		if (found.code === 'older') return { code: 'olderProcedure' };
		const { loaded } = found;
		const appended = await appendEvent(
			household,
			jobId,
			{
				id: request.id,
				at: now.toISOString(),
				expectedVersion: loaded.events.length,
				box: loaded.plan.boxId,
				command: { kind: 'addBox', box: request.box, wish: request.wish }
			},
			now
		);
		if (appended.code !== 'conflict' || tries >= triesAtMost) return appended;
	}
}

/** Stores an event; one that ends the job also closes it and writes the outcome into the house record, all or nothing. */
async function store(
	household: Household,
	loaded: LoadedJob,
	event: JobEvent,
	knew: number
): Promise<boolean> {
	const { job, house: begunOn, events } = loaded;
	const seq = events.length + 1;
	const { body } = event;
	if (body.kind === 'addBox' || body.kind === 'dropBox') return storeTaken(household, loaded, event, knew);
	if (body.kind !== 'finish' && body.kind !== 'stop')
		return addEventAt(connections(), household.id, job.id, seq, event, knew);
	const outcome = body.kind === 'finish' ? 'finished' : 'stopped';
	const ended = { ...job, outcome, endedAt: event.at } as const;
	const after = loadedJob(ended, begunOn, stored(loaded, event), [...events, event]);
	return transaction(async (on) => {
		if (!(await addEventAt(on, household.id, job.id, seq, event, knew))) return false;
		await addJobEnd(on, household.id, job.id, outcome);
		await addTold(on, household.id, job.id, toldOf(after, await latestCosts(household.id, on)));
		const { version, house } = await latestHouse(household.id, on);
		const places = loaded.whole.plans.map(({ boxId }) => {
			const box = findBox(house, boxId);
			return box ? placeName(house, box) : boxId;
		});
		await addHouseVersion(
			on,
			household.id,
			version + 1,
			houseAfter(house, loaded, event.at.slice(0, 10), body),
			`${body.kind === 'finish' ? 'job finished' : 'job stopped'}: ${places.join(', ')}`
		);
		const { plans } = loaded.whole;
		const observed = plans.flatMap((plan, k) => observedIn(plan, eventsAt(plans, loaded.events, k), job.id));
		await addObservations(on, household.id, observed);
		return true;
	});
}

/** The record after the job’s end: what each of its boxes came to, one after the other. */
const houseAfter = (
	house: House,
	{ whole: { plans, boxes }, events }: LoadedJob,
	day: string,
	body: Extract<Command, { kind: 'finish' | 'stop' }>
): House =>
	plans.reduce((record, plan, k) => {
		const mine = eventsAt(plans, events, k);
		const ended = plans[boxes.findIndex((state) => mustStop(state) !== null)];
		const elsewhere = ended && ended !== plan ? findBox(house, ended.boxId) : undefined;
		return body.kind === 'finish'
			? houseAfterJob(record, plan, boxes[k]!, mine, day, {
					...outcomeWords,
					replaced: replacedWords(plan),
					worry: (worry) => foundWords(worry, record, plan)
				})
			: houseAfterStop(record, plan, boxes[k]!, mine, day, {
					...outcomeWords,
					untested: untestedWords,
					worry: (worry) => foundWords(worry, record, plan),
					stopped: elsewhere
						? stoppedElsewhereWords(placeName(house, elsewhere))
						: stoppedWords(plan.region, body.reason, body.note)
				});
	}, house);
