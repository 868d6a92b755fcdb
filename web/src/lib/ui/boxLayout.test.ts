import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { cablesInBox } from '@wary/core/house';
import { describe, expect, it } from 'vitest';
import { layOut } from './boxLayout';
import { shapeOf } from './deviceShape';

const boxes = [fennelLaneRecorded(), tanneryRow()].flatMap((house) => house.boxes.map((box) => ({ house, box })));

describe('the drawing of a box', () => {
	it('shows every conductor of every cable and every pigtail once, within the picture', () => {
		for (const { house, box } of boxes) {
			const layout = layOut(house, box.id, true);
			const expected = [
				...cablesInBox(house, box.id).flatMap(({ cable }) => cable.conductors.map(({ id }) => `${cable.id}/${id}`)),
				...box.pigtails.map(({ id }) => `tail/${id}`)
			];
			expect(layout.wires.map(({ id }) => id).sort()).toEqual(expected.sort());
			for (const { path, label, end } of layout.wires) {
				expect(path).not.toMatch(/NaN|undefined|Infinity/);
				expect(label.x).toBeGreaterThanOrEqual(0);
				expect(label.x).toBeLessThanOrEqual(layout.width);
				expect(end.y).toBeGreaterThan(0);
				expect(end.y).toBeLessThan(layout.height);
			}
		}
	});

	it('ends a wire at its terminal, and left and right swap when the device is turned over', () => {
		const { house, box } = boxes.find((each) => each.box.id === 'sewing-east-wall')!;
		const endOf = (back: boolean) =>
			Number(
				layOut(house, box.id, back)
					.wires.find(({ at }) => at === 'terminal:hotUpper')!
					.path.split(' ')
					.at(-2)
			);
		const { width } = layOut(house, box.id, true);
		expect(endOf(true) + endOf(false)).toBeCloseTo(width, 6);
		expect(endOf(false)).toBeGreaterThan(width / 2);
	});

	it('seen from the front, neutral is left of hot in every slot pair, and so are their terminals', () => {
		for (const { box } of boxes) {
			const shape = box.device && shapeOf(box.device);
			if (!shape) continue;
			for (const { half } of shape.faces) {
				const x = (role: string) => shape.slots.find((slot) => slot.half === half && slot.role === role)!.x;
				expect(x('neutral')).toBeLessThan(x('hot'));
			}
			const terminals = (role: string) => shape.terminals.filter(({ name }) => name.startsWith(role)).map(({ x }) => x);
			expect(Math.max(...terminals('neutral'))).toBeLessThan(Math.min(...terminals('hot')));
		}
	});
});
