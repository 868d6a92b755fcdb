import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/**
 * Puts every fault that Stryker knows, one at a time, into whole files of what people are protected by, runs the quick tests of that part on each, and writes into
 * `docs/mutation.md` how many were noticed and which were not.
 *
 * `npm run mutate -- PART …`: these parts; left out, all of them, which takes hours.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const page = `${root}docs/mutation.md`;
const report = `${root}reports/mutation/mutation.json`;

const job = (...names: readonly string[]) => names.map((name) => `core/src/job/${name}.test.ts`);
const own = (folder: string, ...names: readonly string[]) =>
	names.map((name) => `core/src/${folder}/${name}.test.ts`);
const parts: Readonly<
	Record<string, { readonly files: readonly string[]; readonly tests: readonly string[] }>
> = {
	isolation: {
		files: ['isolation/!(*.test|index).ts'],
		tests: own('isolation', 'state', 'together', 'beforeOff', 'isolation')
	},
	judge: { files: ['job/judge.ts'], tests: job('judge') },
	decide: {
		files: ['job/decide.ts', 'job/beside.ts'],
		tests: job('beside', 'everyStep', 'decide')
	},
	order: { files: ['job/order.ts'], tests: job('everyStep', 'reopen') },
	whole: { files: ['job/whole.ts'], tests: job('everyStep', 'added', 'twoGang', 'whole', 'anew') },
	// Those that lay hands on conductors.
	steps: {
		files: [
			'cap',
			'confirm',
			'confirmable',
			'move',
			'readBaseline',
			'readEnds',
			'readSupplyOhms',
			'reopen',
			'takeOff'
		].map((name) => `job/steps/${name}.ts`),
		tests: job('everyStep', 'supply', 'ring', 'trial')
	},
	// Those that plan on what is found.
	planning: {
		files: ['job/steps/landAt.ts', 'job/steps/planAnew.ts'],
		tests: job('otherPlan', 'anew', 'landAt')
	},
	instruments: {
		files: ['instruments/!(*.test|index).ts'],
		tests: own('instruments', 'instruments', 'touch', 'capability', 'transmitter')
	},
	verdict: { files: ['wiring/verdict.ts'], tests: own('wiring', 'verdict', 'supplies') }
};

interface Place {
	readonly line: number;
	readonly column: number;
}
interface Report {
	readonly files: Readonly<
		Record<
			string,
			{
				readonly source: string;
				readonly mutants: readonly {
					readonly status: string;
					readonly replacement?: string;
					/** None: with that fault in it the tests can’t even be loaded. */
					readonly testsCompleted?: number;
					readonly location: { readonly start: Place; readonly end: Place };
				}[];
			}
		>
	>;
}

const short = (text: string) => text.replace(/\s+/g, ' ').replaceAll('`', '’').trim().slice(0, 70);

/** A part by Stryker's report. One that no test reaches counts as unnoticed, one with which nothing can be loaded as noticed; what can't run at all isn't counted. */
function chapter(part: string, { files }: Report): string {
	const counted = Object.entries(files).flatMap(([file, { source, mutants }]) =>
		mutants
			.filter(({ status }) => ['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(status))
			.map((mutant) => ({ file, lines: source.split('\n'), ...mutant }))
	);
	const missed = counted.filter(
		({ status, testsCompleted }) => status === 'NoCoverage' || (status === 'Survived' && testsCompleted !== 0)
	);
	const share = (100 * (counted.length - missed.length)) / counted.length;
	const list = missed.map(({ file, lines, location: { start, end }, replacement }) => {
		const last = start.line === end.line ? end.column - 1 : undefined;
		const was = lines[start.line - 1]!.slice(start.column - 1, last);
		return `- ${file.replace('core/src/', '')}:${start.line} \`${short(was)}\` → \`${short(replacement ?? '')}\``;
	});
	const on = new Date().toISOString().slice(0, 10);
	return [
		`## ${part}: ${share.toFixed(1)} % of ${counted.length} (${on})\n`,
		parts[part]!.files.map((file) => `\`${file}\``).join(', ') + '. Not noticed:\n',
		...(list.length === 0 ? ['- none'] : list),
		''
	].join('\n');
}

/** Puts a chapter in its place on the page: the others stay as they are. */
function write(part: string, text: string): void {
	const [opening, ...chapters] = readFileSync(page, 'utf8').split(/^(?=## )/m);
	const others = chapters.filter((each) => !each.startsWith(`## ${part}:`));
	const order = Object.keys(parts);
	const sorted = [...others.map((each) => `${each.trimEnd()}\n`), text].sort(
		(a, b) =>
			order.findIndex((name) => a.startsWith(`## ${name}:`)) -
			order.findIndex((name) => b.startsWith(`## ${name}:`))
	);
	writeFileSync(page, [opening!.trimEnd() + '\n', ...sorted].join('\n'));
}

const asked = process.argv.slice(2);
for (const part of asked.length > 0 ? asked : Object.keys(parts)) {
	const known = parts[part];
	if (!known) throw new Error(`no part ${part}; there are ${Object.keys(parts).join(', ')}`);
	const mutate = known.files.map((file) => `core/src/${file}`).join(',');
	const { status } = spawnSync('npx', ['stryker', 'run', 'scripts/lib/stryker.json', '--mutate', mutate], {
		cwd: root,
		stdio: 'inherit',
		env: { ...process.env, WARY_TESTS_OF: known.tests.join(',') }
	});
	if (status !== 0) throw new Error(`${part}: the tests don’t run`);
	write(part, chapter(part, JSON.parse(readFileSync(report, 'utf8')) as Report));
}
