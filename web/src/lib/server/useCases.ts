import type { House } from '@wary/core/house';
import { findBox, placeName } from '@wary/core/house';
import {
	applyEvent,
	currentProcedure,
	decide,
	expectationsOf,
	houseAfterJob,
	houseAfterStop,
	nextStep,
	planJob,
	replay,
	type Command,
	type JobEvent,
	type JobPlan,
	type JobState,
	type PlanFailure,
	type Refusal,
	wishProcedure,
	type TerminatingSchool,
	type WishChoice
} from '@wary/core/job';
import { connections, transaction, violatedConstraint } from './db';
import { addHouseVersion, houseAt, latestHouse, type Household } from './households';
import {
	addEventAt,
	addJob,
	addJobEnd,
	lockBox,
	manyEvents,
	maybeJob,
	maybeJobUnderWay,
	maybeStored,
	type JobRow
} from './jobs';
import { stoppedWords } from '$words/conditions';
import { foundWords } from '$words/found';
import { outcomeWords, replacedWords } from '$words/outcome';

/** A job with everything that it is computed from. */
export interface LoadedJob {
	readonly job: JobRow;
	readonly house: House;
	readonly plan: JobPlan;
	readonly events: readonly JobEvent[];
	readonly state: JobState;
}

/** Replayed jobs by household and id, so that the next event costs one step and not all. What another process appended is noticed by the append itself. */
const recent = new Map<string, LoadedJob>();
const recentAtMost = 200;
const recentKey = (household: Household, jobId: string) => `${household.id} ${jobId}`;

function remember(household: Household, loaded: LoadedJob): LoadedJob {
	const key = recentKey(household, loaded.job.id);
	recent.delete(key);
	if (recent.size >= recentAtMost) recent.delete(recent.keys().next().value!);
	recent.set(key, loaded);
	return loaded;
}

/** A job with its events replayed, fresh from the database; null for an unknown one. */
export async function loadJob(household: Household, jobId: string): Promise<LoadedJob | null> {
	const job = await maybeJob(household.id, jobId);
	if (!job) return null;
	const [house, events] = await Promise.all([
		houseAt(household.id, job.houseVersion),
		manyEvents(household.id, jobId)
	]);
	const planned = planJob(house, job.boxId, job.school, job.procedure, job.wish);
	if (!planned.ok) throw new Error(`job ${jobId} has no plan: ${planned.failure.code}`);
	return remember(household, { job, house, plan: planned.plan, events, state: replay(planned.plan, events) });
}

export type Started =
	| { readonly code: 'started' | 'underWay'; readonly jobId: string }
	| { readonly code: 'cannotPlan'; readonly failure: PlanFailure }
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
		wish?: WishChoice | null;
		/** The record that the plan was made on; left out: whatever it is now. */
		version?: number | undefined;
	}
): Promise<Started> {
	const { version, house } = await latestHouse(household.id);
	if (request.version !== undefined && request.version !== version) return { code: 'olderRecord' };
	const procedure = request.wish ? wishProcedure : currentProcedure;
	const planned = planJob(house, request.boxId, request.school, procedure, request.wish ?? null);
	if (!planned.ok) return { code: 'cannotPlan', failure: planned.failure };
	return transaction(async (on) => {
		await lockBox(on, household.id, request.boxId);
		const underWay = await maybeJobUnderWay(on, household.id, request.boxId);
		if (underWay !== null) return { code: 'underWay', jobId: underWay };
		await addJob(on, household.id, {
			...request,
			wish: request.wish ?? null,
			houseVersion: version,
			procedure
		});
		return { code: 'started', jobId: request.id };
	});
}

/** How far an event's time may lie before the job's last one, and after the server's clock, ms. */
export const earlierByMs = 60_000;
export const laterByMs = 5 * 60_000;

