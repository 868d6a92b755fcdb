import { randomUUID } from 'node:crypto';
import type { Handle, HandleServerError } from '@sveltejs/kit';
import { log } from '$lib/server/log';

const securityHeaders = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'x-frame-options': 'DENY',
	'permissions-policy': 'geolocation=(), microphone=(), camera=()',
	'cross-origin-opener-policy': 'same-origin'
};

export const handle: Handle = async ({ event, resolve }) => {
	const started = performance.now();
	event.locals.requestId = randomUUID();
	const wanted = event.cookies.get('theme');
	event.locals.theme = wanted === 'dark' || wanted === 'light' ? wanted : 'auto';
	const response = await resolve(event, {
		transformPageChunk: ({ html }) => html.replace('%wary.theme%', event.locals.theme)
	});
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

/** The one place where the unexpected ends: logged whole, shown as a number to quote and nothing else. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status === 404) return { message: 'There is nothing at this address.', code: 'notFound' };
	log.error({ request: event.locals.requestId, path: event.url.pathname, status, message, err: error });
	return {
		message: `Something went wrong here that should not have. Nothing you recorded is lost. Number: ${event.locals.requestId}`,
		code: 'unexpected'
	};
};
