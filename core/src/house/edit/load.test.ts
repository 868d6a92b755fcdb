import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded } from '../../demo';
import { circuitLoad } from '../../sums';
import { editHouse, type Edit } from '..';

const house = fennelLaneRecorded();
const edited = (...edits: Edit[]) => editHouse(house, edits);
const heater = (from: ReturnType<typeof edited>) =>
	from.ok && from.house.loads.find(({ id }) => id === 'heater');

describe('something plugged in elsewhere', () => {
	test('goes with its watts from the one circuit to the other', () => {
		const moved = edited({ do: 'setLoad', load: 'heater', box: 'kitchen-table' });
		expect(heater(moved)).toMatchObject({ box: 'kitchen-table', half: 'upper', ratedW: 1500 });
		if (!moved.ok) return;
		const watts = (of: typeof house, circuit: string) => circuitLoad(of, circuit)!.totalW;
		expect(watts(house, 'living') - watts(moved.house, 'living')).toBeCloseTo(1500, 6);
		expect(watts(moved.house, 'counter-right') - watts(house, 'counter-right')).toBeCloseTo(1500, 6);
	});

	test('stays where it is while only its watts are said, and the other way round', () => {
		expect(heater(edited({ do: 'setLoad', load: 'heater', ratedW: 900 }))).toMatchObject({
			box: 'living-fireplace-left',
			half: 'lower',
			ratedW: 900
		});
	});

	test('can’t go to what is no outlet, or isn’t there', () => {
		const refusal = (box: string) => {
			const made = edited({ do: 'setLoad', load: 'heater', box });
			return made.ok ? null : made.refusal;
		};
		expect(refusal('music-lamp-switch')).toEqual({ code: 'notAnOutlet', box: 'music-lamp-switch' });
		expect(refusal('nowhere')).toEqual({ code: 'unknown', what: 'box', id: 'nowhere' });
	});
});

describe('the edition in force', () => {
	test('is one of the region’s own code book', () => {
		const set = edited({ do: 'setEdition', edition: '2023' });
		expect(set.ok && set.house.edition).toBe('2023');
		const other = edited({ do: 'setEdition', edition: '2018A2' });
		expect(!other.ok && other.refusal).toEqual({ code: 'otherBook', edition: '2018A2' });
	});

	test('and a file with the other region’s is refused at its place', () => {
		const replaced = edited({ do: 'replaceHouse', house: { ...house, edition: '2018' } });
		expect(!replaced.ok && replaced.refusal).toMatchObject({
			code: 'wouldBeWrong',
			problem: { code: 'otherRegion', what: 'edition', found: '2018' }
		});
	});
});
