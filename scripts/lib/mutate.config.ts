import { renameSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { build } from 'vite';
import { defineConfig } from 'vitest/config';

/** The quick tests of one part of the core, for faults that are put into its sources: `WARY_TESTS_OF`, joined by commas, those first that notice most for their time. */
const tests = process.env['WARY_TESTS_OF']?.split(',') ?? [];

/**
 * They are made one file with all that they import, once the faults stand in the sources: file by file the core would be loaded anew for each of five tests and each of a thousand
 * faults, which takes far longer than the tests. Each of the runners that share a copy of the tree makes it, and puts it where the others have it in one go.
 */
const own = `faults.${process.pid}`;
writeFileSync(`core/${own}.ts`, tests.map((name) => `import '${resolve(name)}';\n`).join(''));
await build({
	configFile: false,
	logLevel: 'error',
	ssr: { noExternal: /./ },
	build: {
		ssr: `core/${own}.ts`,
		outDir: 'core',
		emptyOutDir: false,
		copyPublicDir: false,
		target: 'node20',
		rolldownOptions: {
			// A test is imported for what it does, whatever its package says of its modules.
			treeshake: false,
			external: /^(vitest|fast-check|node:)/,
			output: { entryFileNames: `${own}.js`, codeSplitting: false }
		}
	}
});
renameSync(`core/${own}.js`, 'core/faults.test.js');

export default defineConfig({ test: { include: ['core/faults.test.js'], testTimeout: 120_000 } });
