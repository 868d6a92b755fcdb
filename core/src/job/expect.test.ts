import { describe, expect, it } from 'vitest';
import { planOf } from '../../test/person';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { allBreakers, withBreakers, type House } from '../house';
import { liveAboveV } from '../isolation';
import { expectationsOf, initialJob } from './index';

describe('where a tester can be proved', () => {
	it.each<[string, () => House, string]>([
		['us', fennelLaneRecorded, 'sewing-east-wall'],
		['uk', tanneryRow, 'box-room-desk']
	])('%s: the outlets that a meter, one after another, finds live, whatever is off', (_, build, boxId) => {
		const recorded = build();
		const ids = allBreakers(recorded).map(({ id }) => id);
		// All on, each third off, all off.
		for (const off of [[], ids.filter((_id, k) => k % 3 === 0), ids]) {
			const house = withBreakers(recorded, Object.fromEntries(off.map((id) => [id, false])));
			const plan = planOf(house, boxId);
			const expected = expectationsOf(house, plan, initialJob(plan));
			const outlets = house.boxes
				.filter(({ use, device }) => use === 'outlet' && device)
				.map(({ id }) => `outlet:${id}`);
			const one = outlets.filter((id) => (expected.sourceV(id) ?? 0) > liveAboveV);
			expect([...expected.liveSources(outlets)]).toEqual(one);
			expect(one.length > 0).toBe(off.length < ids.length);
		}
		const plan = planOf(recorded, boxId);
		const none = expectationsOf(recorded, plan, initialJob(plan)).liveSources([
			'outlet:nowhere',
			'provingUnit'
		]);
		expect([...none]).toEqual([]);
	});
});
