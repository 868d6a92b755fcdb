import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { chainOfCircuit, editHouse, walkChain, type House } from './index';

const names = (house: House, circuit: string) =>
	walkChain(house, circuit).map(({ box, depth }) => `${'-'.repeat(depth)}${box.name}`);

describe('a chain as one walks it', () => {
	it('follows the feed, the run before its branches', () => {
		const made = editHouse(fennelLaneRecorded(), [
			{
				do: 'addOutlet',
				room: 'sewing',
				name: 'spur',
				spot: { circuit: 'sewing', after: { box: 'sewing-door-wall' }, branch: true }
			}
		]);
		if (!made.ok) throw new Error();
		expect(names(made.house, 'sewing')).toEqual(['door wall', '-spur', 'east wall', 'window wall', 'closet']);
		expect(walkChain(made.house, 'sewing').map(({ after }) => after)).toEqual([
			'panel',
			{ box: 'sewing-door-wall' },
			{ box: 'sewing-door-wall' },
			{ box: 'sewing-east-wall' },
			{ box: 'sewing-window-wall' }
		]);
	});

	it('walks a ring once round, each box once', () => {
		const house = tanneryRow();
		const ring = house.circuits.find(({ arrangement }) => arrangement === 'ring')!;
		const walked = walkChain(house, ring.id).map(({ box }) => box.id);
		expect(new Set(walked).size).toBe(walked.length);
		expect([...walked].sort()).toEqual(
			chainOfCircuit(house, ring.id)
				.map(({ box }) => box.id)
				.sort()
		);
	});
});
