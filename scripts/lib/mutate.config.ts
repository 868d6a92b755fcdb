import { configDefaults, defineConfig } from 'vitest/config';

/** The quick tests of one part of the core, for faults that are put into its sources: `WARY_TESTS_OF`, patterns joined by commas. */
export default defineConfig({
	test: {
		include: process.env['WARY_TESTS_OF']?.split(',') ?? [],
		exclude: [...configDefaults.exclude, '**/*.long.test.ts'],
		testTimeout: 120_000
	}
});
