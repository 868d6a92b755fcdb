import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { needDebian } from './lib/debian.mjs';
import { longest } from './lib/longest.mjs';
import { CommandFailed, run } from './lib/run.mjs';
import { fail, sinceStart, stage } from './lib/say.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
process.chdir(root);
const results = mkdtempSync(join(tmpdir(), 'wary-test-'));
const bin = (name) => join(root, 'node_modules/.bin', name);

/** All checks, installs included. Slow single-threaded ones run beside each other; the browser has the machine to itself. */
async function test() {
	if (!existsSync('node_modules/.package-lock.json'))
		await stage('packages (npm ci)', () => run('npm', ['ci', '--no-audit', '--no-fund']).then(() => ''));
	await stage('Debian packages', () =>
		needDebian([
			{ name: 'chromium', marker: '/usr/bin/chromium' },
			{ name: 'ngspice', marker: '/usr/bin/ngspice' },
			{ name: 'postgresql', marker: '/usr/lib/postgresql/15/bin/initdb' }
		])
	);
	const { Cluster } = await import('./lib/postgres.mjs');
	const cluster = new Cluster({ folder: join(results, 'data'), port: 0, name: 'test' });
	try {
		await stage('database server', () => cluster.start());
		process.env.TEST_DATABASE_URL = cluster.url('postgres');
		await checks();
	} finally {
		await cluster.discard();
	}
}

async function checks() {
	const failures = [];
	/** A stage whose failure is kept, so that the others still run. */
	const check = async (name, work) => {
		try {
			await work();
		} catch (error) {
			if (!(error instanceof CommandFailed)) throw error;
			failures.push(name);
			console.error(`\n── ${name} ──\n${error.output}`);
		}
	};
	// Two of everything: the longest tests take one processor by themselves, the rest of them the other; types and lint come beside.
	await stage('types, lint, core and server tests', () =>
		Promise.all([
			check('walks', () => vitest('walks', ['--project', 'core', '--maxWorkers', '1', ...longest])).then(() =>
				check('formatting', () => run(bin('prettier'), ['--check', '--log-level', 'warn', '.']))
			),
			check('core and server tests', () =>
				vitest('tests', ['--project', 'core', '--project', 'web', '--maxWorkers', '1'], 'withoutLongest')
			),
			check('types of the core', () => run(bin('tsc'), ['-p', 'core/tsconfig.json']))
				.then(() =>
					check('types of tools and tests', () => run(bin('tsc'), ['-p', 'core/tsconfig.tools.json']))
				)
				.then(() => check('types of the web', () => run('npm', ['run', 'check', '-w', 'web'])))
				.then(() => check('lint', () => run(bin('eslint'), ['.'])))
		]).then(() => '')
	);
	await stage('component tests', () =>
		check('component tests', () => vitest('components', ['--project', 'components']))
	);
	await stage('build', () => check('build', () => run('npm', ['run', 'build', '-w', 'web'])));
	await stage('end to end', () =>
		check('end to end', () =>
			run(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts', '--reporter=line,json'], {
				env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'e2e.json') }
			})
		)
	);
	for (const line of measuredLines()) console.log(`  ${line}`);
	summary(failures);
}

/** Runs tests; their counts are kept under a name. `leftOut`: what `vitest.config.ts` leaves out. */
const vitest = (name, args, leftOut = '') =>
	run(
		bin('vitest'),
		[
			'run',
			...args,
			'--reporter=default',
			'--reporter=json',
			`--outputFile.json=${join(results, `${name}.json`)}`
		],
		{ env: { ...process.env, WARY_TESTS: leftOut } }
	).then((output) => outputs.push(output));
const outputs = [];

/** What the tests measured and printed: states walked, differences to ngspice. */
const measuredLines = () =>
	outputs.flatMap((output) =>
		output
			.split('\n')
			.filter((line) => /walked \d+ states|ngspice: \d+ circuits|never proven alive/.test(line))
	);

function summary(failures) {
	let passed = 0;
	let failed = 0;
	for (const name of ['walks', 'tests', 'components']) {
		const file = join(results, `${name}.json`);
		if (!existsSync(file)) continue;
		const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(file, 'utf8'));
		passed += numPassedTests;
		failed += numFailedTests;
	}
	if (existsSync(join(results, 'e2e.json'))) {
		const { stats } = JSON.parse(readFileSync(join(results, 'e2e.json'), 'utf8'));
		passed += stats.expected;
		failed += stats.unexpected + stats.flaky;
	}
	rmSync(results, { recursive: true, force: true });
	if (failures.length > 0) console.log(`\nnot in order: ${failures.join(', ')}`);
	console.log(`\nafter ${sinceStart()}`);
	console.log(`${passed} passed, ${Math.max(failed, failures.length)} failed`);
	if (failures.length > 0) process.exitCode = 1;
}

test().catch(fail);
