import { configDefaults, defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';

/** The quick tests of one part of the core, for faults that are put into its sources: `WARY_TESTS_OF`, joined by commas, those first that notice most for their time. */
const tests = process.env['WARY_TESTS_OF']?.split(',') ?? [];

class AsTold extends BaseSequencer {
	override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
		const place = ({ moduleId }: TestSpecification) => tests.findIndex((name) => moduleId.endsWith(name));
		return [...files].sort((a, b) => place(a) - place(b));
	}
}

export default defineConfig({
	test: {
		include: tests,
		exclude: [...configDefaults.exclude, '**/*.long.test.ts'],
		testTimeout: 120_000,
		sequence: { sequencer: AsTold }
	}
});
