/**
 * Runs a program for as long as it isn't told to stop: one that dies is started again, three times a minute at most; after that its end is told. `start` makes the process.
 */
export function keep(start, { atMost = 3, withinMs = 60_000, say = console.error } = {}) {
	const deaths = [];
	let stopping = false;
	let running;
	const ended = new Promise((resolve) => {
		const run = () => {
			running = start();
			running.once('exit', (code, signal) => {
				const now = performance.now();
				deaths.push(now);
				const lately = deaths.filter((at) => now - at < withinMs).length;
				if (stopping || lately > atMost) return resolve(code ?? signal);
				say(`The server ended by itself (${code ?? signal}); it is started again.`);
				run();
			});
		};
		run();
	});
	return {
		/** How it ended at last: its code, or the signal. */
		ended,
		stop() {
			if (stopping) return;
			stopping = true;
			running.kill('SIGTERM');
		}
	};
}
