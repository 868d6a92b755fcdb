import { networkInterfaces } from 'node:os';

/** Addresses of this machine on its networks, as they stand in a URL, IPv4 first. */
export const machineAddresses = () =>
	Object.values(networkInterfaces())
		.flatMap((each) => each ?? [])
		.filter(({ internal, address }) => !internal && !address.startsWith('fe80'))
		.sort((a, b) => a.family.localeCompare(b.family))
		.map(({ address, family }) => (family === 'IPv6' ? `[${address}]` : address));
