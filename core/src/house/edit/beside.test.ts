import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded } from '../../demo';
import { checkHouse } from '../check';
import { beside, findBox, isJumper } from '../lookup';
import type { House } from '../schema';
import { editHouse, type Edit } from '.';

const house = fennelLaneRecorded();
const made = (edits: readonly Edit[], of: House = house): House => {
	const edited = editHouse(of, edits);
	if (!edited.ok) throw new Error(JSON.stringify(edited.refusal));
	expect(checkHouse(edited.house)).toEqual([]);
	return edited.house;
};
const join = (box: string, inBoxWith: string | null): Edit => ({ do: 'setBox', box, inBoxWith });
const [sofa, bookcase, left] = ['living-sofa', 'living-bookcase', 'living-fireplace-left'] as const;

describe('devices put into one box', () => {
	test('name the first of them; the cable between becomes wires of some centimetres', () => {
		const two = made([join(bookcase, sofa)]);
		expect([beside(two, sofa), beside(two, bookcase)]).toEqual([[bookcase], [sofa]]);
		const between = two.cables.filter((cable) => cable.to.box === bookcase && isJumper(two, cable));
		expect(between.map(({ lengthM }) => lengthM)).toEqual([0.2]);
		// Named by the second or by the first: it is the same box.
		const three = made([join(left, bookcase)], two);
		expect(findBox(three, left)!.inBoxWith).toBe(sofa);
		expect(beside(three, bookcase).sort()).toEqual([left, sofa].sort());
	});

	test('are of one material and one size, whichever of them is said to be', () => {
		const two = made([join(bookcase, sofa)]);
		const plastic = made([{ do: 'setBox', box: bookcase, material: 'plastic', volumeIn3: 34 }], two);
		for (const id of [sofa, bookcase])
			expect(findBox(plastic, id)).toMatchObject({ material: 'plastic', volumeIn3: 34 });
		expect(findBox(plastic, left)).toMatchObject({ material: 'metal' });
	});

	test('taken apart, or one of them removed, the others stay together', () => {
		const three = made([join(bookcase, sofa), join(left, sofa)]);
		const apart = made([join(sofa, null)], three);
		expect([beside(apart, sofa), beside(apart, bookcase)]).toEqual([[], [left]]);
		const gone = made([{ do: 'removeBox', box: sofa }], three);
		expect(beside(gone, bookcase)).toEqual([left]);
		expect(beside(made([join(bookcase, null)], made([join(bookcase, sofa)])), sofa)).toEqual([]);
	});

	test('are refused with themselves, in another room, and with nothing', () => {
		const refusal = (edit: Edit) => {
			const edited = editHouse(house, [edit]);
			return edited.ok ? null : edited.refusal.code;
		};
		expect(refusal(join(sofa, sofa))).toBe('notBeside');
		expect(refusal(join(sofa, 'bath-mirror'))).toBe('notBeside');
		expect(refusal(join(sofa, 'nosuch'))).toBe('unknown');
	});

	test('one that moves to another room by itself takes the box with it', () => {
		const moved = made([{ do: 'setBox', box: bookcase, room: 'hall' }], made([join(bookcase, sofa)]));
		for (const id of [sofa, bookcase]) expect(findBox(moved, id)!.room).toBe('hall');
	});
});
