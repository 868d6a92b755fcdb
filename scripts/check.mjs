import { fileURLToPath } from 'node:url';
import { join } from 'node:path';
import { CommandFailed, run } from './lib/run.mjs';
import { fail, sinceStart, stage } from './lib/say.mjs';
import { types } from './lib/types.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const bin = (name) => join('node_modules/.bin', name);

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
	await stage('types, lint, formatting, unit tests', () =>
		Promise.all([
			one('unit tests', bin('vitest'), ['run', '--project', 'core', '--project', 'web']),
			one('formatting', bin('prettier'), ['--check', '--cache', '--log-level', 'warn', '.'])
				.then(() => one('types of the core', bin('tsc'), types('tsconfig')))
				.then(() => one('types of tools and tests', bin('tsc'), types('tsconfig.tools')))
				.then(() => one('types of the web', 'npm', ['run', 'check', '-w', 'web']))
				.then(() =>
					one('lint', bin('eslint'), ['.', '--cache', '--cache-location', 'node_modules/.cache/wary/eslint'])
				)
		]).then(() => '')
	);
	console.log(
		failed.length === 0 ? `\nin order after ${sinceStart()}` : `\nnot in order: ${failed.join(', ')}`
	);
	if (failed.length > 0) process.exitCode = 1;
}

check().catch(fail);
