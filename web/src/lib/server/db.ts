import pg from 'pg';

// Counts and sequence numbers stay far below 2^53.
pg.types.setTypeParser(pg.types.builtins.INT8, Number);

let pool: pg.Pool | undefined;

/** The process's connections; made at first use. `DATABASE_URL` says where. */
export function connections(): pg.Pool {
	pool ??= new pg.Pool({ connectionString: process.env.DATABASE_URL, max: 10, idleTimeoutMillis: 30_000 });
	return pool;
}

/** Where a query can run: the pool, or one connection inside a transaction. */
export type Queryable = Pick<pg.ClientBase, 'query'>;

/** Exactly one row, or it throws. */
export async function one<Row extends pg.QueryResultRow>(
	on: Queryable,
	sql: string,
	values: unknown[]
): Promise<Row> {
	const row = await maybeOne<Row>(on, sql, values);
	if (row === null) throw new Error('a query that promises one row gave none');
	return row;
}

/** One row or null; more throws. */
export async function maybeOne<Row extends pg.QueryResultRow>(
	on: Queryable,
	sql: string,
	values: unknown[]
): Promise<Row | null> {
	const { rows } = await on.query<Row>(sql, values);
	if (rows.length > 1) throw new Error('a query that promises at most one row gave more');
	return rows[0] ?? null;
}

/** Any number of rows. */
export async function many<Row extends pg.QueryResultRow>(
	on: Queryable,
	sql: string,
	values: unknown[]
): Promise<Row[]> {
	return (await on.query<Row>(sql, values)).rows;
}

/** Runs a use case in one transaction; anything thrown rolls it back. */
export async function transaction<Result>(work: (on: Queryable) => Promise<Result>): Promise<Result> {
	const client = await connections().connect();
	try {
		await client.query('begin');
		const result = await work(client);
		await client.query('commit');
		return result;
	} catch (error) {
		await client.query('rollback');
		throw error;
	} finally {
		client.release();
	}
}

/** The constraint a write ran into, or null if it failed for another reason. */
export function violatedConstraint(error: unknown): string | null {
	return error instanceof pg.DatabaseError && error.code === '23505' ? (error.constraint ?? '') : null;
}
