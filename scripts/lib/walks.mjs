import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { stripVTControlCharacters } from 'node:util';

const root = fileURLToPath(new URL('../..', import.meta.url));
const keptAt = join(root, 'core/test/walks.json');

/*
 * A walk tries every command in every state that a job can come to, and comes to the same each time: it is told by the text of all that it imports. What was walked is kept in the tree with
 * that text’s hash and the sizes; walked again is what has another hash, and in the long run all of it.
 */

const filesIn = (folder) =>
	readdirSync(folder, { withFileTypes: true }).flatMap((each) =>
		each.isDirectory() ? filesIn(join(folder, each.name)) : [join(folder, each.name)]
	);

/** The files of the walks, from the tree’s root. */
export const walkFiles = () =>
	filesIn(join(root, 'core/src'))
		.filter((file) => file.endsWith('.walk.long.test.ts'))
		.map((file) => relative(root, file))
		.sort();

/** The file that a relative import means. */
function imported(from, specifier) {
	const at = join(dirname(from), specifier);
	const found = [`${at}.ts`, join(at, 'index.ts'), at].find(
		(file) => existsSync(file) && statSync(file).isFile()
	);
	if (!found) throw new Error(`${relative(root, from)}: nothing at ${specifier}`);
	return found;
}

/** All files of this tree that a file imports, itself with them. */
export function importsOf(file, known = new Set()) {
	if (known.has(file)) return known;
	known.add(file);
	const text = readFileSync(file, 'utf8');
	for (const [, specifier] of text.matchAll(/\bfrom\s+'(\.[^']*)'|\bimport\s*\(?\s*'(\.[^']*)'/g))
		if (specifier) importsOf(imported(file, specifier), known);
	return known;
}

/** The hash of all that a walk imports. */
export function hashOf(file) {
	const hash = createHash('sha256');
	for (const each of [...importsOf(join(root, file))].sort())
		hash.update(`${relative(root, each)}\n${readFileSync(each, 'utf8')}\n`);
	return hash.digest('hex').slice(0, 16);
}

/** What was walked last: the hash of each file, and of each walk its states and accepted commands. */
const keptWalks = () =>
	existsSync(keptAt) ? JSON.parse(readFileSync(keptAt, 'utf8')) : { hashes: {}, walks: {} };

/** The walks that were not walked as they stand now. */
export function newWalks() {
	const { hashes } = keptWalks();
	return walkFiles().filter((file) => hashes[file] !== hashOf(file));
}

/** What a run of the tests says that it walked: name, states, accepted commands; the colours of a terminal are none of it. */
export const walkedIn = (output) =>
	[
		...stripVTControlCharacters(output).matchAll(/^(.+): walked (\d+) states by (\d+) accepted commands/gm)
	].map(([, name, states, commands]) => [name.trim(), Number(states), Number(commands)]);

/**
 * Keeps what was walked of these files. What had the same text before and comes to another size now can’t be: those are given back, by name.
 */
export function keepWalks(files, walked) {
	const { hashes, walks } = keptWalks();
	const unchanged = files.every((file) => hashes[file] === hashOf(file));
	const differ = walked.filter(([name, ...size]) => unchanged && walks[name]?.join() !== size.join());
	const still = walkFiles();
	const now = {
		hashes: Object.fromEntries(
			still.flatMap((file) => {
				const hash = files.includes(file) ? hashOf(file) : hashes[file];
				return hash ? [[file, hash]] : [];
			})
		),
		walks: { ...walks, ...Object.fromEntries(walked.map(([name, ...size]) => [name, size])) }
	};
	writeFileSync(keptAt, `${JSON.stringify(now, null, '\t')}\n`);
	return differ.map(([name]) => name);
}
