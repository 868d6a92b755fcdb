import { svelte } from '@sveltejs/vite-plugin-svelte';
import { playwright } from '@vitest/browser-playwright';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	test: {
		// One worker to a processor: left to itself it keeps one of two free for a user who isn’t there.
		maxWorkers: '100%',
		projects: [
			{ test: { name: 'core', include: ['core/**/*.test.ts'], testTimeout: 120_000 } },
			{
				// Runes in plain modules are compiled as in the page.
				plugins: [svelte()],
				resolve: {
					conditions: ['browser'],
					alias: { $lib: new URL('./web/src/lib', import.meta.url).pathname }
				},
				test: {
					name: 'web',
					include: ['web/src/**/*.test.ts'],
					exclude: ['web/src/**/*.browser.test.ts'],
					testTimeout: 60_000,
					hookTimeout: 60_000
				}
			},
			{
				// Components by themselves, in Debian's Chromium.
				plugins: [svelte()],
				resolve: {
					conditions: ['browser'],
					alias: {
						$lib: new URL('./web/src/lib', import.meta.url).pathname,
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
						provider: playwright({
							launchOptions: {
								executablePath: '/usr/bin/chromium',
								args: [
									'--no-sandbox',
									'--disable-gpu',
									'--disable-quic',
									'--no-first-run',
									'--disable-background-networking',
									'--disable-component-update',
									'--disable-sync'
								]
							}
						}),
						instances: [{ browser: 'chromium' }]
					}
				}
			}
		]
	}
});
