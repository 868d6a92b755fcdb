import { describe, expect, test } from 'vitest';
import { tanneryRow } from '../demo';
import { withBox, type House } from '../house';
import { Person } from '../../test/person';
import { arrangements, here } from '../arrangements';
import { judgeEnds, mustStop, planWhole, type WishChoice } from '.';

const desk = 'box-room-desk';
const person = (
	recorded: House,
	actual: House,
	box: string,
	breaker: string,
	wish: WishChoice | null = null
) => {
	const planned = planWhole(recorded, [{ boxId: box, wish }]);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	return new Person(recorded, actual, planned.plans, [breaker, breaker, breaker]);
};
/** Ω as read, by role; open is Infinity. */
const read = (one: Person) =>
	Object.fromEntries(
		one.events.flatMap(({ body }) =>
			body.kind === 'readEnds'
				? [[body.role, body.value.kind === 'ohms' ? body.value.resistanceOhm : Infinity] as const]
				: []
		)
	);

describe('end to end of each conductor while the legs are apart', () => {
	test('a whole ring reads its own resistance: 41 m of 2.5 mm² at 7.41 mΩ/m, its earth of 1.5 mm² at 12.1', () => {
		const one = person(tanneryRow(), tanneryRow(), desk, 'b5');
		one.until('readEnds');
		while (one.step?.kind === 'readEnds') one.go();
		// 8 + 5 + 4 + 6 + 4 + 3 + 11 m and the leads' 0.2 Ω; joints add a few mΩ.
		const { hot, neutral, ground } = read(one);
		expect(hot).toBeCloseTo(41 * 7.41e-3 + 0.2, 1);
		expect(neutral).toBeCloseTo(41 * 7.41e-3 + 0.2, 1);
		expect((ground! - 0.2) / (hot! - 0.2)).toBeCloseTo(1.63, 1);
		for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
	});

	test.each(['hot', 'neutral', 'ground'] as const)(
		'open in its %s the ring is no job of swapping: made safe, and handed over, though every socket works',
		(role) => {
			const broken = withBox(tanneryRow(), 'front-bedroom-window', (box) => ({
				...box,
				terminations: box.terminations.map((end, k) =>
					end.conductor === role && k === box.terminations.findIndex((each) => each.conductor === role)
						? { ...end, open: true }
						: end
				)
			}));
			const one = person(tanneryRow(), broken, desk, 'b5');
			one.until('readEnds');
			while (one.step?.kind === 'readEnds') one.go();
			// All three are read: whoever mends it is told which.
			expect(one.state.ends).toEqual({
				hot: 'passed',
				neutral: 'passed',
				ground: 'passed',
				[role]: 'failed'
			});
			expect(mustStop(one.state)).toBe('ringOpen');
			for (let n = 0; n < 40 && one.state.status === 'underWay'; n++) one.go();
			expect(one.state.status).toBe('stopped');
			expect(one.state.isolation.power).toBe('off');
		}
	);

	test('a tip that didn’t touch is read again, and the job goes on', () => {
		const one = person(tanneryRow(), tanneryRow(), desk, 'b5');
		one.until('readEnds');
		expect(one.say({ kind: 'readEnds', role: 'hot', value: { kind: 'overload' } }).ok).toBe(true);
		while (one.step?.kind === 'readEnds') one.go();
		expect(mustStop(one.state)).toBe('ringOpen');
		expect(one.say({ kind: 'readEnds', role: 'hot', value: { kind: 'ohms', resistanceOhm: 0.5 } }).ok).toBe(
			true
		);
		expect(mustStop(one.state)).toBeNull();
		for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
	});

	test('the middle of a radial is open from end to end, and goes on', () => {
		const house = arrangements.find(({ kind }) => kind === 'radialMiddle')!.build({ residual: true });
		const one = person(house, house, here, 'b1');
		one.until('readEnds');
		while (one.step?.kind === 'readEnds') one.go();
		expect(read(one)).toEqual({ hot: Infinity, neutral: Infinity, ground: Infinity });
		for (let n = 0; n < 300 && one.state.status === 'underWay'; n++) one.go();
		expect(one.state.status).toBe('finished');
	});

	test('a single cable has no other end to read to', () => {
		const house = arrangements.find(({ kind }) => kind === 'radialEnd')!.build({ residual: true });
		expect(person(house, house, here, 'b1').plan.ends).toEqual([]);
	});

	test('bands: within twice what the ring is expected to be; open on a radial only where it is open', () => {
		const ohms = (resistanceOhm: number) => ({ kind: 'ohms', resistanceOhm }) as const;
		expect(judgeEnds(ohms(1.2), 0.5)).toBe(true);
		expect(judgeEnds(ohms(1.6), 0.5)).toBe(false);
		expect(judgeEnds({ kind: 'overload' }, 0.5)).toBe(false);
		expect(judgeEnds({ kind: 'overload' }, null)).toBe(true);
		expect(judgeEnds(ohms(0.6), null)).toBe(false);
	});
});
