import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import { evidenceOf, latestFindings, namesPlace, sameWord, tellingWords, wordsOf } from './evidence';
import { findBreaker } from './lookup';
import type { Breaker } from './schema';

const house = fennelLaneRecorded();
type Finding = Breaker['findings'][number];
const finding = (what: Finding['finding'], box: string, on = '2026-11-20'): Finding => ({
	finding: what,
	box,
	on,
	how: 'a lamp'
});
/** The breaker with a label and what was found of it, oldest first. */
const breaker = (id: string, label: string, ...findings: Finding[]): Breaker => ({
	...findBreaker(house, id)!,
	label,
	findings
});

describe('how sure a line of the directory is', () => {
	it('says nothing where nothing is written and nothing was found', () => {
		expect(evidenceOf(house, breaker('b11', ''))).toEqual({ level: 'blank' });
	});

	it('is a claim where somebody wrote it', () => {
		expect(evidenceOf(house, breaker('b11', 'sewing rm'))).toEqual({ level: 'claimed' });
	});

	it('is found where a test says that it feeds something, with all that it feeds and the newest test', () => {
		const last = finding('feeds', 'sewing-door-wall', '2026-11-21');
		expect(evidenceOf(house, breaker('b11', '', finding('feeds', 'sewing-east-wall'), last))).toEqual({
			level: 'found',
			boxes: ['sewing-east-wall', 'sewing-door-wall'],
			last
		});
	});

	it('is contradicted where a test says that it doesn’t feed what the record puts on it', () => {
		const by = finding('doesNotFeed', 'sewing-east-wall');
		expect(evidenceOf(house, breaker('b11', '', by))).toEqual({ level: 'contradicted', by });
	});

	it('is contradicted where it doesn’t feed a place that its label names, wherever that is recorded', () => {
		const by = finding('doesNotFeed', 'sewing-east-wall');
		expect(evidenceOf(house, breaker('b14', 'sewing', by))).toEqual({ level: 'contradicted', by });
		// Of a place that neither label nor record speaks of, a test proves nothing wrong.
		expect(evidenceOf(house, breaker('b14', 'attic fan', by))).toEqual({ level: 'claimed' });
	});

	it('believes the last test of a box, and what feeds over what doesn’t', () => {
		const not = finding('doesNotFeed', 'sewing-east-wall', '2026-11-20');
		const does = finding('feeds', 'sewing-east-wall', '2026-11-21');
		expect(latestFindings(breaker('b11', '', not, does))).toEqual([does]);
		expect(evidenceOf(house, breaker('b11', 'sewing', not, does)).level).toBe('found');
		expect(evidenceOf(house, breaker('b11', 'sewing', does, { ...not, on: '2026-11-22' })).level).toBe(
			'contradicted'
		);
	});
});

describe('words of a label', () => {
	it('are compared without case, marks and the words that any label has', () => {
		expect(wordsOf('Kitchen / counter-L')).toEqual(['kitchen', 'counter']);
		expect(tellingWords('Sewing room outlets')).toEqual(['sewing']);
		expect(wordsOf('CAFÉ')[0]).toMatch(/^cafe/);
	});

	it('mean the same where one shortens the other, by three letters or more', () => {
		expect(sameWord('bed', 'bedroom')).toBe(true);
		expect(sameWord('bedroom', 'bed')).toBe(true);
		expect(sameWord('be', 'bedroom')).toBe(false);
		expect(sameWord('bath', 'bed')).toBe(false);
	});

	it('meaning the same goes both ways, and every word means itself', () => {
		const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), minLength: 1, maxLength: 6 });
		fc.assert(
			fc.property(word, word, (a, b) => {
				expect(sameWord(a, b)).toBe(sameWord(b, a));
				expect(sameWord(a, a)).toBe(true);
			}),
			drawn(9)
		);
	});

	it('name the room of a box', () => {
		expect(namesPlace(house, 'sewing rm', 'sewing-east-wall')).toBe(true);
		expect(namesPlace(house, 'music rm', 'sewing-east-wall')).toBe(false);
		expect(namesPlace(house, 'room', 'sewing-east-wall')).toBe(false);
		expect(namesPlace(house, 'sewing', 'no-such-box')).toBe(false);
	});
});
