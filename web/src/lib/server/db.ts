import { shapeFault } from '@wary/core/text';
import pg from 'pg';
import type { z } from 'zod';
import { log } from './log';
import { written } from './troubles';

// Counts and sequence numbers stay far below 2^53.
pg.types.setTypeParser(pg.types.builtins.INT8, Number);

let pool: pg.Pool | undefined;

/** The process's connections; made at first use. `DATABASE_URL` says where. */
export function connections(): pg.Pool {
	if (pool) return pool;
	const made = new pg.Pool({
		connectionString: process.env.DATABASE_URL,
		max: 10,
		idleTimeoutMillis: 30_000,
		connectionTimeoutMillis: 5_000,
		// What waits for somebody else's lock costs its own request, and gives its connection back before the others run out of them.
		lock_timeout: 2_000,
		statement_timeout: 15_000,
		idle_in_transaction_session_timeout: 15_000
	});
	// An idle connection that breaks (the database went away) is told here or ends the process; the pool has dropped it already.
	made.on('error', (error) => log.warn({ code: codeOf(error) }, 'the database went away'));
	return (pool = made);
}

/** Ends all connections, so that the process can. */
export async function disconnect(): Promise<void> {
	const ending = pool;
	pool = undefined;
	await ending?.end();
}

const codeOf = (error: unknown): string | undefined =>
	typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string'
		? error.code
		: undefined;

/** What a lost, refused or not yet made connection is called: by Node, by PostgreSQL (class 08 and 57P), and by the driver, which has words only. */
const awayCodes = new Set([
	'ECONNREFUSED',
	'ECONNRESET',
	'EPIPE',
	'ENOTFOUND',
	'EHOSTUNREACH',
	'ETIMEDOUT',
	'ENOENT'
]);
const awayWords =
	/^(Connection terminated|timeout expired|timeout exceeded when trying to connect|Client has encountered a connection error|Cannot use a pool after calling end)/;

/** Whether something failed because the database isn't there: nobody's fault, and worth trying again. */
export function isAway(error: unknown): boolean {
	const code = codeOf(error);
	if (code !== undefined && (awayCodes.has(code) || /^(08|57P)/.test(code))) return true;
	return error instanceof Error && awayWords.test(error.message);
}

/** Where a query can run: the pool, or one connection inside a transaction. */
export type Queryable = Pick<pg.ClientBase, 'query'>;

/** A query by the name that its errors are told under, and what each of its rows has to be. */
export interface Query<Row> {
	readonly name: string;
	readonly row: z.ZodType<Row>;
	readonly sql: string;
	readonly values?: readonly unknown[];
}

/** Exactly one row, or it throws. */
export async function one<Row>(on: Queryable, query: Query<Row>): Promise<Row> {
	const row = await maybeOne(on, query);
	if (row === null) throw new Error(`${query.name}: one row is promised, and there was none`);
	return row;
}

/** One row or null; more throws. */
export async function maybeOne<Row>(on: Queryable, query: Query<Row>): Promise<Row | null> {
	const rows = await many(on, query);
	if (rows.length > 1)
		throw new Error(`${query.name}: at most one row is promised, and there were ${rows.length}`);
	return rows[0] ?? null;
}

/** Any number of rows. */
export async function many<Row>(on: Queryable, { name, row, sql, values = [] }: Query<Row>): Promise<Row[]> {
	const { rows } = await on.query<pg.QueryResultRow>(sql, [...values]);
	return rows.map((each) => readAs(row, name, each));
}

/** A stored value in its form; one that no build wrote is an error with its key. */
export function readAs<Form>(schema: z.ZodType<Form>, key: string, stored: unknown): Form {
	const parsed = schema.safeParse(stored);
	if (parsed.success) return parsed.data;
	const issue = parsed.error.issues[0]!;
	throw new UnreadableRow(key, issue.path.join('.'), shapeFault(issue, stored).fault);
}

/** Runs a use case in one transaction; anything thrown rolls it back. A connection that failed, or can't roll back, is not used again. */
export async function transaction<Result>(work: (on: Queryable) => Promise<Result>): Promise<Result> {
	const client = await connections().connect();
	let failed: Error | undefined;
	// A connection that breaks while it is out of the pool tells it here, beside the query that fails; without a listener that ends the process.
	const broken = (error: Error) => (failed = error);
	client.on('error', broken);
	try {
		await client.query('begin');
		const result = await work(client);
		await client.query('commit');
		written();
		return result;
	} catch (error) {
		if (isAway(error)) failed ??= error as Error;
		else
			await client.query('rollback').catch((second: Error) => {
				failed ??= second;
			});
		throw error;
	} finally {
		client.off('error', broken);
		client.release(failed);
	}
}

/** The constraint a write ran into, or null if it failed for another reason. */
export function violatedConstraint(error: unknown): string | null {
	return error instanceof pg.DatabaseError && error.code === '23505' ? (error.constraint ?? '') : null;
}

/** How often something is tried again that others came before. */
export const triesAtMost = 20;

/** What is numbered after the last one is tried again while others take that number first: while it runs into this constraint. */
export async function againWhile<Result>(constraint: string, work: () => Promise<Result>): Promise<Result> {
	for (let tries = 1; ; tries++)
		try {
			return await work();
		} catch (error) {
			if (violatedConstraint(error) !== constraint || tries >= triesAtMost) throw error;
		}
}

/** A stored row that isn't what the schema says: which row, where in it, and what is wrong. */
export class UnreadableRow extends Error {
	constructor(key: string, at: string, fault: string) {
		super(`${key}: ${at || 'the whole'}: ${fault}`);
	}
}
