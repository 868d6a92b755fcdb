import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded, tanneryRow, tanneryRowActual } from '../demo';
import { deviceModel, findBox } from '../house';
import { readPlugLamps } from '../instruments';
import { mistakesOf } from '../mistakes';
import { suspectsOf, type LampsSeen } from '.';

const lampsOf = (house: ReturnType<typeof tanneryRow>, box: string): LampsSeen =>
	Object.fromEntries(
		deviceModel(findBox(house, box)!.device!).halves.map((half) => [half, readPlugLamps(house, box, half)])
	);

describe('what would show exactly what a plug-in tester showed', () => {
	it('line and neutral exchanged at a socket of a ring: that first, and only what shows the same', () => {
		const seen = lampsOf(tanneryRowActual(), 'back-bedroom-door');
		// The table of the trade: line–neutral and neutral–earth lit.
		expect(seen.left).toEqual({ hotNeutral: true, hotGround: false, neutralGround: true });
		const suspects = suspectsOf(tanneryRow(), 'back-bedroom-door', seen);
		expect(suspects[0]).toMatchObject({ kind: 'swapped', roles: ['hot', 'neutral'], where: 'here' });
	});

	it('each mistake that changes the lamps is among the suspects of what it shows', () => {
		const house = fennelLaneRecorded();
		const box = 'living-bookcase';
		const sound = JSON.stringify(lampsOf(house, box));
		let told = 0;
		for (const mistake of mistakesOf(house, box)) {
			const seen = lampsOf(mistake.apply(house)!, box);
			if (JSON.stringify(seen) === sound) continue;
			told++;
			expect([mistake.id, suspectsOf(house, box, seen).map(({ id }) => id)]).toEqual([
				mistake.id,
				expect.arrayContaining([mistake.id])
			]);
		}
		expect(told).toBeGreaterThan(8);
	}, 60_000);

	it('what is as it should be names nobody who would show', () => {
		const house = fennelLaneRecorded();
		const box = 'living-bookcase';
		const kinds = suspectsOf(house, box, lampsOf(house, box)).map(({ kind }) => kind);
		// A loose joint, or neutral and ground exchanged, hide from three lamps: that is why they are no proof.
		expect(kinds).toContain('loose');
		expect(kinds).not.toContain('open');
	});
});
