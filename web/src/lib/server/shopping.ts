import type { House } from '@wary/core/house';
import {
	asOfNow,
	costsSchema,
	entered,
	keptPlanSchema,
	noCosts,
	type CostEntry,
	type Kept,
	type Costs,
	type KeptPlan
} from '@wary/core/shopping';
import { z } from 'zod';
import { bounded, bytesLikeText } from './caches';
import { connections, many, maybeOne, readAs, transaction, type Queryable } from './db';

/** More than anybody plans for one walk to the shop. */
export const mostKept = 100;

export interface KeptRow {
	readonly id: string;
	readonly keptAt: string;
	readonly plan: KeptPlan;
}

/** A household’s kept plans, oldest first. */
export async function manyKeptPlans(householdId: string): Promise<KeptRow[]> {
	const rows = await many(connections(), {
		name: 'kept plans',
		row: z.object({ plan_id: z.string(), kept_at: z.date(), body: z.unknown() }),
		sql: `select plan_id, kept_at, body from kept_plan where household_id = $1 order by kept_at, plan_id limit ${mostKept}`,
		values: [householdId]
	});
	return rows.map(({ plan_id: id, kept_at, body }) => ({
		id,
		keptAt: kept_at.toISOString(),
		plan: readAs(keptPlanSchema, `plan ${id}`, body)
	}));
}

/** The kept plans, each as it would be done today on this version of the record. */
export const listOf = async (
	householdId: string,
	{ house, version }: { house: House; version: number }
): Promise<Kept[]> =>
	(await manyKeptPlans(householdId)).map((row) => {
		const key = `${householdId} ${version} ${row.id}`;
		const known = planned.get(key);
		if (known) return known;
		const now = asOfNow(house, row);
		planned.set(key, now);
		return now;
	});

/** Plans worked out, by household, version of the record and plan: none of them ever changes, so a list that is looked at again costs nothing. Those asked for last. */
const planned = bounded<Kept>('plans', 16, bytesLikeText);

/** Keeps a plan in place of one kept for the same first outlet before; `full`: too many are kept. The same id again changes nothing. */
export async function keepPlan(householdId: string, id: string, plan: KeptPlan): Promise<'kept' | 'full'> {
	return transaction(async (on) => {
		await lock(on, householdId);
		await on.query(
			`delete from kept_plan where household_id = $1 and plan_id <> $2 and body -> 'boxes' -> 0 ->> 'boxId' = $3`,
			[householdId, id, plan.boxes[0]!.boxId]
		);
		const kept = await many(on, {
			name: 'which plans are kept',
			row: z.object({ plan_id: z.string() }),
			sql: 'select plan_id from kept_plan where household_id = $1',
			values: [householdId]
		});
		if (kept.length >= mostKept && !kept.some(({ plan_id }) => plan_id === id)) return 'full';
		await on.query(
			`insert into kept_plan (household_id, plan_id, body) values ($1, $2, $3)
			on conflict (household_id, plan_id) do nothing`,
			[householdId, id, JSON.stringify(plan)]
		);
		return 'kept';
	});
}

export async function dropPlan(householdId: string, id: string): Promise<void> {
	await connections().query('delete from kept_plan where household_id = $1 and plan_id = $2', [
		householdId,
		id
	]);
}

/** Plans that begin at one of these boxes are kept no more: a job is under way there. */
export async function dropPlansAt(
	on: Queryable,
	householdId: string,
	boxIds: readonly string[]
): Promise<void> {
	await on.query(
		`delete from kept_plan where household_id = $1 and body -> 'boxes' -> 0 ->> 'boxId' = any($2)`,
		[householdId, boxIds]
	);
}

export async function maybeKeptPlan(householdId: string, id: string): Promise<KeptPlan | null> {
	const row = await maybeOne(connections(), {
		name: 'a kept plan',
		row: z.object({ body: keptPlanSchema }),
		sql: 'select body from kept_plan where household_id = $1 and plan_id = $2',
		values: [householdId, id]
	});
	return row && row.body;
}

/** What was entered of costs; nothing where nothing was. */
export async function latestCosts(householdId: string, on: Queryable = connections()): Promise<Costs> {
	const row = await maybeOne(on, {
		name: 'costs of a household',
		row: z.object({ body: costsSchema }),
		sql: 'select body from cost where household_id = $1',
		values: [householdId]
	});
	return row ? row.body : noCosts;
}

/** Adds one figure to what was entered, whoever else enters one at the same time. */
export async function enterCost(householdId: string, entry: CostEntry): Promise<Costs> {
	return transaction(async (on) => {
		await lock(on, householdId);
		const costs = entered(await latestCosts(householdId, on), entry);
		await on.query(
			`insert into cost (household_id, body) values ($1, $2)
			on conflict (household_id) do update set body = excluded.body`,
			[householdId, JSON.stringify(costs)]
		);
		return costs;
	});
}

/** One after another within a household. */
const lock = (on: Queryable, householdId: string) =>
	on.query('select pg_advisory_xact_lock(hashtextextended($1, 1))', [`shopping ${householdId}`]);
