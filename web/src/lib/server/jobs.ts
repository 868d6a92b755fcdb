import {
	currentProcedure,
	eventVersion,
	readStoredEvent,
	terminatingSchools,
	wishedSchema,
	type BoxWish,
	type JobEvent,
	type TerminatingSchool,
	type Wished
} from '@wary/core/job';
import { z } from 'zod';
import { written } from './troubles';
import { connections, many, maybeOne, one, readAs, UnreadableRow, type Queryable } from './db';

export interface JobRow {
	readonly id: string;
	readonly boxId: string;
	readonly houseVersion: number;
	readonly school: TerminatingSchool;
	readonly who: string;
	/** By which procedure it is done, to its end. */
	readonly procedure: number;
	/** What goes in instead; `null`: the same again. */
	readonly wish: Wished;
	/** Every box it was begun at, the first of them `boxId`. */
	readonly begun: readonly BoxWish[];
	/** Every box it is done at now: those, and what was taken in since. */
	readonly boxes: readonly { readonly boxId: string }[];
	readonly startedAt: string;
	readonly outcome: 'finished' | 'stopped' | null;
	readonly endedAt: string | null;
}

const jobRow = z.object({
	job_id: z.string(),
	box_id: z.string(),
	house_version: z.int(),
	school: z.enum(terminatingSchools),
	who: z.string(),
	procedure: z.int(),
	wish: z.unknown(),
	more: z.array(z.object({ box_id: z.string(), wish: z.unknown() })),
	taken: z.array(z.string()),
	started_at: z.date(),
	outcome: z.enum(['finished', 'stopped']).nullable(),
	ended_at: z.date().nullable()
});
/** What stands last of every box that was taken into a job or left out again. */
const takenNow = `select distinct on (household_id, job_id, box_id) household_id, job_id, seq, box_id, taken
	from job_box_taken order by household_id, job_id, box_id, seq desc`;
const columns = `j.job_id, j.box_id, j.house_version, j.school, j.who, j.procedure, j.wish, j.started_at, e.outcome, e.ended_at,
	(select coalesce(json_agg(json_build_object('box_id', b.box_id, 'wish', b.wish) order by b.position), '[]')
		from job_box b where b.household_id = j.household_id and b.job_id = j.job_id) as more,
	(select coalesce(json_agg(t.box_id order by t.seq), '[]') from (${takenNow}) t
		where t.household_id = j.household_id and t.job_id = j.job_id and t.taken) as taken`;
const from = 'from job j left join job_ended e on e.household_id = j.household_id and e.job_id = j.job_id';
/** Whether a box ($2) is one of the job’s. */
const isAt = `(j.box_id = $2 or exists (select from job_box b
	where b.household_id = j.household_id and b.job_id = j.job_id and b.box_id = $2)
	or exists (select from (select distinct on (t.job_id) t.job_id, t.taken from job_box_taken t
			where t.household_id = $1 and t.box_id = $2 order by t.job_id, t.seq desc) now
		where now.job_id = j.job_id and now.taken))`;

/** A stored wish. One of another procedure may say what this build has no part for: begun anew, that is the same again. */
function toWish({ job_id, procedure }: z.infer<typeof jobRow>, stored: unknown): Wished {
	const wish = wishedSchema.nullable();
	return procedure === currentProcedure
		? readAs(wish, `job ${job_id}`, stored)
		: (wish.safeParse(stored).data ?? null);
}

const toJob = (row: z.infer<typeof jobRow>): JobRow => ({
	begun: [row, ...row.more].map(({ box_id, wish }) => ({ boxId: box_id, wish: toWish(row, wish) })),
	boxes: [...[row, ...row.more].map(({ box_id }) => box_id), ...row.taken].map((boxId) => ({ boxId })),
	id: row.job_id,
	boxId: row.box_id,
	houseVersion: row.house_version,
	school: row.school,
	who: row.who,
	procedure: row.procedure,
	wish: toWish(row, row.wish),
	startedAt: row.started_at.toISOString(),
	outcome: row.outcome,
	endedAt: row.ended_at?.toISOString() ?? null
});

export async function maybeJob(
	householdId: string,
	jobId: string,
	on: Queryable = connections()
): Promise<JobRow | null> {
	const row = await maybeOne(on, {
		name: `job ${jobId}`,
		row: jobRow,
		sql: `select ${columns} ${from} where j.household_id = $1 and j.job_id = $2`,
		values: [householdId, jobId]
	});
	return row && toJob(row);
}

