import {
	observationBody,
	observationVersion,
	type Observation,
	type ObservationBody
} from '@wary/core/observations';
import { shapeFault } from '@wary/core/text';
import { connections, many, maybeOne, UnreadableRow, type Queryable } from './db';

type Row = {
	observation_id: string;
	at: Date;
	box_id: string;
	job_id: string | null;
	body: unknown;
	version: number;
};
const columns = 'observation_id, at, box_id, job_id, body, version';
/** Of a household or an outlet, the newest: more than anybody reads, and enough for every button of a large house over years. */
const mostAtOnce = 2000;

function toObservation({ observation_id: id, at, box_id, job_id, body, version }: Row): Observation {
	if (version > observationVersion)
		throw new UnreadableRow(
			`observation ${id}`,
			'version',
			`${version}; this build knows ${observationVersion}`
		);
	const parsed = observationBody.safeParse(body);
	if (!parsed.success) {
		const issue = parsed.error.issues[0]!;
		throw new UnreadableRow(`observation ${id}`, issue.path.join('.'), shapeFault(issue, body).fault);
	}
	return { id, at: at.toISOString(), box: box_id, job: job_id, body: parsed.data };
}

/** A household’s ledger, newest first. */
export async function manyObservations(householdId: string): Promise<Observation[]> {
	const rows = await many<Row>(
		connections(),
		`select ${columns} from observation where household_id = $1 order by at desc limit ${mostAtOnce}`,
		[householdId]
	);
	return rows.map(toObservation);
}

/** What the ledger has of one outlet, newest first. */
export async function manyObservationsAt(householdId: string, boxId: string): Promise<Observation[]> {
	const rows = await many<Row>(
		connections(),
		`select ${columns} from observation where household_id = $1 and box_id = $2 order by at desc limit 50`,
		[householdId, boxId]
	);
	return rows.map(toObservation);
}

/** What was entered last of what a job cost; `null`: nothing. */
export async function maybeCostOf(
	householdId: string,
	jobId: string
): Promise<Extract<ObservationBody, { kind: 'cost' }> | null> {
	const row = await maybeOne<Row>(
		connections(),
		`select ${columns} from observation where household_id = $1 and job_id = $2 and body ->> 'kind' = 'cost'
		order by at desc limit 1`,
		[householdId, jobId]
	);
	const body = row && toObservation(row).body;
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
