import { AsyncLocalStorage } from 'node:async_hooks';
import type { IncomingMessage } from 'node:http';
import type { Socket } from 'node:net';

/** The connection that an answer is asked for on. What SvelteKit calls a request's signal knows only of one that breaks off before it is read. */
export const asking = new AsyncLocalStorage<Socket | undefined>();

/** That connection, by what the adapter hands on. */
export const connectionOf = (platform: unknown): Socket | undefined =>
	(platform as { readonly req?: IncomingMessage } | undefined)?.req?.socket;
