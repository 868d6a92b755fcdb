import { existsSync } from 'node:fs';
import { run } from './run.mjs';
import { Advice } from './say.mjs';

const isRoot = process.getuid?.() === 0;

/** Installs Debian packages whose marker file is missing, or says the one command that would, where that isn't allowed. */
export async function needDebian(wanted) {
	const missing = wanted.filter(({ marker }) => !existsSync(marker)).map(({ name }) => name);
	if (missing.length === 0) return 'there already';
	const command = `apt-get install -y ${missing.join(' ')}`;
	if (!isRoot)
		throw new Advice(`Missing: ${missing.join(', ')}. Run this once, then start again:\n\n  sudo ${command}`);
	const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
	try {
		await run('apt-get', ['install', '-y', '-q', ...missing], { env });
	} catch {
		await run('apt-get', ['update', '-q'], { env });
		await run('apt-get', ['install', '-y', '-q', ...missing], { env });
	}
	return `installed ${missing.join(', ')}`;
}
