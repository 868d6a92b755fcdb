import { svelte } from '@sveltejs/vite-plugin-svelte';
import { playwright } from '@vitest/browser-playwright';
import { readdirSync, readFileSync } from 'node:fs';
import { configDefaults, defineConfig } from 'vitest/config';
import { launchOptions } from './scripts/lib/chromium.mjs';
import { longest, slow } from './scripts/lib/slow.mjs';

/**
 * What is left out, by `WARY_TESTS`. `quick`, of `npm run check`: the slow ones, and those that need a database. `withoutWalks`, of `npm test`: walks that were walked
 * already as they stand. `withoutLongest`, of `npm run test:all`: what takes as long as all the rest, and runs beside it (a `--exclude` on the command line doesn't reach
 * the projects).
 */
const leftOutOf: Readonly<Record<string, string[]>> = {
	quick: [...slow.map((name) => `**/*${name}.test.ts`), '**/lib/server/**'],
	withoutWalks: ['**/*.walk.long.test.ts'],
	withoutLongest: longest.map((name) => `**/*${name}.test.ts`)
};
const leftOut = leftOutOf[process.env.WARY_TESTS ?? ''] ?? [];
const source = new URL('./web/src/', import.meta.url);
/** What components take from packages. Made ready before the first test: what turns up later would load its page anew in the middle of it. */
const packagesOfComponents = [
	...new Set(
		readdirSync(source, { recursive: true, encoding: 'utf8' })
			.filter((file) => /lib\/(ui|words)\/|\.svelte$|answers/.test(file) && /\.(svelte|ts)$/.test(file))
			.flatMap((file) => [
				...readFileSync(new URL(file, source), 'utf8').matchAll(
					/from '((?:flowbite-svelte|flowbite-svelte-icons)\/[^']+\.svelte|zod\/mini)'/g
				)
			])
			.map(([, name]) => name!)
	)
];

const alias = {
	$lib: new URL('./web/src/lib', import.meta.url).pathname,
	$words: new URL('./web/src/lib/words/en', import.meta.url).pathname
};

export default defineConfig({
	test: {
		// One worker to a processor: left to itself it keeps one of two free for a user who isn’t there.
		maxWorkers: '100%',
		projects: [
			{
				// Those that draw or walk by the thousand, each by itself: what they leave behind would slow the others down.
				test: {
					name: 'long',
					include: ['core/**/*.long.test.ts'],
					exclude: [...configDefaults.exclude, ...leftOut],
					testTimeout: 120_000
				}
			},
			{
				test: {
					name: 'core',
					include: ['core/**/*.test.ts'],
					exclude: [...configDefaults.exclude, '**/*.long.test.ts', ...leftOut],
					testTimeout: 120_000,
					// Pure functions: nothing that one file does is seen by another, and the core is loaded once.
					isolate: false
				}
			},
			{
				// Runes in plain modules are compiled as in the page.
				plugins: [svelte()],
				resolve: {
					conditions: ['browser'],
					alias
				},
				test: {
					name: 'web',
					include: ['web/src/**/*.test.ts'],
					exclude: ['web/src/**/*.browser.test.ts', ...leftOut],
					testTimeout: 60_000,
					hookTimeout: 60_000
				}
			},
			{
				// Components by themselves, in Debian's Chromium.
				plugins: [svelte()],
				optimizeDeps: { include: [...packagesOfComponents, 'jsonc-parser', 'papaparse', 'zod'] },
				resolve: {
					conditions: ['browser'],
					alias: {
						...alias,
						'$app/environment': new URL('./web/src/test/environment.ts', import.meta.url).pathname
					}
				},
				test: {
					name: 'components',
					include: ['web/src/**/*.browser.test.ts'],
					browser: {
						enabled: true,
						headless: true,
						screenshotFailures: false,
						provider: playwright({ launchOptions: launchOptions() }),
						instances: [{ browser: 'chromium' }]
					}
				}
			}
		]
	}
});
