import { existsSync } from 'node:fs';
import { needDebian } from './debian.mjs';

/** Debian's Chromium without a window of its own: the same pages by the same engine, for a quarter less of the processor. */
const shell = { name: 'chromium-headless-shell', marker: '/usr/bin/chromium-headless-shell' };
const whole = { name: 'chromium', marker: '/usr/bin/chromium' };

/** Has a Chromium there: the shell, or, where that can't be had, the whole one. */
export async function needChromium() {
	if (existsSync(shell.marker)) return 'there already';
	try {
		return await needDebian([shell]);
	} catch {
		return needDebian([whole]);
	}
}

/** How Playwright starts it: headless; as root it wants no sandbox. */
export const launchOptions = () => ({
	executablePath: existsSync(shell.marker) ? shell.marker : whole.marker,
	args: [
		...(process.getuid?.() === 0 ? ['--no-sandbox'] : []),
		'--disable-gpu',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync'
	]
});
