import { arrangements } from '@wary/core/arrangements';
import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { cablesInBox } from '@wary/core/house';
import { describe, expect, it } from 'vitest';
import { layOut } from './layout';
import { shapeOf } from './deviceShape';

const boxes = [fennelLaneRecorded(), tanneryRow()].flatMap((house) =>
	house.boxes.map((box) => ({ house, box }))
);

const arranged = () =>
	arrangements.flatMap(({ build }) => {
		const house = build({});
		return house.boxes.map((box) => ({ house, box }));
	});

describe('the drawing of a box', () => {
	it('shows every conductor of every cable and every pigtail once, within the picture', () => {
		for (const { house, box } of boxes) {
			const layout = layOut(house, box.id, true);
			const expected = [
				...cablesInBox(house, box.id).flatMap(({ cable }) =>
					cable.conductors.map(({ id }) => `${cable.id}/${id}`)
				),
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
			const terminals = (role: string) =>
				shape.terminals.filter(({ name }) => name.startsWith(role)).map(({ x }) => x);
			expect(Math.max(...terminals('neutral'))).toBeLessThan(Math.min(...terminals('hot')));
		}
	});

	it('writes every caption inside the picture and clear of the next cable, in every arrangement and both widths', () => {
		for (const { house, box } of arranged())
			for (const narrow of [true, false]) {
				const { cables, width, height } = layOut(house, box.id, true, { narrow, ids: true });
				for (const { id, enters, caption } of cables) {
					const lines = [...caption.where, ...caption.what];
					expect(caption.y - 14, id).toBeGreaterThanOrEqual(0);
					expect(caption.y + (lines.length - 1) * 19, id).toBeLessThanOrEqual(height);
					const right = caption.x + Math.max(...lines.map((line) => line.length)) * 8.2;
					const next = cables.find((each) => each.enters === enters && each.x > caption.x);
					expect(right, `${id}: ${lines.join(' / ')}`).toBeLessThanOrEqual(
						next ? next.x - next.width / 2 : width
					);
				}
			}
	});

	it('writes no label of a conductor over another one, in any arrangement and any box of the demo homes', () => {
		for (const { house, box } of [...arranged(), ...boxes]) {
			const labels = layOut(house, box.id, true)
				.wires.filter(({ cable }) => cable !== null)
				.map(({ id, label, colour }) => ({ id, ...label, width: colour.length * 8.5 }));
			for (const [k, one] of labels.entries())
				for (const other of labels.slice(k + 1)) {
					const beside = one.x + one.width <= other.x || other.x + other.width <= one.x;
					expect(beside || Math.abs(one.y - other.y) >= 13, `${box.id}: ${one.id} and ${other.id}`).toBe(
						true
					);
				}
		}
	});

	it('keeps the labels of free ends of one cable apart', () => {
		for (const { house, box } of arranged()) {
			const { device: _device, ...open } = box;
			const loose = {
				...open,
				terminations: box.terminations.map((each) => ({ ...each, at: 'capped' as const }))
			};
			const taken = { ...house, boxes: house.boxes.map((each) => (each.id === box.id ? loose : each)) };
			for (const { id } of layOut(taken, box.id, true).cables) {
				const heights = layOut(taken, box.id, true)
					.wires.filter(({ cable }) => cable === id)
					.map(({ label }) => label.y)
					.sort((a, b) => a - b);
				for (let k = 1; k < heights.length; k++)
					expect(heights[k]! - heights[k - 1]!).toBeGreaterThanOrEqual(17);
			}
		}
	});

	it('draws conductors to scale with each other, bare as far as they are stripped', () => {
		const { house, box } = boxes.find((each) => each.box.id === 'sewing-east-wall')!;
		const thicker: typeof house = {
			...house,
			cables: house.cables.map((cable) => ({ ...cable, size: '10AWG' as const }))
		};
		const wire = (of: typeof house) =>
			layOut(of, box.id, true).wires.find(({ at }) => at === 'terminal:hotUpper')!;
		// ASTM B258: 14 AWG is 1.628 mm, 10 AWG 2.588 mm.
		expect(wire(thicker).bareWidth / wire(house).bareWidth).toBeCloseTo(2.588 / 1.628, 2);
		expect(wire(house).width).toBeGreaterThan(wire(house).bareWidth);
		for (const each of boxes)
			for (const { at, bare, insulated, hooked } of layOut(each.house, each.box.id, true).wires) {
				expect(insulated).not.toMatch(/NaN|Infinity/);
				if (at === 'capped') expect(bare).toBe('');
				else expect(bare.split(' ')[0]!.slice(1)).toBe(insulated.split(' ').at(-2));
				if (hooked) expect(at).toMatch(/^terminal:/);
			}
	});
});
