import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { copyOfTemplate } from '../../../../../scripts/lib/database.mjs';

/** A database of its own with the demo homes in it, on the server that `TEST_DATABASE_URL` names; `DATABASE_URL` then points to it. */
export async function freshDatabase(): Promise<{ client: pg.Client; drop: () => Promise<void> }> {
	const admin = process.env.TEST_DATABASE_URL;
	if (!admin) throw new Error('TEST_DATABASE_URL is not set: run npm test');
	const name = `test_${randomUUID().replaceAll('-', '')}`;
	const url = await copyOfTemplate(admin, name);
	process.env.DATABASE_URL = url;
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	return {
		client,
		drop: async () => {
			await client.end();
			const server = new pg.Client({ connectionString: admin });
			await server.connect();
			await server.query(`drop database ${name} with (force)`);
			await server.end();
		}
	};
}
