import { fileURLToPath } from 'node:url';
import { CommandFailed, run } from './lib/run.mjs';
import { fail, sinceStart, stage } from './lib/say.mjs';
import { still } from './lib/still.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));

/** What one runs while working: formatting, types, lint, and the unit tests that need no database, without the slow ones (`scripts/lib/slow.mjs`). */
async function check() {
	const failed = [];
	const one = async (name, command, args) => {
		try {
			await run(command, args);
		} catch (error) {
			if (!(error instanceof CommandFailed)) throw error;
			failed.push(name);
			console.error(`\n── ${name} ──\n${error.output}`);
		}
	};
	process.env.WARY_TESTS = 'quick';
	await stage('types, lint, formatting, unit tests', async () => {
		const tests = one('unit tests', 'node_modules/.bin/vitest', [
			'run',
			'--project',
			'core',
			'--project',
			'web'
		]);
		for (const [name, command, ...args] of still()) await one(name, command, args);
		await tests;
		return '';
	});
	console.log(
		failed.length === 0 ? `\nin order after ${sinceStart()}` : `\nnot in order: ${failed.join(', ')}`
	);
	if (failed.length > 0) process.exitCode = 1;
}

check().catch(fail);