/** A household's jobs, newest first; at one box where one is named. */
export async function manyJobs(householdId: string, boxId: string | null = null): Promise<JobRow[]> {
	const rows = await many(connections(), {
		name: 'jobs of a household',
		row: jobRow,
		sql: `select ${columns} ${from} where j.household_id = $1 and ($2::text is null or ${isAt}) order by j.started_at desc`,
		values: [householdId, boxId]
	});
	return rows.map(toJob);
}

/** Locks a box against a second job being started at the same time, until the transaction ends. */
export async function lockBox(on: Queryable, householdId: string, boxId: string): Promise<void> {
	await on.query('select pg_advisory_xact_lock(hashtextextended($1, 0))', [`${householdId} ${boxId}`]);
}

/** The job under way at a box, if any. */
export async function maybeJobUnderWay(
	on: Queryable,
	householdId: string,
	boxId: string
): Promise<string | null> {
	const row = await maybeOne(on, {
		name: 'job under way at an outlet',
		row: z.object({ job_id: z.string() }),
		sql: `select j.job_id ${from} where j.household_id = $1 and ${isAt} and e.job_id is null`,
		values: [householdId, boxId]
	});
	return row && row.job_id;
}

export async function addJob(
	on: Queryable,
	householdId: string,
	job: {
		id: string;
		boxId: string;
		houseVersion: number;
		school: TerminatingSchool;
		who: string;
		procedure: number;
		wish: Wished;
		/** The boxes beside the first. */
		more: readonly BoxWish[];
	}
): Promise<void> {
	await on.query(
		'insert into job (household_id, job_id, box_id, house_version, school, who, procedure, wish) values ($1, $2, $3, $4, $5, $6, $7, $8)',
		[
			householdId,
			job.id,
			job.boxId,
			job.houseVersion,
			job.school,
			job.who,
			job.procedure,
			job.wish && JSON.stringify(job.wish)
		]
	);
	for (const [k, { boxId, wish }] of job.more.entries())
		await on.query(
			'insert into job_box (household_id, job_id, position, box_id, wish) values ($1, $2, $3, $4, $5)',
			[householdId, job.id, k + 1, boxId, wish && JSON.stringify(wish)]
		);
}

/** Writes with event `seq` that boxes are taken into a job, or left out again. */
export async function addTaken(
	on: Queryable,
	householdId: string,
	jobId: string,
	{ seq, boxIds, taken }: { seq: number; boxIds: readonly string[]; taken: boolean }
): Promise<void> {
	await on.query(
		`insert into job_box_taken (household_id, job_id, seq, box_id, taken)
			select $1, $2, $3, box_id, $5 from unnest($4::text[]) as box_id`,
		[householdId, jobId, seq, boxIds, taken]
	);
}

export async function addJobEnd(
	on: Queryable,
	householdId: string,
	jobId: string,
	outcome: 'finished' | 'stopped'
): Promise<void> {
	await on.query('insert into job_ended (household_id, job_id, outcome) values ($1, $2, $3)', [
		householdId,
		jobId,
		outcome
	]);
}

/** A body is read by `readStoredEvent`, which knows earlier forms; what was judged is as this build, or an earlier one, judged it. */
const eventRow = z.object({
	event_id: z.string(),
	at: z.date(),
	box_id: z.string().nullable(),
	body: z.unknown(),
	version: z.int(),
	judged: z.custom<JobEvent['judged']>((judged) => typeof judged === 'object').nullable()
});

/** A stored event; one that no build's vocabulary has is an error with its key. */
function toEvent({ event_id, at, box_id, body, version, judged }: z.infer<typeof eventRow>): JobEvent {
	const read = readStoredEvent(version, body);
	if (!read.ok)
		throw read.code === 'shape'
			? new UnreadableRow(`job_event ${event_id}`, read.at, read.fault)
			: new UnreadableRow(
					`job_event ${event_id}`,
					'version',
					`${read.version}; this build knows ${read.known}`
				);
	return {
		id: event_id,
		at: at.toISOString(),
		...(box_id === null ? {} : { box: box_id }),
		body: read.body,
		...(judged ? { judged } : {})
	};
}

