import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { needChromium } from './lib/chromium.mjs';
import { needDebian } from './lib/debian.mjs';
import { CommandFailed, run } from './lib/run.mjs';
import { fail, sinceStart, stage } from './lib/say.mjs';
import { longest } from './lib/slow.mjs';
import { still } from './lib/still.mjs';
import { keepWalks, newWalks, walkedIn, walkFiles } from './lib/walks.mjs';

/** `npm run test:all`: everything, drawn anew; `npm test`: what pays for itself at every change (docs/testing.md says what that leaves out). */
const everything = process.argv.includes('--all');
if (everything) process.env.WARY_ALL = '1';

const root = fileURLToPath(new URL('..', import.meta.url));
process.chdir(root);
const results = mkdtempSync(join(tmpdir(), 'wary-test-'));
const bin = (name) => join(root, 'node_modules/.bin', name);

/** All checks, installs included. Slow single-threaded ones run beside each other; the browser has the machine to itself. */
async function test() {
	if (!existsSync('node_modules/.package-lock.json'))
		await stage('packages (npm ci)', () => run('npm', ['ci', '--no-audit', '--no-fund']).then(() => ''));
	await stage('Debian packages', async () => {
		const chromium = await needChromium();
		const others = await needDebian([
			{ name: 'ngspice', marker: '/usr/bin/ngspice' },
			{ name: 'postgresql', marker: '/usr/lib/postgresql/15/bin/initdb' }
		]);
		return [chromium, others].find((said) => said !== 'there already') ?? 'there already';
	});
	const { Cluster } = await import('./lib/postgres.mjs');
	const cluster = new Cluster({ folder: join(results, 'data'), port: 0, name: 'test' });
	try {
		await stage('database server', () => cluster.start());
		process.env.TEST_DATABASE_URL = cluster.url('postgres');
		const { everySeed } = await import('./lib/seed.mjs');
		if (everything)
			console.log(`  drawn by ${everySeed()}; the same again: WARY_SEED=${everySeed()} npm run test:all`);
		await checks();
	} finally {
		await cluster.discard();
	}
}

const failures = [];
/** A check whose failure is kept, so that the others still run. */
async function check(name, work) {
	try {
		await work();
	} catch (error) {
		if (!(error instanceof CommandFailed)) throw error;
		failures.push(name);
		console.error(`\n── ${name} ──\n${error.output}`);
	}
}

async function checks() {
	const walks = everything ? walkFiles() : newWalks();
	await stage(
		`types, lint, formatting, core and server tests${walks.length > 0 ? `, ${walks.length} walks` : ''}`,
		() => Promise.all([everything ? beside() : unitTests(walks), readThrough()]).then(() => '')
	);
	await stage('component tests, build', () =>
		Promise.all([
			check('component tests', () => vitest('components', ['--project', 'components'])),
			check('build', () => run('npm', ['run', 'build', '-w', 'web']))
		]).then(() => '')
	);
	await stage('end to end', () =>
		check('end to end', () =>
			run(
				bin('playwright'),
				[
					'test',
					'--config',
					'e2e/playwright.config.ts',
					'--reporter=line,json',
					...(everything ? [] : ['--grep-invert', '@long'])
				],
				{ env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'e2e.json') } }
			)
		)
	);
	for (const line of measuredLines()) console.log(`  ${line}`);
	summary();
}

/** What is read and not run, one after the other. */
async function readThrough() {
	for (const [name, command, ...args] of still({ anew: everything }))
		await check(name, () => run(command, args));
}

/** By day: core and server, and of the walks those that were not walked as they stand. */
const unitTests = (walks) =>
	check('core and server tests', () =>
		vitest('tests', ['--project', 'core', '--project', 'long', '--project', 'web'], 'withoutWalks')
	).then(() => (walks.length > 0 ? walked(walks, []) : undefined));

/** In the long run: what takes as long as all the rest has a processor of its own. */
const beside = () =>
	Promise.all([
		walked(walkFiles(), ['--maxWorkers', '1']).then(() =>
			check('slips and proofs', () =>
				vitest('longest', [
					'--project',
					'long',
					'--maxWorkers',
					'1',
					...longest.filter((name) => !name.startsWith('walk'))
				])
			)
		),
		check('core and server tests', () =>
			vitest(
				'tests',
				['--project', 'core', '--project', 'long', '--project', 'web', '--maxWorkers', '1'],
				'withoutLongest'
			)
		)
	]);

/** Walks these files, and keeps what was walked with its sizes. */
const walked = (files, args) =>
	check('walks', async () => {
		const output = await vitest('walks', ['--project', 'long', ...args, ...files]);
		const differ = keepWalks(files, walkedIn(output));
		if (differ.length > 0)
			throw new CommandFailed(
				'walks',
				differ,
				1,
				`walked before from the same text, and came to another size: ${differ.join(', ')}`
			);
	});

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
	).then((output) => {
		outputs.push(output);
		return output;
	});
const outputs = [];

/** What the tests measured and printed: states walked, differences to ngspice. */
const measuredLines = () =>
	outputs.flatMap((output) =>
		output
			.split('\n')
			.filter((line) => /walked \d+ states|ngspice: \d+ |never proven alive|people who slip:/.test(line))
	);

function summary() {
	let passed = 0;
	let failed = 0;
	for (const name of ['walks', 'longest', 'tests', 'components']) {
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
	if (process.env.WARY_RESULTS) console.log(`\nresults are in ${results}`);
	else rmSync(results, { recursive: true, force: true });
	if (failures.length > 0) console.log(`\nnot in order: ${failures.join(', ')}`);
	console.log(`\nafter ${sinceStart()}`);
	console.log(`${passed} passed, ${Math.max(failed, failures.length)} failed`);
	if (failures.length > 0) process.exitCode = 1;
}

test().catch(fail);
