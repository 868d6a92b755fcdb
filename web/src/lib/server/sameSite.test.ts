import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isFromElsewhere, ownPath } from './sameSite';

describe('where a form goes back to', () => {
	it('a path of this site, with what it asks', () => {
		for (const path of ['/', '/fennel-lane', '/fennel-lane/log?kind=proof', '/a/../b'])
			expect(ownPath(path)).toBe(path === '/a/../b' ? '/b' : path);
	});
	it('never another site, however it is written', () => {
		for (const path of [
			'//evil.example',
			'/..//evil.example',
			'/.//evil.example',
			'/a/..//evil.example',
			'/\\evil.example',
			'\\\\evil.example',
			'https://evil.example',
			'/\t/evil.example',
			'/%2e%2e//evil.example',
			'javascript:alert(1)',
			'',
			null,
			7
		])
			expect([path, ownPath(path)]).toEqual([path, '/']);
		const pieces = fc.constantFrom(
			'/',
			'\\',
			'..',
			'.',
			'evil.example',
			'@',
			':',
			'%2e',
			'%2f',
			'\t',
			'\n',
			'http:',
			'?',
			'#',
			'a'
		);
		fc.assert(
			fc.property(fc.array(pieces, { maxLength: 9 }), (parts) => {
				const site = 'http://127.0.0.1:4173';
				// As a browser follows it, twice over: what it shows it may resolve again.
				const followed = new URL(ownPath(parts.join('')), site);
				expect(followed.origin).toBe(site);
				expect(new URL(followed.pathname + followed.search, site).origin).toBe(site);
			}),
			{ seed: 20261201, numRuns: 2000 }
		);
	});
});

describe('a request that changes something', () => {
	const own = 'http://house.test:4173';
	const sent = (method: string, headers: Record<string, string>) =>
		isFromElsewhere(new Request(own, { method, headers: { host: 'house.test:4173', ...headers } }), own);
	it('is known as another site’s by what the browser says of it, with a body or without', () => {
		expect(sent('POST', { origin: 'https://evil.example' })).toBe(true);
		expect(sent('DELETE', { origin: 'null' })).toBe(true);
		expect(sent('POST', { 'sec-fetch-site': 'cross-site' })).toBe(true);
		expect(sent('PUT', { 'sec-fetch-site': 'same-site', origin: own })).toBe(true);
	});
	it('is taken from a page of this site and from a program; looking changes nothing', () => {
		expect(sent('POST', { origin: own, 'sec-fetch-site': 'same-origin' })).toBe(false);
		expect(sent('POST', {})).toBe(false);
		expect(sent('GET', { origin: 'https://evil.example', 'sec-fetch-site': 'cross-site' })).toBe(false);
	});
});
