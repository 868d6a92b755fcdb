import { readFileSync } from 'node:fs';
import { defineConfig } from 'vitest/config';

/** The quick tests of the core, with one fault (`WARY_FAULT`) put into a source as it is served. */
const fault = JSON.parse(process.env['WARY_FAULT'] ?? 'null') as {
	file: string;
	from: number;
	to: number;
	text: string;
} | null;

export default defineConfig({
	plugins: [
		{
			name: 'one-fault',
			enforce: 'pre',
			load(id) {
				if (!fault || !id.endsWith(fault.file)) return null;
				const text = readFileSync(id, 'utf8');
				return text.slice(0, fault.from) + fault.text + text.slice(fault.to);
			}
		}
	],
	test: {
		maxWorkers: 1,
		include: ['core/**/*.test.ts'],
		exclude: ['**/*.long.test.ts', '**/node_modules/**'],
		testTimeout: 120_000
	}
});