/** A job's events from a sequence number on (1 is the first), in order. */
export async function manyEvents(householdId: string, jobId: string, fromSeq = 1): Promise<JobEvent[]> {
	const rows = await many(connections(), {
		name: 'events of a job',
		row: eventRow,
		sql: 'select event_id, at, box_id, body, version, judged from job_event where household_id = $1 and job_id = $2 and seq >= $3 order by seq',
		values: [householdId, jobId, fromSeq]
	});
	return rows.map(toEvent);
}

/** An event as some build stored it, not read. */
export type StoredEventRow = z.infer<typeof eventRow>;

/** A job's events as they were stored, in order: of one that was begun under another procedure, whose words this build may not have. */
export const manyStoredEvents = (householdId: string, jobId: string): Promise<StoredEventRow[]> =>
	many(connections(), {
		name: 'events of a job as stored',
		row: eventRow,
		sql: 'select event_id, at, box_id, body, version, judged from job_event where household_id = $1 and job_id = $2 order by seq',
		values: [householdId, jobId]
	});

/** The last live reading of each of these outlets in any job, V between hot and neutral; indicators show no figure and are left out. */
export async function manyLiveVolts(
	householdId: string,
	boxIds: readonly string[]
): Promise<ReadonlyMap<string, number>> {
	const rows = await many(connections(), {
		name: 'live readings of outlets',
		row: eventRow.extend({ place: z.string() }),
		sql: `select distinct on (coalesce(e.box_id, j.box_id)) coalesce(e.box_id, j.box_id) as place,
				e.event_id, e.at, e.box_id, e.body, e.version, e.judged
			from job_event e join job j using (household_id, job_id)
			where e.household_id = $1 and coalesce(e.box_id, j.box_id) = any($2) and e.body->>'kind' = 'readLive'
				and e.body->'reading'->>'instrument' = 'multimeter'
			order by coalesce(e.box_id, j.box_id), e.at desc`,
		values: [householdId, boxIds]
	});
	return new Map(
		rows.flatMap((row): [string, number][] => {
			const { body } = toEvent(row);
			return body.kind === 'readLive' && body.reading.instrument === 'multimeter'
				? [[row.place, body.reading.volts]]
				: [];
		})
	);
}

/**
 * Stores an event as number `seq` of its job, if the job has just `seq - 1`: one statement, whose commit is the acknowledgement.
 * `knew`: how many of them its device knew. False where the job has moved on. A race between two writers, or an event id used before, breaks a key and throws.
 */
export async function addEventAt(
	on: Queryable,
	householdId: string,
	jobId: string,
	seq: number,
	event: JobEvent,
	knew: number
): Promise<boolean> {
	const { rowCount } = await on.query({
		name: 'add-event',
		text: `insert into job_event (household_id, job_id, seq, event_id, at, body, judged, box_id, version, knew)
			select $1, $2, $3, $4, $5, $6, $7, $8, $9, $10
			where $3 = (select coalesce(max(seq), 0) + 1 from job_event where household_id = $1 and job_id = $2)`,
		values: [
			householdId,
			jobId,
			seq,
			event.id,
			event.at,
			JSON.stringify(event.body),
			event.judged ? JSON.stringify(event.judged) : null,
			event.box ?? null,
			eventVersion,
			knew
		]
	});
	if (rowCount === 1) written();
	return rowCount === 1;
}

/** Where an event is stored, by its id. */
export async function maybeStored(
	householdId: string,
	eventId: string
): Promise<{ jobId: string; seq: number } | null> {
	const row = await maybeOne(connections(), {
		name: 'where an event is stored',
		row: z.object({ job_id: z.string(), seq: z.int() }),
		sql: 'select job_id, seq from job_event where household_id = $1 and event_id = $2',
		values: [householdId, eventId]
	});
	return row && { jobId: row.job_id, seq: row.seq };
}

export async function countEvents(householdId: string, jobId: string): Promise<number> {
	return (
		await one(connections(), {
			name: 'how many events a job has',
			row: z.object({ count: z.int() }),
			sql: 'select count(*)::int as count from job_event where household_id = $1 and job_id = $2',
			values: [householdId, jobId]
		})
	).count;
}

/** Ids of the jobs of a household that were finished, in that order. */
export async function manyFinished(householdId: string): Promise<string[]> {
	const rows = await many(connections(), {
		name: 'finished jobs of a household',
		row: z.object({ job_id: z.string() }),
		sql: "select job_id from job_ended where household_id = $1 and outcome = 'finished' order by ended_at, job_id",
		values: [householdId]
	});
	return rows.map(({ job_id }) => job_id);
}
