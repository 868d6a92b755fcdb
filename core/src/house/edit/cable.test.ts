import { drawn } from '../../../test/draws';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { wishOf } from '../../../test/wishes';
import { fennelLaneRecorded, tanneryRow } from '../../demo';
import { readOhms } from '../../instruments';
import { litBoxes, planWhole } from '../../job';
import { choose, factsOf } from '../../replacement';
import { checkHouse } from '../check';
import { cablesInBox, findBox } from '../lookup';
import { points } from '../points';
import type { House } from '../schema';
import { editHouse, type Edit } from '.';

type SetCable = Extract<Edit, { do: 'setCable' }>;

const set = (more: Partial<SetCable> & { cable: string }): SetCable => ({
	do: 'setCable',
	everywhere: false,
	...more
});
const made = (of: House, more: Parameters<typeof set>[0]): House => {
	const edited = editHouse(of, [set(more)]);
	if (!edited.ok) throw new Error(JSON.stringify(edited.refusal));
	expect(checkHouse(edited.house)).toEqual([]);
	return edited.house;
};
const refusal = (of: House, more: Parameters<typeof set>[0]) => {
	const edited = editHouse(of, [set(more)]);
	return edited.ok ? null : edited.refusal.code;
};
const cable = (of: House, id: string) => of.cables.find((each) => each.id === id)!;

describe('what a cable is', () => {
	test('a size and a length, for it or for its circuit: what an ohmmeter reads along it follows', () => {
		const house = fennelLaneRecorded();
		const along = (of: House) => {
			const ohms = readOhms(of, {
				red: points.conductor('living-2', 'hot', 'from'),
				black: points.conductor('living-2', 'hot', 'to')
			});
			return ohms.kind === 'ohms' ? ohms.resistanceOhm - 0.2 : NaN;
		};
		const thick = made(house, { cable: 'living-2', size: '12AWG', lengthM: 20 });
		// 20 m of 12 AWG at 5.21 Ω/km; the breaker is off here no more than it was.
		const off = { ...thick, panels: thick.panels.map((panel) => ({ ...panel, mainOn: false })) };
		expect(along(off)).toBeCloseTo(0.1042, 3);
		expect([cable(thick, 'living-2').size, cable(thick, 'living-3').size]).toEqual(['12AWG', '14AWG']);
		const all = made(house, { cable: 'living-2', size: '12AWG', lengthM: 20, everywhere: true });
		expect(new Set(all.cables.filter(({ circuit }) => circuit === 'living').map(({ size }) => size))).toEqual(
			new Set(['12AWG'])
		);
		expect(cable(all, 'living-3').lengthM).toBe(cable(house, 'living-3').lengthM);
	});

	test('uk: the earth of twin-and-earth goes with its size', () => {
		const house = tanneryRow();
		const id = cablesInBox(house, 'box-room-desk')[0]!.cable.id;
		const earth = (of: House) => cable(of, id).conductors.find(({ role }) => role === 'ground')!.size;
		expect(earth(house)).toBe('1.5mm2');
		expect(earth(made(house, { cable: id, size: '6.0mm2' }))).toBe('2.5mm2');
	});

	test('aluminium ends every plan of its outlets; what isn’t made, or is of the other region, is refused', () => {
		const house = fennelLaneRecorded();
		const aluminium = made(house, { cable: 'living-2', size: '12AWG', material: 'aluminium' });
		expect(choose(factsOf(aluminium, 'living-sofa')!.facts).stops.map(({ rule }) => rule)).toContain(
			'aluminium'
		);
		expect(choose(factsOf(house, 'living-sofa')!.facts).stops).toEqual([]);
		expect(refusal(house, { cable: 'living-2', material: 'aluminium' })).toBe('wouldBeWrong');
		expect(refusal(house, { cable: 'living-2', size: '2.5mm2' })).toBe('wouldBeWrong');
		expect(refusal(house, { cable: 'nosuch', size: '12AWG' })).toBe('unknown');
	});

	test('without a ground wire the outlets behind it have none, and nothing else of them moves', () => {
		const house = fennelLaneRecorded();
		const bare = made(house, { cable: 'music-2', grounded: false, everywhere: true });
		const piano = findBox(bare, 'music-piano')!;
		const kept = findBox(house, 'music-piano')!.terminations.filter(
			({ conductor }) => conductor !== 'ground'
		);
		expect(piano.terminations).toEqual(kept);
		expect([piano.joints, piano.pigtails]).toEqual([[], []]);
		const planned = planWhole(bare, [{ boxId: 'music-piano', wish: wishOf('decorator') }]);
		expect(planned.ok).toBe(false);
		// Said to have one after all, it is wired as is usual.
		const again = editHouse(bare, [set({ cable: 'music-2', grounded: true })]);
		expect(again.ok && litBoxes(again.house).has('music-piano')).toBe(true);
		// The end of that run is half-switched: what each wire does would be lost.
		expect(refusal(bare, { cable: 'music-2', grounded: true, everywhere: true })).toBe('wiredByHand');
	});

	test('armour that is a path to ground lets a grounded outlet go in where two slots were; armour that isn’t doesn’t', () => {
		const house = fennelLaneRecorded();
		const wish = [{ boxId: 'reading-stove-wall', wish: wishOf('duplex') }];
		const planned = (of: House) => planWhole(of, wish).ok;
		expect(planned(house)).toBe(false);
		const armoured = made(house, { cable: 'reading-5', sheath: 'armoured', everywhere: true });
		expect(planned(armoured)).toBe(false);
		const bonded = made(armoured, { cable: 'reading-5', metalGround: true, everywhere: true });
		expect(planned(bonded)).toBe(true);
		// Of plastic again it can’t be one.
		expect(cable(made(bonded, { cable: 'reading-5', sheath: 'nonmetallic' }), 'reading-5').metal).toBe(
			undefined
		);
	});

	test('whatever is said of whichever cable, the house stays right, or it is refused with a reason', () => {
		for (const house of [fennelLaneRecorded(), tanneryRow()]) {
			const before = litBoxes(house);
			const said = fc.record(
				{
					cable: fc.constantFrom(...house.cables.map(({ id }) => id)),
					everywhere: fc.boolean(),
					size: fc.constantFrom('14AWG' as const, '12AWG' as const, '2.5mm2' as const, '4.0mm2' as const),
					material: fc.constantFrom('copper' as const, 'aluminium' as const),
					sheath: fc.constantFrom(
						'nonmetallic' as const,
						'armoured' as const,
						'conduit' as const,
						'twinAndEarth' as const
					),
					lengthM: fc.double({ min: 0.2, max: 40, noNaN: true }),
					grounded: fc.boolean(),
					metalGround: fc.boolean()
				},
				{ requiredKeys: ['cable', 'everywhere'] }
			);
			let done = 0;
			fc.assert(
				fc.property(fc.array(said, { minLength: 1, maxLength: 4 }), (all) => {
					let now = house;
					for (const each of all) {
						const edited = editHouse(now, [{ do: 'setCable', ...each } as SetCable]);
						if (!edited.ok) {
							expect(['wiredByHand', 'wouldBeWrong', 'cableTooThick']).toContain(edited.refusal.code);
							continue;
						}
						done++;
						now = edited.house;
						expect(checkHouse(now)).toEqual([]);
					}
					// No ground, size or sheath takes power from anybody.
					expect([...before].filter((id) => !litBoxes(now).has(id))).toEqual([]);
				}),
				drawn(20261127, 12, 100)
			);
			expect(done).toBeGreaterThan(5);
		}
	});
});
