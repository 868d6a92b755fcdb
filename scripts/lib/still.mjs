import { join } from 'node:path';

const bin = (name) => join('node_modules/.bin', name);
const kept = 'node_modules/.cache/wary';
const types = (name) => [bin('tsc'), '-p', `core/${name}.json`];
const sinceLast = (name) => ['--incremental', '--tsBuildInfoFile', `${kept}/${name}.tsbuildinfo`];

/** What a check that looks at one file at a time found of those that are as they were. */
const byContent = (name) => ['--cache', '--cache-strategy', 'content', '--cache-location', `${kept}/${name}`];

/**
 * What is read and not run, each a name and a command. What hasn’t changed since the last time isn’t looked at again, but for `anew`: everything is.
 */
export const still = ({ anew = false } = {}) => {
	const unless = (args) => (anew ? [] : args);
	return [
		['types of the core', ...types('tsconfig'), ...unless(sinceLast('tsconfig'))],
		['types of tools and tests', ...types('tsconfig.tools'), ...unless(sinceLast('tsconfig.tools'))],
		['types of the web', 'npm', 'run', 'check', '-w', 'web', ...unless(['--', '--incremental'])],
		['lint', bin('eslint'), '.', ...unless(byContent('eslint'))],
		['formatting', bin('prettier'), '--check', '--log-level', 'warn', '.', ...unless(byContent('prettier'))]
	];
};
