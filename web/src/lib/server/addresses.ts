import { machineAddresses } from '../../../../scripts/lib/addresses.mjs';

export { machineAddresses };

/** Names and addresses by which this server may be asked for, without ports. `HOST` is where it listens, `ORIGIN` what a proxy calls it. */
export function servedNames(env: Readonly<Record<string, string | undefined>> = process.env): Set<string> {
	const names = new Set(['localhost', '127.0.0.1', '[::1]']);
	const host = env.HOST;
	if (host && isWildcard(host)) for (const address of machineAddresses(host)) names.add(address);
	else if (host) names.add(bracketed(host));
	if (env.ORIGIN)
		try {
			names.add(new URL(env.ORIGIN).hostname);
		} catch {
			// Not an address: the start script says so.
		}
	return names;
}

export const isWildcard = (host: string): boolean => host === '0.0.0.0' || host === '::' || host === '[::]';
const bracketed = (address: string): string =>
	address.includes(':') && !address.startsWith('[') ? `[${address}]` : address;

/** Whether a `Host` header names this server. One that doesn't comes from a page elsewhere whose name was pointed here. */
export function isServedName(header: string | null, names: ReadonlySet<string> = servedNames()): boolean {
	if (header === null) return false;
	const name = /^(\[[0-9a-f:.]+\]|[^:]+)(:\d{1,5})?$/i.exec(header.trim())?.[1];
	return name !== undefined && names.has(name.toLowerCase());
}

/**
 * Whether a request's address lets it in by itself: this machine's own. Behind a proxy (`ORIGIN`) everybody's is the proxy's, which says nothing of who asks; then only the one that it
 * passes on in a header counts, where that is named (`ADDRESS_HEADER`).
 */
export const letsIn = (
	address: string,
	env: Readonly<Record<string, string | undefined>> = process.env
): boolean => isLoopback(address) && (!env.ORIGIN || Boolean(env.ADDRESS_HEADER));

/** Whether a request comes from this machine itself. */
export const isLoopback = (address: string): boolean => address === '::1' || /^(::ffff:)?127\./.test(address);
