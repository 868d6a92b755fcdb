import { chromium, type Browser } from '@playwright/test';

const flags = [
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync'
];

/** Debian's Chromium, headless; as root it wants no sandbox. */
export const launchOptions = {
	executablePath: '/usr/bin/chromium',
	args: process.getuid?.() === 0 ? ['--no-sandbox', ...flags] : flags
};

export const launch = (): Promise<Browser> => chromium.launch(launchOptions);
