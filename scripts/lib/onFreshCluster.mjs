import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Cluster, needPostgres } from './postgres.mjs';
import { run } from './run.mjs';
import { fail, stage } from './say.mjs';

/** Builds the application, and runs a script beside it with a database server of its own that is thrown away after. */
export async function onFreshCluster(script) {
	const folder = mkdtempSync(join(tmpdir(), 'wary-'));
	try {
		await stage('PostgreSQL', needPostgres);
		const cluster = new Cluster({ folder, port: 0, name: 'once' });
		try {
			await stage('database server', () => cluster.start());
			await stage('build', () => run('npm', ['run', 'build', '-w', 'web']).then(() => ''));
			await run('npx', ['tsx', '--tsconfig', 'core/tsconfig.tools.json', script, ...process.argv.slice(2)], {
				show: true,
				env: { ...process.env, TEST_DATABASE_URL: cluster.url('postgres') }
			});
		} finally {
			await cluster.discard();
		}
	} catch (error) {
		fail(error);
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
}
