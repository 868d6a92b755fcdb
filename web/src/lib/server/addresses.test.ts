import { drawn } from '../../../../core/test/draws';
import { networkInterfaces } from 'node:os';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { machineAddresses } from '../../../../scripts/lib/addresses.mjs';
import { isLoopback, isServedName, isWildcard, letsIn, servedNames } from './addresses';

describe('names this server answers to', () => {
	it('are loopback’s, where nothing else is said', () => {
		expect([...servedNames({})].toSorted()).toEqual(['127.0.0.1', '[::1]', 'localhost']);
	});

	it('and the address it listens on, an IPv6 one in brackets as a browser sends it', () => {
		expect(servedNames({ HOST: '192.0.2.7' })).toContain('192.0.2.7');
		expect(servedNames({ HOST: '2001:db8::7' })).toContain('[2001:db8::7]');
		expect(servedNames({ HOST: '192.0.2.7' })).not.toContain('192.0.2.8');
	});

	it('and every address of the machine where it listens on all of them, but never the wildcard itself', () => {
		const names = servedNames({ HOST: '0.0.0.0' });
		for (const address of machineAddresses()) expect(names).toContain(address);
		for (const wildcard of ['0.0.0.0', '::', '[::]']) {
			expect(isWildcard(wildcard)).toBe(true);
			expect(names).not.toContain(wildcard);
		}
		const own = Object.values(networkInterfaces())
			.flatMap((each) => each ?? [])
			.filter(({ internal, address }) => !internal && !address.startsWith('fe80'));
		expect(machineAddresses('::')).toHaveLength(own.length);
		// What listens on 0.0.0.0 doesn't answer at an IPv6 address: none is told.
		expect(machineAddresses('0.0.0.0').toSorted()).toEqual(
			own.flatMap(({ family, address }) => (family === 'IPv4' ? [address] : [])).toSorted()
		);
	});

	it('and what a proxy calls it, without scheme and port; an ORIGIN that is none changes nothing', () => {
		expect(servedNames({ ORIGIN: 'https://wary.example:8443' })).toContain('wary.example');
		expect([...servedNames({ ORIGIN: 'not an address' })].toSorted()).toEqual(
			[...servedNames({})].toSorted()
		);
	});
});

describe('whether a Host header names this server', () => {
	const names = servedNames({ HOST: '192.0.2.7' });

	it.each([
		'localhost',
		'localhost:4173',
		'LOCALHOST',
		'127.0.0.1:80',
		'[::1]',
		'[::1]:4173',
		'192.0.2.7:4173'
	])('%s does', (header) => {
		expect(isServedName(header, names)).toBe(true);
	});

	it.each([
		null,
		'',
		'evil.example',
		'localhost.evil.example',
		'evil.example:4173',
		'localhost@evil.example',
		'192.0.2.70',
		'127.0.0.1:4173:80',
		'[::1',
		'localhost:',
		'localhost:99999999',
		'localhost, evil.example'
	])('%s doesn’t', (header) => {
		expect(isServedName(header, names)).toBe(false);
	});

	it('nothing but the names themselves, with a port or without', () => {
		fc.assert(
			fc.property(fc.string(), (header) => {
				const name = header
					.trim()
					.toLowerCase()
					.replace(/:\d{1,5}$/, '');
				if (!names.has(name)) expect(isServedName(header, names)).toBe(false);
			}),
			drawn(9, 500)
		);
	});
});

describe('whether a request comes from this machine', () => {
	it.each(['127.0.0.1', '127.8.9.10', '::1', '::ffff:127.0.0.1'])('%s: yes', (address) => {
		expect(isLoopback(address)).toBe(true);
	});
	it.each(['192.0.2.7', '10.127.0.0', '::ffff:192.0.2.7', '::2', '1127.0.0.1', '', '2001:db8::127'])(
		'“%s”: no',
		(address) => {
			expect(isLoopback(address)).toBe(false);
		}
	);
});

it('an address lets in by itself what comes from this machine; behind a proxy nobody, unless it is told whose it is', () => {
	expect(letsIn('127.0.0.1', {})).toBe(true);
	expect(letsIn('192.0.2.9', {})).toBe(false);
	const proxied = { ORIGIN: 'https://wary.example' };
	expect(letsIn('127.0.0.1', proxied)).toBe(false);
	expect(letsIn('127.0.0.1', { ...proxied, ADDRESS_HEADER: 'x-real-ip' })).toBe(true);
	expect(letsIn('192.0.2.9', { ...proxied, ADDRESS_HEADER: 'x-real-ip' })).toBe(false);
});
