import { randomUUID } from 'node:crypto';
import { json, type Handle, type HandleServerError, type RequestEvent, type ServerInit } from '@sveltejs/kit';
import { storable } from '@wary/core/text';
import { isServedName, letsIn } from '$lib/server/addresses';
import { disconnect } from '$lib/server/db';
import { maybePaired } from '$lib/server/devices';
import { failedAs, statuses } from '$lib/server/failedAs';
import { whileAsked } from '$lib/server/heavy/asking';
import { log } from '$lib/server/log';
import { isFromElsewhere } from '$lib/server/sameSite';
import { watchSpace } from '$lib/server/space';
import { troubleOf } from '$lib/server/troubles';
import { failureWords } from '$words/failures';

// The server's own stop (`serve.mjs`): connections to the database are the last thing that keeps the process alive.
process.once('wary:stopping', () => void disconnect());

export const init: ServerInit = watchSpace;

const securityHeaders = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'x-frame-options': 'DENY',
	'permissions-policy': 'geolocation=(), microphone=(), camera=()',
	'cross-origin-opener-policy': 'same-origin'
};

/** Seconds after which it is worth asking again when the database was away. */
const retryAfterS = 2;

export const handle: Handle = async ({ event, resolve }) => {
	const started = performance.now();
	event.locals.requestId = randomUUID();
	event.locals.failed = null;
	const wanted = event.cookies.get('theme');
	event.locals.theme = wanted === 'dark' || wanted === 'light' ? wanted : 'auto';
	const turnedAway = await notLetIn(event);
	const response =
		turnedAway ??
		afterFailure(
			event,
			await whileAsked(event.platform, async () =>
				resolve(event, {
					transformPageChunk: ({ html }) => html.replace('%wary.theme%', event.locals.theme)
				})
			)
		);
	for (const [name, value] of Object.entries(securityHeaders)) response.headers.set(name, value);
	if (event.url.pathname !== '/health' && !event.url.pathname.startsWith('/_app'))
		log.info({
			request: event.locals.requestId,
			method: event.request.method,
			path: event.url.pathname,
			status: response.status,
			ms: Math.round(performance.now() - started)
		});
	return response;
};

/** What a request is answered that may not come in at all; null where it may. */
async function notLetIn(event: RequestEvent): Promise<Response | null> {
	if (!isServedName(event.request.headers.get('host'))) return refusal(event, 421, 'unknownHost');
	if (!addressIsText(event.url)) return refusal(event, 400, 'malformed');
	if (isFromElsewhere(event.request, event.url.origin)) return refusal(event, 403, 'otherSite');
	if (letsIn(event.getClientAddress()) || event.url.pathname === '/pair') return null;
	try {
		return (await maybePaired(event.cookies.get('device'))) ? null : refusal(event, 403, 'notPaired');
	} catch (error) {
		const known = failedAs(error);
		if (!known) throw error;
		const failed = await troubleOf(known);
		return refusal(event, statuses[failed], failed);
	}
}

/** Whether every part of an address, decoded, is text that could be stored: `%00` is none. */
function addressIsText({ pathname, searchParams }: URL): boolean {
	try {
		return storable(decodeURIComponent(pathname)) && [...searchParams].flat().every(storable);
	} catch {
		return false;
	}
}

type Failure = keyof typeof failureWords;

/** A failure that isn't a page's own: JSON where a program asked, otherwise one plain page. */
function refusal({ request, url }: RequestEvent, status: number, code: Failure): Response {
	const headers: Record<string, string> = status === 503 ? { 'retry-after': String(retryAfterS) } : {};
	const page =
		(request.headers.get('accept') ?? '').includes('text/html') && !url.pathname.startsWith('/api/');
	if (!page) return json({ ok: false, code }, { status, headers });
	const { title, text } = failureWords[code];
	return new Response(plainPage(title, text), {
		status,
		headers: { ...headers, 'content-type': 'text/html; charset=utf-8' }
	});
}

const plainPage = (title: string, text: string): string =>
	`<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">` +
	`<title>${title}</title><body style="font:1.1rem/1.5 sans-serif;max-width:34rem;margin:3rem auto;padding:0 1rem">` +
	`<h1>${title}</h1><p>${text}</p></body></html>`;

/** What went wrong inside gets the status that it deserves: the database away is 503 and worth asking again, a value it won't take is the asker's. */
function afterFailure(event: RequestEvent, response: Response): Response {
	const { failed } = event.locals;
	if (!failed || response.status < 500) return response;
	const status = statuses[failed];
	if (event.url.pathname.startsWith('/api/') || event.url.pathname === '/health')
		return refusal(event, status, failed);
	const headers = new Headers(response.headers);
	if (status === 503) headers.set('retry-after', String(retryAfterS));
	return new Response(response.body, { status, headers });
}

/** The one place where the unexpected ends: logged whole, shown as a number to quote and nothing else. */
export const handleError: HandleServerError = async ({ error, event, status, message }) => {
	if (status === 404) return { message: failureWords.notFound.text, code: 'notFound' };
	const known = failedAs(error);
	if (known) {
		const failed = await troubleOf(known);
		event.locals.failed = failed;
		log.warn({ request: event.locals.requestId, path: event.url.pathname, failed });
		return { message: failureWords[failed].text, code: failed };
	}
	log.error({
		request: event.locals.requestId,
		path: event.url.pathname,
		status,
		message,
		err: error
	});
	return { message: `${failureWords.unexpected.text} ${event.locals.requestId}`, code: 'unexpected' };
};
