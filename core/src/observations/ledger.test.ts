import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Person, planOf } from '../../test/person';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '../demo';
import { withBox, withTripped } from '../house';
import { familyOf } from '../devices';
import { dueOf, lastLoaded, nextTests, observationBody, observedIn, testsDue, type Observation } from '.';

const post = 'greenhouse-pump-post';
/** With the button of the one GFCI that nobody wrote a test down for; the laundry’s is of no concern here. */
const us = withBox(fennelLaneRecorded(), 'laundry-shelf-left', ({ device: _gfci, ...box }) => ({
	...box,
	terminations: box.terminations.map((end) => ({ ...end, at: 'capped' })),
	pigtails: []
}));
const pressed = (at: string, shows: 'dark' | 'stayedLit' | 'noReset' = 'dark', box = post): Observation => ({
	id: `${at}-${shows}`,
	at: `${at}T09:00:00.000Z`,
	box,
	job: null,
	body: { kind: 'buttonTest', shows }
});

describe('test buttons', () => {
	test('one that nobody wrote down is due; a month after it was pressed it is due again (maker’s instruction)', () => {
		expect(testsDue(us, [], '2026-11-26')).toEqual([{ box: post, last: null, failed: null }]);
		expect(testsDue(us, [pressed('2026-11-01')], '2026-11-26')).toEqual([]);
		expect(testsDue(us, [pressed('2026-10-28')], '2026-11-26')).toEqual([]);
		expect(testsDue(us, [pressed('2026-10-27')], '2026-11-26')).toMatchObject([{ last: '2026-10-27' }]);
	});

	test('uk: six months', () => {
		const uk = withBox(tanneryRow(), 'box-room-desk', (box) => ({
			...box,
			device: withTripped(familyOf('rcdTwin').made(13), false)
		}));
		const at = (day: string) => testsDue(uk, [pressed(day, 'dark', 'box-room-desk')], '2026-11-26');
		expect(at('2026-05-29')).toEqual([]);
		expect(at('2026-05-28')).toHaveLength(1);
	});

	test('one that failed is due at once and first, until it is pressed again and opens, or is replaced', () => {
		const failed = [pressed('2026-11-20', 'stayedLit')];
		expect(testsDue(us, failed, '2026-11-21')).toEqual([
			{ box: post, last: '2026-11-20', failed: 'stayedLit' }
		]);
		expect(testsDue(us, [...failed, pressed('2026-11-21')], '2026-11-21')).toEqual([]);
		const replaced = withBox(us, post, (box) => ({
			...box,
			device: { ...box.device!, fitted: '2026-11-22' } as typeof box.device
		}));
		expect(testsDue(replaced, failed, '2026-11-22')).toEqual([{ box: post, last: null, failed: null }]);
	});

	test('a job that tried the new part before midnight and ended after has tried it; nobody’s press of the old one counts for it', () => {
		const fitted = withBox(us, post, (box) => ({
			...box,
			device: { ...box.device!, fitted: '2026-11-27' } as typeof box.device
		}));
		const eve = pressed('2026-11-26');
		expect(testsDue(fitted, [{ ...eve, job: 'job-1' }], '2026-11-27')).toEqual([]);
		expect(testsDue(fitted, [eve], '2026-11-27')).toHaveLength(1);
	});

	test('on Today a failed one comes before what only rattles, and after what burned', () => {
		const kinds = dueOf(us, testsDue(us, [pressed('2026-11-20', 'noReset')], '2026-11-26')).map(
			({ kind }) => kind
		);
		expect(kinds.indexOf('testFailed')).toBeGreaterThan(kinds.indexOf('worry'));
		expect(kinds.indexOf('testFailed')).toBeLessThan(kinds.indexOf('contradicted'));
		expect(dueOf(us, testsDue(us, [], '2026-11-26')).map(({ kind }) => kind)).toContain('testDue');
	});

	test('the calendar has every button once, never in the past, and what is due on the day itself', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 400 }), (daysAgo) => {
				const on = '2026-11-26';
				const last = new Date(Date.parse(on) - daysAgo * 86_400_000).toISOString().slice(0, 10);
				const ledger = [pressed(last)];
				const [next, ...more] = nextTests(us, ledger, on);
				expect(more).toEqual([]);
				expect(next!.on >= on).toBe(true);
				expect(next!.on === on).toBe(testsDue(us, ledger, on).length > 0);
			}),
			drawn(20261126, 60)
		);
	});
});

test('a job leaves what it saw as found and at the end, the last of each half, under the ids of its events', () => {
	const recorded = fennelLaneRecorded();
	const plan = planOf(recorded, 'sewing-east-wall');
	const one = new Person(recorded, fennelLaneActual(), plan, ['b14', 'b14']);
	one.until('readPlug');
	// The first one fails, and the box is opened again.
	one.say({
		kind: 'readPlug',
		half: 'upper',
		lamps: { hotNeutral: true, hotGround: false, neutralGround: false }
	});
	one.until('finish');
	one.go();
	const seen = observedIn(plan, one.events, 'job-1');
	expect(
		seen.map(({ body }) => [body.kind, 'half' in body && body.half, 'when' in body && body.when])
	).toEqual([
		['plugTest', 'upper', 'asFound'],
		['plugTest', 'lower', 'asFound'],
		['plugTest', 'upper', 'final'],
		['plugTest', 'lower', 'final'],
		['loadedTest', false, false]
	]);
	const ids = new Set(one.events.map(({ id }) => id));
	for (const entry of seen) {
		expect(ids.has(entry.id)).toBe(true);
		expect(observationBody.parse(entry.body)).toEqual(entry.body);
	}
	expect(seen[2]!.body).toMatchObject({ lamps: { hotNeutral: true, hotGround: true }, holds: true });
});

test('of loaded tests the last at each outlet counts', () => {
	const entry = (id: number, at: string, box: string, onV: number): Observation => ({
		id: `00000000-0000-4000-8000-00000000000${id}`,
		at,
		box,
		job: null,
		body: { kind: 'loadedTest', watts: 1500, offV: 121, onV }
	});
	const ledger = [
		entry(1, '2026-11-20T10:00:00Z', 'desk', 117),
		entry(2, '2026-11-22T10:00:00Z', 'desk', 119),
		entry(3, '2026-11-21T10:00:00Z', 'sofa', 118)
	];
	expect(lastLoaded(ledger)).toEqual([
		{ box: 'desk', watts: 1500, offV: 121, onV: 119 },
		{ box: 'sofa', watts: 1500, offV: 121, onV: 118 }
	]);
	expect(observationBody.safeParse({ kind: 'loadedTest', watts: 20, offV: 121, onV: 120 }).success).toBe(
		false
	);
});

test('what work cost is an entry like any other: sums in hundredths, and nothing absurd', () => {
	const cost = (more: object) =>
		observationBody.safeParse({ kind: 'cost', parts: 1240, minutes: 90, callOut: null, ...more }).success;
	expect(cost({})).toBe(true);
	for (const wrong of [
		{ parts: -1 },
		{ parts: 12.4 },
		{ parts: null },
		{ minutes: 1e6 },
		{ callOut: 'much' }
	])
		expect([wrong, cost(wrong)]).toEqual([wrong, false]);
});
