import { expect, it } from 'vitest';
import { Person } from '../../../../core/test/person';
import { fennelLaneRecorded } from '@wary/core/demo';
import { drawingSvg } from '@wary/core/files';
import { circuitsInBox, type House } from '@wary/core/house';
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

it('at an empty fuse holder it is a fuse that isn’t to be put back', () => {
	const panels = house.panels.map((panel) => ({
		...panel,
		breakers: panel.breakers.map((each) => (each.id === recorded ? { ...each, type: 'fuse' as const } : each))
	}));
	const fused = { ...house, panels };
	const planned = planWhole(fused, [{ boxId, wish: null }]);
	if (!planned.ok) throw new Error(planned.failure.code);
	const person = new Person(fused, fused, planned.plans, [recorded]);
	person.until('hold');
	const { rows, words } = said(fused, person);
	expect(words).toContain('PUT BACK');
	expect(words).not.toContain('SWITCH ON');
	expect(rows).toContain('fuse');
	expect(rows).toContain(recorded.slice(1));
});
/** What a tag says, line by line. */
function said(of: House, { plan, state }: Person) {
	const { title, shapes } = tagOf({
		house: of,
		plan,
		boxIds: [boxId],
		state,
		who: 'Avery Quill',
		at: '2026-11-28T01:00:00Z',
		timeZone: 'UTC'
	});
	return { words: title, rows: shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : [])) };
}
