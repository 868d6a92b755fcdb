import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const source = fileURLToPath(new URL('.', import.meta.url));
const folders = readdirSync(source, { withFileTypes: true, recursive: true })
	.filter((each) => each.isDirectory())
	.map((each) => join(each.parentPath, each.name));

it('every folder of the core opens with what it is, in three sentences', () => {
	expect(folders.length).toBeGreaterThan(20);
	const without = folders.filter((folder) => {
		const index = join(folder, 'index.ts');
		const opening = existsSync(index)
			? /^\/\*([\s\S]*?)\*\//.exec(readFileSync(index, 'utf8'))?.[1]
			: undefined;
		return (opening?.replace(/\s\*/g, '').match(/[.!](?=\s|$)/g) ?? []).length < 3;
	});
	expect(without).toEqual([]);
});
