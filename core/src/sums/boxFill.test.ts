import { describe, expect, test } from 'vitest';
import { twoGang } from '../../test/twoGang';
import { arrangements, here } from '../arrangements';
import { fennelLaneRecorded, tanneryRow } from '../demo';
import { withBox, type House } from '../house';
import { metalBoxes } from '../rules';
import { boxFill } from '.';

const built = (kind: string): House => arrangements.find((each) => each.kind === kind)!.build();
const of = (house: House, material: 'plastic' | 'metal', volumeIn3?: number, box = here) => {
	const set = withBox(house, box, ({ volumeIn3: _was, ...each }) => ({
		...each,
		material,
		...(volumeIn3 === undefined ? {} : { volumeIn3 })
	}));
	return boxFill(set, box)!;
};
const withSize = (house: House, size: '12AWG' | '10AWG'): House => ({
	...house,
	cables: house.cables.map((cable) => ({
		...cable,
		size,
		conductors: cable.conductors.map(({ size: _size, ...each }) => each)
	}))
});

// Worked by hand from the text of 314.16(B).
describe('box fill (NEC 314.16)', () => {
	test('one cable of 14 at the end of a run: 2 conductors, grounds 1, yoke 2: 5 × 2.00 = 10.0 in³', () => {
		const { lines, totalIn3, fits } = of(built('endOfRun'), 'plastic', 10);
		expect(lines.map(({ what, allowances }) => [what, allowances])).toEqual([
			['conductors', 2],
			['grounds', 1],
			['device', 2]
		]);
		expect([totalIn3, fits]).toEqual([10, true]);
	});

	test('two cables: 4 + 1 + 2 = 7 × 2.00 = 14.0; of 12 AWG 15.75; in metal one more for the clamps', () => {
		expect(of(built('middleThrough'), 'plastic').totalIn3).toBe(14);
		expect(of(withSize(built('middleThrough'), '12AWG'), 'plastic').totalIn3).toBe(15.75);
		expect(of(withSize(built('middleThrough'), '10AWG'), 'plastic').totalIn3).toBe(17.5);
		const metal = of(built('middleThrough'), 'metal', 14);
		// Whether clamps sit inside nobody has said: 14 without them, which would do.
		expect([metal.totalIn3, metal.fits]).toEqual([16, 'ifNoClamps']);
		expect(of(built('middleThrough'), 'metal', 13.9).fits).toBe(false);
		expect(of(built('middleThrough'), 'metal', 16).fits).toBe(true);
		expect(metal.lines.find(({ what }) => what === 'clamps')).toMatchObject({ assumed: true, allowances: 1 });
	});

	test('tails inside count nothing: pigtails fill no more than the device’s own screws', () => {
		expect(of(built('middlePigtails'), 'plastic').totalIn3).toBe(
			of(built('middleThrough'), 'plastic').totalIn3
		);
	});

	test('a fifth ground counts a quarter more', () => {
		const house = built('endOfRun');
		const [feed] = house.cables.filter(({ to }) => to.box === here);
		const more = [1, 2, 3, 4].map((k) => ({ ...feed!, id: `more-${k}` }));
		const { lines, totalIn3 } = of({ ...house, cables: [...house.cables, ...more] }, 'plastic');
		expect(lines.find(({ what }) => what === 'grounds')).toMatchObject({ count: 5, allowances: 1.25 });
		// 10 conductors, 1.25, 2: 13.25 × 2.00.
		expect(totalIn3).toBe(26.5);
		// To 2017 all of them were one.
		const before = of({ ...house, cables: [...house.cables, ...more], edition: '2017' }, 'plastic');
		expect([before.totalIn3, before.source]).toEqual([26, 'NEC 2017 314.16(B)']);
	});

	test('two devices in one box: one count for both, wires from one to the other left out, two for each yoke', () => {
		const { lines, totalIn3 } = of(twoGang(), 'plastic');
		expect(lines.filter(({ what }) => what === 'device').map(({ box }) => box)).toEqual([here, 'after']);
		// One cable comes in: 2 + 1 + 4 = 7 × 2.00.
		expect(totalIn3).toBe(14);
		expect(boxFill(twoGang(), 'after')!.totalIn3).toBe(14);
		// 12 AWG, metal: 2 + 1 + 1 + 4 = 8 × 2.25 of 28 in³.
		expect(boxFill(fennelLaneRecorded(), 'laundry-folding-shelf')).toMatchObject({
			totalIn3: 18,
			boxIn3: 28,
			fits: true
		});
	});

	test('without a volume on record nothing is said to fit; uk counts nothing', () => {
		expect(of(built('endOfRun'), 'plastic')).toMatchObject({ boxIn3: null, fits: null });
		expect(boxFill(tanneryRow(), 'box-room-desk')).toBeNull();
	});

	test('the sizes metal boxes are sold under: a larger one of a kind holds more, as much as its inside at most', () => {
		for (const { size, volumeIn3, depthMm } of metalBoxes.us) {
			const [width, height] = size.split(' × ').map(inches);
			const across = size.split(' × ').length === 2 ? [width!, width!] : [width!, height!];
			// Its outside: walls and rounded corners take their share. A device box is stated by its inside, with ears beyond it.
			expect(volumeIn3, size).toBeLessThan(across[0]! * across[1]! * (depthMm / 25.4) * 1.05);
			expect(volumeIn3, size).toBeGreaterThan(across[0]! * across[1]! * (depthMm / 25.4) * 0.6);
		}
		expect(metalBoxes.us).toHaveLength(18);
		for (const shape of ['device', 'utility', 'round', 'square'] as const) {
			const of = metalBoxes.us.filter(
				(each) => each.shape === shape && each.size.startsWith(shape === 'square' ? '4 ' : '')
			);
			expect(of.map(({ volumeIn3 }) => volumeIn3)).toEqual(
				of.toSorted((a, b) => a.depthMm - b.depthMm).map(({ volumeIn3 }) => volumeIn3)
			);
		}
	});
});

/** “4¹¹⁄₁₆” as a number. */
function inches(text: string): number {
	const parts: Readonly<Record<string, number>> = {
		'½': 0.5,
		'¼': 0.25,
		'¾': 0.75,
		'⅛': 0.125,
		'⅞': 0.875,
		'¹¹⁄₁₆': 0.6875
	};
	const whole = parseInt(text, 10);
	return whole + (parts[text.slice(String(whole).length)] ?? 0);
}
