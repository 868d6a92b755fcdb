import { drawn } from '../../test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded } from '../demo';
import { editHouse, type House, type Load } from '../house';
import { circuitLoad, minutesInDay, throughDay } from '.';

const us = { ...fennelLaneRecorded(), loads: [] };
const hour = (from: number, to: number) => ({ fromMin: from * 60, toMin: to * 60 });
const load = (id: string, ratedW: number | null, hours?: Load['hours']): Load => ({
	id,
	name: id,
	box: 'living-sofa',
	half: 'upper',
	resistanceOhm: 2000,
	on: true,
	...(ratedW === null ? {} : { ratedW }),
	...(hours ? { hours } : {})
});
const day = (loads: readonly Load[]) => throughDay({ ...us, loads: [...loads] } as House, 'living')!;
const at = (loads: readonly Load[], minute: number) =>
	day(loads).stretches.find(({ fromMin, toMin }) => fromMin <= minute && minute < toMin)!;

// Worked by hand at 120 V: 1200 W is 10 A, 600 W is 5 A, 120 W is 1 A.
describe('a circuit through a day', () => {
	const heater = load('heater', 1200, hour(18, 21));
	const kettle = load('kettle', 1200, hour(7, 8));
	const lamp = load('lamp', 600, hour(20, 23));
	const router = load('router', 120);

	it('what runs when, what may run at any time on top, and the most there can be at once', () => {
		const all = day([heater, kettle, lamp, router]);
		expect(
			all.stretches.map(({ fromMin, toMin, byHoursA, mostA }) => [fromMin / 60, toMin / 60, byHoursA, mostA])
		).toEqual([
			[0, 7, 0, 1],
			[7, 8, 10, 11],
			[8, 18, 0, 1],
			[18, 20, 10, 11],
			[20, 21, 15, 16],
			[21, 23, 5, 6],
			[23, 24, 0, 1]
		]);
		expect(all).toMatchObject({
			anyTimeA: 1,
			peakA: 16,
			told: true,
			peak: { fromMin: 1200, loads: ['heater', 'lamp'] }
		});
		// All at once would be 26 A: hours keep kettle and heater apart.
		expect(circuitLoad({ ...us, loads: [heater, kettle, lamp, router] }, 'living')!.totalA).toBe(26);
	});

	it('past midnight where it ends earlier than it begins; ends are left out', () => {
		const night = load('blanket', 120, hour(22, 6));
		expect(at([night], 23 * 60).byHoursA).toBe(1);
		expect(at([night], 0).byHoursA).toBe(1);
		expect(at([night], 6 * 60 - 1).byHoursA).toBe(1);
		expect(at([night], 6 * 60).byHoursA).toBe(0);
	});

	it('without hours a day says nothing; without watts a thing is in no sum', () => {
		expect(day([router])).toMatchObject({
			told: false,
			peakA: 1,
			stretches: [{ fromMin: 0, toMin: minutesInDay }]
		});
		expect(day([load('mystery', null, hour(8, 9))])).toMatchObject({ told: false, peakA: 0 });
		expect(throughDay(us, 'nowhere')).toBeNull();
	});

	it('covers every minute once, agrees with a count minute by minute, and never exceeds all at once', () => {
		const minute = fc.integer({ min: 0, max: 1439 });
		const some = fc.array(
			fc.record({
				watts: fc.integer({ min: 1, max: 3000 }),
				spans: fc.array(fc.tuple(minute, minute), { maxLength: 3 })
			}),
			{ maxLength: 8 }
		);
		fc.assert(
			fc.property(some, minute, (things, now) => {
				const hours = things.map(({ spans }) =>
					spans.filter(([from, to]) => from !== to).map(([fromMin, toMin]) => ({ fromMin, toMin }))
				);
				const loads = things.map(({ watts }, k) =>
					load(`l${k}`, watts, hours[k]!.length > 0 ? hours[k] : undefined)
				);
				const { stretches, peakA } = day(loads);
				expect(stretches[0]!.fromMin).toBe(0);
				expect(stretches.at(-1)!.toMin).toBe(minutesInDay);
				stretches.slice(1).forEach(({ fromMin }, k) => expect(fromMin).toBe(stretches[k]!.toMin));
				const running = loads.filter(
					(_, k) =>
						hours[k]!.length === 0 ||
						// Counted forward from each beginning.
						hours[k]!.some(
							({ fromMin, toMin }) => (now - fromMin + 1440) % 1440 < (toMin - fromMin + 1440) % 1440
						)
				);
				const amps = running.reduce((all, { ratedW }) => all + ratedW! / 120, 0);
				expect(at(loads, now).mostA).toBeCloseTo(amps, 9);
				const total = circuitLoad({ ...us, loads }, 'living')!.totalA;
				expect(peakA).toBeLessThanOrEqual(total + 1e-9);
			}),
			drawn(20261127, 300)
		);
	});

	it('what runs twice a day runs both times, and not between; the peak is where it meets the other', () => {
		const kettle = load('kettle', 1200, [hour(7, 8), hour(18, 19)]);
		const heater = load('heater', 1200, hour(18, 21));
		const loads = [kettle, heater];
		expect(at(loads, 7 * 60).loads).toEqual(['kettle']);
		expect(at(loads, 12 * 60)).toMatchObject({ loads: [], mostA: 0 });
		expect(day(loads)).toMatchObject({ peakA: 20, peak: { fromMin: 18 * 60, toMin: 19 * 60 } });
		// One that follows the other without a gap is one long one.
		const parted = [load('kettle', 1200, [hour(7, 8), hour(8, 9)])];
		expect(at(parted, 8 * 60).mostA).toBe(day([load('kettle', 1200, hour(7, 9))]).peakA);
	});

	it('hours are set, kept when something else is said, and taken away again', () => {
		const house = { ...us, loads: [router] };
		const set = (of: House, edit: object) => {
			const made = editHouse(of, [{ do: 'setLoad', load: 'router', ...edit } as never]);
			if (!made.ok) throw new Error(made.refusal.code);
			return made.house;
		};
		const timed = set(house, { hours: hour(8, 17) });
		expect(timed.loads[0]!.hours).toEqual(hour(8, 17));
		expect(set(timed, { ratedW: 60 }).loads[0]!.hours).toEqual(hour(8, 17));
		expect(set(timed, { hours: null }).loads[0]).not.toHaveProperty('hours');
	});
});
