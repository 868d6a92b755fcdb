import { networkInterfaces } from 'node:os';

/** Addresses of this machine on its networks at which a server on that wildcard answers, as they stand in a URL, IPv4 first: `0.0.0.0` is IPv4 alone. */
export const machineAddresses = (host = '0.0.0.0') =>
	Object.values(networkInterfaces())
		.flatMap((each) => each ?? [])
		.filter(({ internal, address }) => !internal && !address.startsWith('fe80'))
		.filter(({ family }) => host !== '0.0.0.0' || family === 'IPv4')
		.sort((a, b) => a.family.localeCompare(b.family))
		.map(({ address, family }) => (family === 'IPv6' ? `[${address}]` : address));
