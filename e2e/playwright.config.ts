import { defineConfig } from '@playwright/test';
import { launchOptions } from '../scripts/lib/chromium.mjs';

export default defineConfig({
	testDir: '.',
	testMatch: '*.spec.ts',
	// On a machine that is six times slower at times; what is there sooner waits for nothing.
	timeout: 400_000,
	maxFailures: process.env.CI ? 0 : 2,
	expect: { timeout: 40_000 },
	workers: 2,
	fullyParallel: true,
	outputDir: '../test-results',
	use: {
		actionTimeout: 40_000,
		launchOptions: launchOptions(),
		viewport: { width: 1280, height: 800 },
		locale: 'en-GB',
		timezoneId: 'UTC'
	}
});