export interface Append {
	readonly id: string;
	readonly at: string;
	readonly expectedVersion: number;
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
	let loaded =
		known && known.job.outcome === null && known.events.length >= append.expectedVersion
			? known
			: await loadJob(household, jobId);
	if (!loaded) return { code: 'unknownJob' };
	const kept = loaded.events.findIndex(({ id }) => id === append.id);
	if (kept >= 0) return { code: 'alreadyStored', version: kept + 1 };
	if (loaded.events.length !== append.expectedVersion) {
		loaded = (await loadJob(household, jobId))!;
		return behind(household, jobId, loaded, append);
	}
	const lastAt = loaded.events.at(-1)?.at ?? null;
	const atMs = Date.parse(append.at);
	if (atMs > now.getTime() + laterByMs || (lastAt !== null && atMs < Date.parse(lastAt) - earlierByMs))
		return { code: 'timeWrong', lastAt };
	const decision = decideFor(loaded, append.command, append.at);
	if (!decision.ok) return { code: 'refused', refusal: decision.refusal, version: loaded.events.length };
	const event: JobEvent = {
		id: append.id,
		at: append.at,
		body: decision.body,
		...(decision.judged ? { judged: decision.judged } : {})
	};
	if (await storeOnce(household, loaded, event)) {
		remember(household, {
			...loaded,
			events: [...loaded.events, event],
			state: applyEvent(loaded.plan, loaded.state, event)
		});
		return { code: 'stored', version: loaded.events.length + 1, event };
	}
	return behind(household, jobId, (await loadJob(household, jobId))!, append);
}

/** How often the end of a job is tried again when the house record was changed meanwhile. */
const triesAtMost = 20;

/** Stores an event, or says that the job has moved on. A change of the house that came first is no reason: the end of the job is written on top of it. */
async function storeOnce(household: Household, loaded: LoadedJob, event: JobEvent): Promise<boolean> {
	for (let tries = 1; ; tries++)
		try {
			return await store(household, loaded, event);
		} catch (error) {
			const constraint = violatedConstraint(error);
			if (constraint === null) throw error;
			if (constraint !== 'house_version_pkey') return false;
			if (tries >= triesAtMost) throw error;
		}
}

/** What to answer a device that knows less than is stored, or sends what is stored already. */
async function behind(
	household: Household,
	jobId: string,
	loaded: LoadedJob,
	append: Append
): Promise<Appended> {
	const stored = await maybeStored(household.id, append.id);
	if (stored)
		return stored.jobId === jobId ? { code: 'alreadyStored', version: stored.seq } : { code: 'idTaken' };
	return {
		code: 'conflict',
		version: loaded.events.length,
		events: loaded.events.slice(Math.min(append.expectedVersion, loaded.events.length))
	};
}

export function decideFor({ house, plan, state, events }: LoadedJob, command: Command, at?: string) {
	return decide(
		{
			...(at === undefined ? {} : { at }),
			plan,
			expect: expectationsOf(house, plan, state),
			find: (id) => events.find((event) => event.id === id)
		},
		state,
		command
	);
}

/** Stores an event; one that ends the job also closes it and writes the outcome into the house record, all or nothing. */
async function store(household: Household, loaded: LoadedJob, event: JobEvent): Promise<boolean> {
	const { job, plan, events } = loaded;
	const seq = events.length + 1;
	const { body } = event;
	if (body.kind !== 'finish' && body.kind !== 'stop')
		return addEventAt(connections(), household.id, job.id, seq, event);
	return transaction(async (on) => {
		if (!(await addEventAt(on, household.id, job.id, seq, event))) return false;
		await addJobEnd(on, household.id, job.id, body.kind === 'finish' ? 'finished' : 'stopped');
		const { version, house } = await latestHouse(household.id, on);
		const day = event.at.slice(0, 10);
		const box = findBox(house, job.boxId);
		const place = box ? placeName(house, box) : job.boxId;
		const after =
			body.kind === 'finish'
				? houseAfterJob(house, plan, loaded.state, events, day, {
						...outcomeWords,
						replaced: replacedWords(plan),
						worry: (worry) => foundWords(worry, house, plan)
					})
				: houseAfterStop(house, plan, loaded.state, events, day, {
						...outcomeWords,
						stopped: stoppedWords(plan.region, body.reason, body.note)
					});
		await addHouseVersion(
			on,
			household.id,
			version + 1,
			after,
			`${body.kind === 'finish' ? 'job finished' : 'job stopped'}: ${place}`
		);
		return true;
	});
}

export const nextStepOf = ({ plan, state }: LoadedJob) => nextStep(plan, state);
