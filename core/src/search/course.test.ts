import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import { candidatesFor, courseOfBelief, defaultSettings, searchStand, type SearchEvent } from './index';

const candidates = candidatesFor(fennelLaneRecorded(), 'sewing-east-wall', []);
const answer = (off: string[], said: 'dark' | 'on' | 'unsure'): SearchEvent => ({
	kind: 'answer',
	off,
	answer: said,
	by: 'lamp'
});

describe('the course of a search', () => {
	it('begins with what the record makes likely, and follows the answers to the one that made it dark', () => {
		const events = [answer(['b11'], 'on'), answer(['b9', 'b12'], 'on'), answer(['b14'], 'dark')];
		const course = courseOfBelief(candidates, defaultSettings, events);
		expect(course.map(({ shares }) => shares.length)).toEqual(course.map(() => 4));
		expect(course[0]!.breaker).toBe('b14');
		expect(course[0]!.shares[3]).toBeGreaterThan(0.9);
		const b11 = course.find(({ breaker }) => breaker === 'b11')!;
		expect(b11.shares[1]).toBeLessThan(b11.shares[0]! / 10);
		expect(course.at(-1)!.breaker).toBeNull();
		expect(course.length).toBeLessThanOrEqual(7);
	});

	it('says what the search itself believes at every move, and an answer that isn’t one moves nothing', () => {
		const events = [answer(['b11'], 'on'), answer(['b14'], 'unsure'), answer(['b14'], 'dark')];
		const course = courseOfBelief(candidates, defaultSettings, events);
		for (const { breaker, shares } of course) {
			expect(shares[2]).toBe(shares[1]);
			if (breaker === null) continue;
			for (const [k, share] of shares.entries()) {
				const alone = searchStand(candidates, defaultSettings, events.slice(0, k)).probability[breaker]!;
				// Alone, or with one other: never less than alone, and no more than what is left over.
				expect(share).toBeGreaterThanOrEqual(alone);
				expect(share).toBeLessThanOrEqual(1 + 1e-12);
			}
		}
	});
});
