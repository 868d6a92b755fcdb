import { spawn } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

/**
 * Seeds small faults, one at a time, into the parts of the core that people are protected by, runs the tests of those parts on each, and
 * writes into `docs/mutation.md` how many were noticed. The faulty source is served to the tests and never written: see
 * `scripts/lib/mutate.config.ts`. The long tests are left out, so the score is that of the quick ones.
 *
 * `npm run mutate -- [NUMBER [SEED]]`: NUMBER faults a part (30), drawn by SEED (1).
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const of = (folder: string, ...names: readonly string[]) => names.map((name) => `${folder}/${name}`);
const job = 'core/src/job';
const parts: Record<string, { readonly files: readonly string[]; readonly tests: readonly string[] }> = {
	isolation: {
		files: of('isolation', 'bands', 'beforeOff', 'energy', 'state', 'together'),
		tests: ['core/src/isolation', job]
	},
	'job/judge': { files: ['job/judge'], tests: [job] },
	'job/decide': {
		files: [
			...of('job', 'decide', 'order', 'whole', 'beside'),
			// What a step accepts, and what follows: its own file.
			...readdirSync(`${root}core/src/job/steps`)
				.filter((name) => name.endsWith('.ts'))
				.map((name) => `job/steps/${name.slice(0, -3)}`)
		],
		tests: [job]
	},
	instruments: {
		files: of('instruments', 'capability', 'readings', 'touch', 'transmitter'),
		tests: ['core/src/instruments', 'core/src/house/mended', job]
	}
};

interface Fault {
	readonly file: string;
	readonly from: number;
	readonly to: number;
	readonly text: string;
	readonly line: number;
	readonly was: string;
}

const swapped: Partial<Record<ts.SyntaxKind, string>> = {
	[ts.SyntaxKind.LessThanToken]: '>=',
	[ts.SyntaxKind.LessThanEqualsToken]: '<',
	[ts.SyntaxKind.GreaterThanToken]: '<=',
	[ts.SyntaxKind.GreaterThanEqualsToken]: '>',
	[ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
	[ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
	[ts.SyntaxKind.AmpersandAmpersandToken]: '||',
	[ts.SyntaxKind.BarBarToken]: '&&',
	[ts.SyntaxKind.PlusToken]: '-',
	[ts.SyntaxKind.MinusToken]: '+',
	[ts.SyntaxKind.AsteriskToken]: '/',
	[ts.SyntaxKind.SlashToken]: '*'
};

/** Every place of a file where a fault can be put. */
function faultsOf(file: string): Fault[] {
	const text = readFileSync(`${root}core/src/${file}.ts`, 'utf8');
	const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
	const found: Fault[] = [];
	const put = (node: ts.Node, replacement: string) =>
		found.push({
			file: `core/src/${file}.ts`,
			from: node.getStart(source),
			to: node.getEnd(),
			text: replacement,
			line: source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1,
			was: node.getText(source).replace(/\s+/g, ' ').slice(0, 60)
		});
	const visit = (node: ts.Node): void => {
		if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
		if (ts.isBinaryExpression(node)) {
			const other = swapped[node.operatorToken.kind];
			if (other) put(node.operatorToken, other);
		} else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
			put(node, node.operand.getText(source));
		else if (ts.isConditionalExpression(node)) put(node.condition, `!(${node.condition.getText(source)})`);
		else if (ts.isIfStatement(node)) put(node.expression, `!(${node.expression.getText(source)})`);
		else if (node.kind === ts.SyntaxKind.TrueKeyword) put(node, 'false');
		else if (node.kind === ts.SyntaxKind.FalseKeyword) put(node, 'true');
		else if (ts.isNumericLiteral(node) && !ts.isElementAccessExpression(node.parent))
			put(node, `(${node.text} * 2 + 1)`);
		else if (ts.isIdentifier(node) && ts.isPropertyAccessExpression(node.parent)) {
			const other = { some: 'every', every: 'some', min: 'max', max: 'min' }[node.text];
			if (other && node.parent.name === node) put(node, other);
		} else if (ts.isCaseClause(node) && node.statements.length > 1)
			put(node.expression, `('no ' + ${node.expression.getText(source)}) as never`);
		ts.forEachChild(node, visit);
	};
	visit(source);
	return found;
}

/** Draws without repetition; the same seed draws the same. */
function draw<Item>(items: readonly Item[], count: number, seed: number): Item[] {
	const left = [...items];
	const drawn: Item[] = [];
	let state = seed >>> 0;
	while (drawn.length < count && left.length > 0) {
		state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
		drawn.push(...left.splice(Math.floor((state / 2 ** 32) * left.length), 1));
	}
	return drawn;
}

/** Whether the tests fail with that fault in; a run that doesn't end within three minutes counts as failed. */
const noticed = (fault: Fault | null, tests: readonly string[]) =>
	new Promise<boolean>((resolve) => {
		const child = spawn(
			`${root}node_modules/.bin/vitest`,
			['run', '--config', 'scripts/lib/mutate.config.ts', '--bail', '1', ...tests],
			{ cwd: root, stdio: 'ignore', env: { ...process.env, WARY_FAULT: JSON.stringify(fault) } }
		);
		const late = setTimeout(() => child.kill('SIGKILL'), 180_000);
		child.on('exit', (code) => {
			clearTimeout(late);
			resolve(code !== 0);
		});
	});

const number = Number(process.argv[2] ?? 30);
const seed = Number(process.argv[3] ?? 1);
if (await noticed(null, [job])) throw new Error('the tests fail without any fault; put that right first');
const rows: string[] = [];
const lived: string[] = [];
for (const [part, { files, tests }] of Object.entries(parts)) {
	const places = files.flatMap(faultsOf);
	const faults = draw(places, number, seed);
	const results = new Map<Fault, boolean>();
	const waiting = [...faults];
	await Promise.all(
		Array.from({ length: availableParallelism() }, async () => {
			for (let fault = waiting.shift(); fault; fault = waiting.shift())
				results.set(fault, await noticed(fault, tests));
		})
	);
	const killed = faults.filter((fault) => results.get(fault)).length;
	rows.push(
		`| \`${part}\` | ${places.length} | ${faults.length} | ${killed} | ${Math.round((100 * killed) / faults.length)} % |`
	);
	for (const fault of faults.filter((fault) => !results.get(fault)))
		lived.push(`- \`${fault.file}:${fault.line}\`: \`${fault.was}\` → \`${fault.text.slice(0, 70)}\``);
	console.log(rows.at(-1));
}
writeFileSync(
	`${root}docs/mutation.md`,
	`# Seeded faults

How many faults, put one at a time into the parts of the core that people are protected by, the quick tests of those parts notice. Written by
\`npm run mutate -- ${number} ${seed}\`; the faults are drawn by that seed from all places where one can be put.

| part | places | drawn | noticed | share |
| --- | --- | --- | --- | --- |
${rows.join('\n')}

Not noticed (some change nothing that can be seen from outside):

${lived.join('\n') || 'none'}
`
);
