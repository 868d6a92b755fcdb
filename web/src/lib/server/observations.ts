import {
	observationBody,
	observationVersion,
	type Observation,
	type ObservationBody
} from '@wary/core/observations';
import { z } from 'zod';
import { connections, many, maybeOne, readAs, UnreadableRow, type Queryable } from './db';

const row = z.object({
	observation_id: z.string(),
	at: z.date(),
	box_id: z.string(),
	job_id: z.string().nullable(),
	body: z.unknown(),
	version: z.int()
});
const columns = 'observation_id, at, box_id, job_id, body, version';
/** Of a household or an outlet, the newest: more than anybody reads, and enough for every button of a large house over years. */
const mostAtOnce = 2000;

function toObservation({
	observation_id: id,
	at,
	box_id,
	job_id,
	body,
	version
}: z.infer<typeof row>): Observation {
	if (version > observationVersion)
		throw new UnreadableRow(
			`observation ${id}`,
			'version',
			`${version}; this build knows ${observationVersion}`
		);
	const read = readAs(observationBody, `observation ${id}`, body);
	return { id, at: at.toISOString(), box: box_id, job: job_id, body: read };
}

/** A household’s ledger, newest first. */
export async function manyObservations(householdId: string): Promise<Observation[]> {
	const rows = await many(connections(), {
		name: 'ledger of a household',
		row,
		sql: `select ${columns} from observation where household_id = $1 order by at desc limit ${mostAtOnce}`,
		values: [householdId]
	});
	return rows.map(toObservation);
}

/** What the ledger has of one outlet, newest first. */
export async function manyObservationsAt(householdId: string, boxId: string): Promise<Observation[]> {
	const rows = await many(connections(), {
		name: 'ledger of an outlet',
		row,
		sql: `select ${columns} from observation where household_id = $1 and box_id = $2 order by at desc limit 50`,
		values: [householdId, boxId]
	});
	return rows.map(toObservation);
}

/** What was entered last of what a job cost; `null`: nothing. */
export async function maybeCostOf(
	householdId: string,
	jobId: string
): Promise<Extract<ObservationBody, { kind: 'cost' }> | null> {
	const last = await maybeOne(connections(), {
		name: 'cost of a job',
		row,
		sql: `select ${columns} from observation where household_id = $1 and job_id = $2 and body ->> 'kind' = 'cost'
		order by at desc limit 1`,
		values: [householdId, jobId]
	});
	const body = last && toObservation(last).body;
	return body?.kind === 'cost' ? body : null;
}

/** Adds entries; one whose id is there already changes nothing. Left without a time an entry is of now. */
export async function addObservations(
	on: Queryable,
	householdId: string,
	entries: readonly (Omit<Observation, 'at'> & { readonly at?: string })[]
): Promise<void> {
	for (const { id, at, box, job, body } of entries)
		await on.query(
			`insert into observation (household_id, observation_id, at, box_id, job_id, body, version)
			values ($1, $2, coalesce($3, now()), $4, $5, $6, $7) on conflict (household_id, observation_id) do nothing`,
			[householdId, id, at ?? null, box, job, JSON.stringify(body), observationVersion]
		);
}
