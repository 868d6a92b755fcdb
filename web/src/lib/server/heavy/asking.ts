import { AsyncLocalStorage } from 'node:async_hooks';
import type { IncomingMessage } from 'node:http';

const asked = new AsyncLocalStorage<AbortSignal>();

/** Aborted when whoever asked has gone, inside `whileAsked`. */
export const asking = (): AbortSignal | undefined => asked.getStore();

/**
 * Answers a request. `platform`: what the adapter hands on, its connection among it. What SvelteKit calls a request’s signal knows only of one that breaks off before it is
 * read.
 */
export async function whileAsked<Answer>(platform: unknown, answer: () => Promise<Answer>): Promise<Answer> {
	const socket = (platform as { readonly req?: IncomingMessage } | undefined)?.req?.socket;
	const gone = new AbortController();
	const abort = () => gone.abort();
	if (socket?.destroyed) abort();
	socket?.once('close', abort);
	try {
		return await asked.run(gone.signal, answer);
	} finally {
		socket?.off('close', abort);
	}
}
