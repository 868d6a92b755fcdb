import { expect, it } from 'vitest';
import { Person } from '../../../../core/test/person';
import { fennelLaneRecorded } from '@wary/core/demo';
import { drawingSvg } from '@wary/core/files';
import { circuitsInBox } from '@wary/core/house';
import { planWhole } from '@wary/core/job';
import { tagOf } from './en/tag';

const house = fennelLaneRecorded();
const boxId = 'sewing-closet';
const recorded = circuitsInBox(house, boxId)[0]!.breaker;

it('a tag names what is off, and never what the directory only says', () => {
	const planned = planWhole(house, [{ boxId, wish: null }]);
	if (!planned.ok) throw new Error(planned.failure.code);
	// The directory has it on 11; what feeds it turns out to be another.
	const person = new Person(house, house, planned.plans, ['b14', recorded]);
	const tag = (at: string | null) =>
		drawingSvg(
			tagOf({
				house,
				plan: person.plan,
				boxIds: [boxId],
				state: person.state,
				who: 'Avery Quill',
				at,
				timeZone: 'UTC'
			})
		);
	const named = (svg: string) => [...svg.matchAll(/>(\d+)</g)].map(([, number]) => number);
	expect(named(tag(null))).toEqual([]);
	expect(tag(null)).toContain('DO NOT');
	person.until('switchOff');
	person.go();
	expect(named(tag('2026-11-28T01:00:00Z'))).toEqual(person.state.isolation.off.map((id) => id.slice(1)));
});
