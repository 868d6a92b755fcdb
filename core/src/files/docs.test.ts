import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { houseSchema, parseHouse } from './index';

const page = readFileSync(new URL('../../../docs/house-file.md', import.meta.url), 'utf8');

it('the example of the documentation is a right house file', () => {
	const example = page.match(/```json\n([\s\S]*?)```/)![1]!;
	expect(parseHouse(JSON.parse(example))).toMatchObject({ ok: true });
});

it('the documentation names every key and every word of the schema', () => {
	const words = new Set<string>();
	const collect = (schema: unknown): void => {
		if (typeof schema !== 'object' || schema === null) return;
		for (const [key, value] of Object.entries(schema)) {
			if (key === 'properties') Object.keys(value as object).forEach((name) => words.add(name));
			if (key === 'enum') (value as string[]).forEach((word) => words.add(word));
			collect(value);
		}
	};
	collect(houseSchema.toJSONSchema({ io: 'input' }));
	expect([...words].filter((word) => !page.includes(word))).toEqual([]);
});
