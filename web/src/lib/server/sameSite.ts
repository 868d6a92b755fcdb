/** Where a form goes back to: a path of this site, or `/`. A browser takes `//name`, `/\name` and what a `..` leaves of them for another site. */
export function ownPath(wanted: unknown): string {
	if (typeof wanted !== 'string' || !/^\/(?![/\\])[^\\\s]*$/.test(wanted)) return '/';
	const here = 'http://here.invalid';
	const { origin, pathname, search } = new URL(wanted, here);
	return origin === here && !pathname.startsWith('//') ? pathname + search : '/';
}

/** Whether a request that changes something was sent by a page of another site: by the origin or the relation that the browser gives it. Programs give neither. */
export function isFromElsewhere({ method, headers }: Request, own: string): boolean {
	if (method === 'GET' || method === 'HEAD' || method === 'OPTIONS') return false;
	const relation = headers.get('sec-fetch-site');
	if (relation === 'cross-site' || relation === 'same-site') return true;
	const origin = headers.get('origin');
	return origin !== null && origin !== own && origin !== `http://${headers.get('host')}`;
}

/** A form’s fields; `null` where the body is none. */
export const formOf = (request: Request): Promise<FormData | null> => request.formData().catch(() => null);
