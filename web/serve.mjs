import compression from 'compression';
import { readdir } from 'node:fs/promises';
import { createServer } from 'node:http';

/**
 * Serves the built application. `HOST` and `PORT` say where; without `ORIGIN` a page's own address is what it was asked by, which `hooks.server.ts`
 * checks, so that forms work under every address of the machine. SIGTERM and SIGINT stop it: what is under way is answered, idle connections end at once.
 */
const origin = process.env.ORIGIN;
// The handler takes the protocol from this header; nobody outside can set it, since it is set below.
if (!origin) process.env.PROTOCOL_HEADER = 'x-wary-protocol';
// The threads of heavy sums.
process.env.WARY_SUMS ??= new URL('./build/heavy/worker.js', import.meta.url).href;
const { handler } = await import('./build/handler.js');

/** Level 4 of 9: chosen, most of what is to be won for half the time. */
const compressed = compression({ level: 4 });

/** What is under way at a stop may take this long, ms. */
const graceMs = 5_000;

/** Whether a `Host` can stand in an address at all; which names are served is for `hooks.server.ts`. */
const isHost = (host) => host !== undefined && host !== '' && URL.canParse(`http://${host}`);

const server = createServer((request, response) => {
	if (!isHost(request.headers.host)) {
		response.statusCode = 400;
		return response.end();
	}
	request.headers['x-wary-protocol'] = 'http';
	// What nobody read of a request that is answered is read to its end and dropped: left there it would hold up the next one on this connection, or break it.
	response.once('finish', () => {
		if (request.complete) return;
		request.removeAllListeners('data');
		request.resume();
	});
	// What is built is compressed beforehand; this is for pages and answers.
	compressed(request, response, () =>
		handler(request, response, () => {
			response.statusCode = 404;
			response.end();
		})
	);
});

let stopping = false;
function stop() {
	if (stopping) return;
	stopping = true;
	const done = () => process.emit('wary:stopping');
	server.close(done);
	server.closeIdleConnections();
	// A kept-alive connection whose answer was under way is idle as soon as that is out.
	const sweep = setInterval(() => server.closeIdleConnections(), 100);
	sweep.unref();
	setTimeout(() => {
		server.closeAllConnections();
		setTimeout(() => process.exit(0), 500).unref();
	}, graceMs).unref();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
// Whoever started it is gone, and nobody would stop it.
process.on('disconnect', stop);
process.channel?.unref();

/**
 * Every page's own code, a file at a time: loaded by the first who asks for that page, it would hold up everybody else with them (a print's: 0.4 s). A file that can't be
 * loaded is told then, to whoever asks for it.
 */
async function loadPages() {
	const chunks = new URL('./build/server/chunks/', import.meta.url);
	for (const file of await readdir(chunks, { recursive: true }))
		if (file.endsWith('.js') && !stopping) await import(new URL(file, chunks)).catch(() => undefined);
}

server.listen(Number(process.env.PORT ?? 4173), process.env.HOST ?? '127.0.0.1', loadPages);
