import { describe, expect, test } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '../../demo';
import { controlledBy, litBoxes } from '../../job';
import { checkHouse } from '../check';
import { beside, findBox, isJumper, withBox } from '../lookup';
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

describe('a wall switch put in one box with an outlet', () => {
	const add = (more: Partial<Extract<Edit, { do: 'addSwitch' }>> = {}): Edit => ({
		do: 'addSwitch',
		beside: sofa,
		name: 'wall switch',
		works: 'shelf light',
		circuit: 'living',
		...more
	});
	const named = (of: House, name: string) => of.boxes.find((each) => each.name === name)!;

	test.each([
		['on the outlet’s own circuit', 'living', true],
		['on another', 'lights', false]
	])(
		'%s: it sits beside it, works what it was said to, and takes nothing from anybody',
		(_, circuit, jumper) => {
			const with1 = made([add({ circuit })]);
			const [wallSwitch, light] = [named(with1, 'wall switch'), named(with1, 'shelf light')];
			expect(beside(with1, sofa)).toEqual([wallSwitch.id]);
			expect(controlledBy(with1, wallSwitch.id, wallSwitch.device!)).toEqual([light.id]);
			const into = with1.cables.find(({ to }) => to.box === wallSwitch.id)!;
			expect([into.circuit, isJumper(with1, into)]).toEqual([circuit, jumper]);
			const outlets = house.boxes.filter(({ use, device }) => use === 'outlet' && device).map(({ id }) => id);
			const [on, off] = [true, false].map((is) =>
				withBox(with1, wallSwitch.id, (box) => ({
					...box,
					device: { ...box.device, on: is } as typeof box.device
				}))
			) as [House, House];
			const lit = litBoxes(on);
			expect(lit.has(light.id)).toBe(true);
			expect(outlets.filter((id) => !lit.has(id))).toEqual([]);
			expect(litBoxes(off).has(light.id)).toBe(false);
			expect(litBoxes(off).has(sofa)).toBe(true);
			// Taken off the record again nothing of it is left.
			const gone = made([{ do: 'removeBox', box: wallSwitch.id }], with1);
			expect(gone.boxes.map(({ id }) => id)).toEqual(house.boxes.map(({ id }) => id));
			expect(findBox(gone, sofa)!.terminations).toEqual(findBox(house, sofa)!.terminations);
		}
	);

	test('is refused a name that is taken, one name for both, an outlet or a circuit that isn’t there', () => {
		const refusal = (edit: Edit) => {
			const edited = editHouse(house, [edit]);
			return edited.ok ? null : edited.refusal.code;
		};
		expect(refusal(add({ name: 'Sofa' }))).toBe('nameTaken');
		expect(refusal(add({ works: 'wall  Switch' }))).toBe('nameTaken');
		expect(refusal(add({ beside: 'nosuch' }))).toBe('unknown');
		expect(refusal(add({ circuit: 'nosuch' }))).toBe('unknown');
	});

	test('uk: with the earth sleeved and both neutrals joined', () => {
		const row = tanneryRow();
		const with1 = made([add({ beside: 'box-room-desk', circuit: 'up-lights' })], row);
		const wallSwitch = named(with1, 'wall switch');
		expect(wallSwitch.joints.map(({ id }) => id).sort()).toEqual(['ground', 'neutral']);
		expect(controlledBy(with1, wallSwitch.id, wallSwitch.device!)).toEqual([named(with1, 'shelf light').id]);
	});
});
