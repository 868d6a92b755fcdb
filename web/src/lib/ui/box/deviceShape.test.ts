import { familyOf } from '@wary/core/devices';
import { arrangements } from '@wary/core/arrangements';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { deviceModel, type Device } from '@wary/core/house';
import { describe, expect, it } from 'vitest';
import { printsOf, shapeOf, type TerminalPlace } from './deviceShape';

const devices: Device[] = [
	...arrangements.map(({ build }) => build({})),
	fennelLaneActual(),
	fennelLaneRecorded(),
	tanneryRow()
].flatMap((house) => house.boxes.flatMap(({ device }) => (device ? [device] : [])));
const drawn = [...new Map(devices.map((device) => [device.kind, device])).values()].flatMap((device) => {
	const shape = shapeOf(device);
	return shape ? [{ device, shape, model: deviceModel(device) }] : [];
});
const us: readonly Device['kind'][] = ['duplex', 'single', 'twoSlot', 'usb', 'gfci', 'switch'];

describe.each(drawn)('the drawing of a $device.kind', ({ device, shape, model }) => {
	const place = (name: string): TerminalPlace => shape.terminals.find((each) => each.name === name)!;

	it('has the terminals of the device, each marked for what it is', () => {
		expect(shape.terminals.map(({ name }) => name).toSorted()).toEqual(
			model.terminals.map(({ name }) => name).toSorted()
		);
		for (const { name, role, side } of model.terminals) {
			const { mark, printed } = place(name);
			const { metal, plain } = {
				hot: { metal: 'brass', plain: 'L' },
				neutral: { metal: 'silver', plain: 'N' },
				ground: { metal: 'green', plain: 'E' }
			}[role === 'neutral' || role === 'ground' ? role : 'hot'];
			if (us.includes(device.kind)) {
				expect(mark, name).toBe(metal);
				const pair = { supply: 'LINE', load: 'LOAD' } as const;
				expect(printed, name).toBe(side && role !== 'ground' ? pair[side] : undefined);
			} else expect(mark, name).toBe(side ? `${plain} ${side}` : plain);
		}
	});

	it('has supply above load, and the line terminals right of the neutral ones, seen from the front', () => {
		for (const { name, role, side } of model.terminals) {
			for (const other of model.terminals) {
				if (side === 'supply' && other.side === 'load')
					expect(place(name).y).toBeLessThan(place(other.name).y);
				if (role === 'hot' && other.role === 'neutral')
					expect(place(name).x).toBeGreaterThan(place(other.name).x);
			}
		}
	});

	it('prints LINE and LOAD between the pairs that they are of', () => {
		for (const { text, x, y } of printsOf(shape)) {
			const near = shape.terminals.toSorted((a, b) => Math.abs(a.y - y) - Math.abs(b.y - y)).slice(0, 2);
			expect(near.map(({ printed }) => printed)).toEqual([text, text]);
			expect(x).toBeGreaterThan(Math.min(...near.map((each) => each.x)));
			expect(x).toBeLessThan(Math.max(...near.map((each) => each.x)));
		}
		expect(printsOf(shape)).toHaveLength(device.kind === 'gfci' ? 2 : 0);
	});

	it('has the slots of its halves: neutral left of the line, ground below (us) or above (uk)', () => {
		for (const half of model.halves) {
			const slot = (role: string) => shape.slots.find((each) => each.half === half && each.role === role);
			expect(slot('neutral')!.x).toBeLessThan(slot('hot')!.x);
			const ground = slot('ground');
			if (device.kind === 'twoSlot') expect(ground).toBeUndefined();
			else if (us.includes(device.kind)) {
				expect(ground!.y).toBeGreaterThan(slot('hot')!.y);
				// The neutral slot of a us outlet is the longer one.
				expect(slot('neutral')!.height).toBeGreaterThan(slot('hot')!.height);
			} else expect(ground!.y).toBeLessThan(slot('hot')!.y);
		}
	});
});

it('a GFCI whose LINE is printed at the bottom is drawn so: the pairs change places, words and all', () => {
	const made = familyOf('gfci').made(15);
	const [usual, other] = [made, { ...made, lineAt: 'bottom' } as Device].map((device) => shapeOf(device)!);
	const y = (shape: typeof usual, name: string) => shape!.terminals.find((each) => each.name === name)!.y;
	for (const role of ['Hot', 'Neutral']) {
		expect(y(other, `supply${role}`)).toBe(y(usual, `load${role}`));
		expect(y(other, `load${role}`)).toBe(y(usual, `supply${role}`));
	}
	expect(y(other, 'ground')).toBe(y(usual, 'ground'));
	const printed = (shape: typeof usual) => new Map(printsOf(shape!).map(({ text, y: at }) => [text, at]));
	expect(printed(other).get('LINE')! > printed(other).get('LOAD')!).toBe(true);
	expect(printed(usual).get('LINE')! < printed(usual).get('LOAD')!).toBe(true);
});
