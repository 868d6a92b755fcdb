import { expect, test } from 'vitest';
import { energyOf } from '../../isolation';
import { parseHouse } from '../../files';
import { planJob } from '../../job';
import { Person, planOf } from '../../../test/person';
import { behindShared, sharedNeutral } from '../../../test/sharedNeutral';
import { editHouse } from '..';

const house = sharedNeutral();
const here = behindShared;
const planned = planJob(house, here);
const [one, other] =
	!planned.ok && planned.failure.code === 'sharedNeutral' ? planned.failure.breakers : ['', ''];
const tie = (breaker: string, tiedWith: string | null, on = house) =>
	editHouse(on, [{ do: 'setBreaker', breaker, tiedWith }]);
const tied = (breaker: string, to: string) => {
	const edited = tie(breaker, to);
	if (!edited.ok) throw new Error(edited.refusal.code);
	return edited.house;
};

test('two breakers that share a neutral end every plan, until their handles are tied; said at either of them', () => {
	expect(planned).toMatchObject({ ok: false, failure: { code: 'sharedNeutral' } });
	for (const [at, to] of [
		[one, other],
		[other, one]
	] as const) {
		const plan = planOf(tied(at!, to!), here);
		expect(plan.together).toEqual([{ breaker: other, because: 'tied' }]);
	}
	// Untied at the other end, it is as it was.
	const again = tie(other!, null, tied(one!, other!));
	expect(again.ok && planJob(again.house, here)).toMatchObject({ failure: { code: 'sharedNeutral' } });
});

test('a job there has both of them off before the box is opened, tied or not by hand', () => {
	const home = tied(one!, other!);
	const person = new Person(home, home, planOf(home, here), [one!, one!]);
	person.earthFrom = 'outlet:here';
	person.until('inspect');
	expect(energyOf(person.state.isolation)).toBe('provenDead');
	expect([...person.state.isolation.off].sort()).toEqual([one, other].sort());
	person.until('finish');
});

test('to itself or to none that is there: refused; what is taken out is tied to nothing', () => {
	expect(tie(one!, one!)).toMatchObject({ ok: false, refusal: { code: 'unknown', what: 'breaker' } });
	expect(tie(one!, 'constructor')).toMatchObject({ ok: false, refusal: { code: 'unknown' } });
	const wrong = JSON.parse(JSON.stringify(tied(one!, other!))) as typeof house;
	const read = parseHouse({
		...wrong,
		panels: wrong.panels.map((panel) => ({
			...panel,
			breakers: panel.breakers.map((each) => (each.id === one ? { ...each, tiedWith: 'b99' } : each))
		}))
	});
	expect(read.ok).toBe(false);
	const spare = editHouse(house, [
		{ do: 'addBreaker', panel: house.panels[0]!.id, spaces: [7], ratingA: 15, label: 'spare' }
	]);
	if (!spare.ok) throw new Error(spare.refusal.code);
	const added = spare.house.panels[0]!.breakers.find(({ label }) => label === 'spare')!.id;
	const gone = editHouse(spare.house, [
		{ do: 'setBreaker', breaker: one!, tiedWith: added },
		{ do: 'removeBreaker', breaker: added }
	]);
	expect(gone.ok && gone.house.panels[0]!.breakers.some(({ tiedWith }) => tiedWith !== undefined)).toBe(
		false
	);
});
