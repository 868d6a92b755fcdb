import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Person, planOf } from '../../test/person';
import { fennelLaneActual, fennelLaneRecorded } from '../demo';
import { withBox, type House } from '../house';
import { feedOf, nextStep, houseAfterJob, judgeLoaded, loadedAt, recordOf } from '.';
import { outcomeWords } from '../../test/outcomeWords';

const right = 'living-fireplace-right';
const recorded = fennelLaneRecorded();
const actual = fennelLaneActual();
const withOhm = (house: House, ohm: number, conductor = 'hot'): House =>
	withBox(house, 'living-fireplace-left', (box) => ({
		...box,
		terminations: box.terminations.map((end) =>
			end.cable === 'living-4' && end.conductor === conductor ? { ...end, resistanceOhm: ohm } : end
		)
	}));

describe('a test with a load in it', () => {
	test('by hand: 120 V and 1440 W are 12 Ω; from 120.0 to 114.0 V flow 9.5 A through 0.63 Ω', () => {
		const { ohm, amps } = feedOf('us', { watts: 1440, offV: 120, onV: 114, neutralGroundV: null });
		// 120² / 1440 = 10 Ω by the mark; 114 / 10 = 11.4 A; 6 / 11.4 = 0.526 Ω.
		expect(amps).toBeCloseTo(11.4, 6);
		expect(ohm).toBeCloseTo(0.5263, 3);
	});

	test('the model’s own reading is sound, whatever the load; a joint of an ohm more is found and weighed in watts', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 400, max: 1800 }),
				fc.double({ min: 0.6, max: 3, noNaN: true }),
				(watts, extra) => {
					const model = loadedAt(recorded, right, 'upper', watts);
					expect(judgeLoaded('us', model, model)).toMatchObject({
						feed: 'sound',
						neutral: 'sound',
						heatW: 0
					});
					const bad = loadedAt(withOhm(recorded, extra), right, 'upper', watts);
					const verdict = judgeLoaded('us', bad, model);
					expect(verdict.feed).toBe('high');
					// What the joint adds, and the heat in it, by Joule.
					// Less the good joint, of milliohms, that it stands in for.
					expect(verdict.ohm - verdict.expectedOhm).toBeCloseTo(extra - 0.003, 1);
					const amps = bad.onV / (120 ** 2 / watts);
					expect(verdict.heatW / (amps * amps * extra)).toBeCloseTo(1, 1);
				}
			),
			drawn(20261126, 40)
		);
	});

	test('neutral and ground that meet at the outlet show nothing under load; a poor neutral shows too much', () => {
		const model = loadedAt(recorded, right, 'upper', 1500);
		expect(model.neutralGroundV!).toBeGreaterThan(0.5);
		expect(judgeLoaded('us', { ...model, neutralGroundV: 0 }, model).neutral).toBe('none');
		const poor = loadedAt(withOhm(recorded, 1, 'neutral'), right, 'upper', 1500);
		expect(judgeLoaded('us', poor, model)).toMatchObject({ feed: 'high', neutral: 'high' });
	});
});

describe('in a job', () => {
	const begun = () => new Person(recorded, actual, planOf(recorded, right), ['b15', 'b15']);
	const job = () => {
		const one = begun();
		one.until('readLoaded');
		return one;
	};

	test('what only a load shows is kept as a worry of the outlet, and this box isn’t opened for it', () => {
		const one = job();
		// Every lamp was as it should be.
		expect(one.state.final).toEqual({ upper: 'passed', lower: 'passed' });
		one.go();
		expect([one.state.loaded, one.state.redo]).toEqual(['failed', null]);
		one.until('finish');
		one.go();
		const { worries, refuted } = recordOf(one.plan, one.events, one.state);
		expect(worries).toContainEqual({
			kind: 'loaded',
			verdict: expect.objectContaining({ feed: 'high', neutral: 'sound' })
		});
		expect(refuted.map(({ body }) => body.kind)).toContain('readLoaded');
		const after = houseAfterJob(recorded, one.plan, one.state, one.events, '2026-11-26', outcomeWords);
		expect(after.boxes.find(({ id }) => id === right)!.worries.length).toBeGreaterThan(0);
	});

	test('may be left with a reason, which the record keeps', () => {
		const one = job();
		const left = { kind: 'left', because: 'noLoad' } as const;
		expect(one.say({ kind: 'readLoaded', half: 'upper', read: left }).ok).toBe(true);
		expect(one.state.loaded).toBe('left');
		one.until('finish');
		expect(
			recordOf(one.plan, one.events, one.state).tests.some(({ body }) => body.kind === 'readLoaded')
		).toBe(true);
	});

	test('a load that gives volts, or none to begin with, is no reading: refused, and nothing is lost', () => {
		const one = job();
		const say = (offV: number, onV: number) =>
			one.say({
				kind: 'readLoaded',
				half: 'upper',
				read: { kind: 'volts', watts: 1500, offV, onV, neutralGroundV: null }
			});
		for (const [offV, onV] of [
			[115, 121],
			[0, 0]
		] as const)
			expect(say(offV, onV)).toMatchObject({ refusal: { code: 'loadedCant' } });
		expect(one.step).toEqual({ kind: 'readLoaded', half: 'upper' });
	});

	test('a joint that leaves a quarter of the volts, or next to none, is the worst there is: taken as read', () => {
		for (const [offV, onV] of [
			[129.7, 29.8],
			[120, 0]
		] as const) {
			const one = job();
			const read = { kind: 'volts', watts: 1500, offV, onV, neutralGroundV: null } as const;
			expect(one.say({ kind: 'readLoaded', half: 'upper', read })).toMatchObject({
				ok: true,
				judged: { passes: false, loaded: { feed: 'high' } }
			});
			expect(one.state.loaded).toBe('failed');
		}
	});

	test('is asked of who proves dead with an indicator, too: a meter is on their list', () => {
		const one = job();
		expect(nextStep(one.plan, { ...one.state, tester: 'indicator' })?.kind).toBe('readLoaded');
	});
});
