import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { Cluster } from '../../../../scripts/lib/postgres.mjs';

let folder: string;
beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'wary-cluster-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));
const asRoot = process.getuid?.() === 0;
const started = async () => new Cluster({ folder, port: 0, name: 'none' }).start();

it('a folder with something in it and no whole database is left as it is, and what to do is said', async () => {
	const data = join(folder, asRoot ? 'elsewhere' : 'postgres');
	mkdirSync(join(data, 'base'), { recursive: true });
	writeFileSync(join(data, 'base', '16384'), 'records');
	if (asRoot) writeFileSync(join(folder, 'postgres-data-folder'), `${data}\n`);
	await expect(started()).rejects.toThrow(/PG_VERSION is missing.*Nothing in it was changed.*mv /s);
	expect(readFileSync(join(data, 'base', '16384'), 'utf8')).toBe('records');
	expect(existsSync(`${data}.making`)).toBe(false);
});

it.runIf(asRoot)('a noted folder that is gone is not replaced by an empty one', async () => {
	const note = join(folder, 'postgres-data-folder');
	writeFileSync(note, `${join(folder, 'gone')}\n`);
	await expect(started()).rejects.toThrow(/no such folder now.*remove /s);
	expect(readFileSync(note, 'utf8').trim()).toBe(join(folder, 'gone'));
});
