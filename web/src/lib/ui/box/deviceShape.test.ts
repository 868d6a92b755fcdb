import { arrangements } from '@wary/core/arrangements';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { deviceModel, type Device } from '@wary/core/house';
import { describe, expect, it } from 'vitest';
import { shapeOf, type TerminalPlace } from './deviceShape';

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
			const { mark } = place(name);
			const { metal, plain } = {
				hot: { metal: 'brass', plain: 'L' },
				neutral: { metal: 'silver', plain: 'N' },
				ground: { metal: 'green', plain: 'E' }
			}[role === 'neutral' || role === 'ground' ? role : 'hot'];
			if (us.includes(device.kind)) {
				const printed = side === 'supply' ? `LINE ${metal}` : side === 'load' ? `LOAD ${metal}` : metal;
				expect(mark, name).toBe(printed);
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
