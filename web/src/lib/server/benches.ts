import { benchFileSchema, mostBenchEvents, type BenchFile, type BenchSave } from '@wary/core/bench';
import { z } from 'zod';
import { connections, many, maybeOne } from './db';

export interface BenchRow {
	readonly id: string;
	readonly name: string;
	readonly changedAt: string;
}

/** A household's benches, latest first. */
export async function manyBenches(householdId: string): Promise<BenchRow[]> {
	const rows = await many(connections(), {
		name: 'benches of a household',
		row: z.object({ bench_id: z.string(), name: z.string(), changed_at: z.date() }),
		sql: 'select bench_id, name, changed_at from bench where household_id = $1 order by changed_at desc limit 200',
		values: [householdId]
	});
	return rows.map(({ bench_id, name, changed_at }) => ({
		id: bench_id,
		name,
		changedAt: changed_at.toISOString()
	}));
}

export async function maybeBench(
	householdId: string,
	benchId: string
): Promise<{ file: BenchFile; revision: number } | null> {
	const row = await maybeOne(connections(), {
		name: `bench ${benchId}`,
		row: z.object({ document: benchFileSchema, revision: z.int() }),
		sql: 'select document, revision from bench where household_id = $1 and bench_id = $2',
		values: [householdId, benchId]
	});
	return row && { file: row.document, revision: row.revision };
}

/** Keeps a new bench; the same id again changes nothing. */
export async function addBench(householdId: string, benchId: string, file: BenchFile): Promise<void> {
	await connections().query(
		'insert into bench (household_id, bench_id, name, document) values ($1, $2, $3, $4) on conflict (household_id, bench_id) do nothing',
		[householdId, benchId, file.name, JSON.stringify(file)]
	);
}

/**
 * Saves over the revision that was last seen: only what is new is brought, and the database puts it behind what stays, so that a save costs the same however much was
 * done before. The new revision, or `null` where somebody else saved meanwhile, the bench is gone, or the parts don't make a whole.
 */
export async function saveBench(
	householdId: string,
	benchId: string,
	revision: number,
	{ name, keep, events, done }: BenchSave
): Promise<number | null> {
	const row = await maybeOne(connections(), {
		name: 'bench saved',
		row: z.object({ revision: z.int() }),
		sql: `update bench set
			name = $4,
			document = document || jsonb_build_object(
				'name', $4::text,
				'done', $7::int,
				'events', (
					select coalesce(jsonb_agg(event order by at), '[]'::jsonb)
					from jsonb_array_elements(document->'events') with ordinality as kept(event, at)
					where at <= $5
				) || $6::jsonb
			),
			revision = revision + 1,
			changed_at = now()
		where household_id = $1 and bench_id = $2 and revision = $3
			and jsonb_array_length(document->'events') >= $5
			and $5 + jsonb_array_length($6::jsonb) between $7 and ${mostBenchEvents}
		returning revision`,
		values: [householdId, benchId, revision, name, keep, JSON.stringify(events), done]
	});
	return row && row.revision;
}

export async function removeBench(householdId: string, benchId: string): Promise<void> {
	await connections().query('delete from bench where household_id = $1 and bench_id = $2', [
		householdId,
		benchId
	]);
}
