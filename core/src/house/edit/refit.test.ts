import { drawn } from '../../../test/draws';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { parseHouse } from '../../files';
import { editHouse } from '..';
import { fennelLaneRecorded, tanneryRow } from '../../demo';
import { soldIn } from '../../devices';
import { readPlugLamps } from '../../instruments';
import { deviceModel } from '../devices';
import { tabsOf, takesGround } from '../deviceState';
import { findBox } from '../lookup';

const homes = [fennelLaneRecorded(), tanneryRow()];

test('any outlet said to be there leaves a house that holds, with power on every half of it', () => {
	fc.assert(
		fc.property(fc.constantFrom(...homes), fc.nat(), fc.nat(), (house, b, p) => {
			const outlets = house.boxes.filter(
				({ use, device }) => use === 'outlet' && device && device.kind !== 'twoSlot'
			);
			const box = outlets[b % outlets.length]!;
			const parts = soldIn(house.region).filter(({ made }) => takesGround(made(15)));
			const made = parts[p % parts.length]!.made(15);
			const device = 'tripped' in made ? { ...made, tripped: false } : made;
			const edited = editHouse(house, [{ do: 'setBox', box: box.id, device, depthMm: 50 }]);
			if (!edited.ok) return void expect(edited.refusal.code).toBe('wiredByHand');
			const after = findBox(edited.house, box.id)!;
			expect(after.depthMm).toBe(50);
			expect(after.device!.kind).toBe(device.kind);
			expect(parseHouse(JSON.parse(JSON.stringify(edited.house))).ok).toBe(true);
			for (const half of deviceModel(device).halves)
				expect(readPlugLamps(edited.house, box.id, half)).toEqual({
					hotNeutral: true,
					hotGround: true,
					neutralGround: false
				});
		}),
		drawn(31, 80)
	);
});

test('with the same terminals every wire stays where it is; what hangs on a wall switch isn’t guessed at', () => {
	const house = homes[0]!;
	const box = findBox(house, 'sewing-east-wall')!;
	const decorator = { ...box.device!, style: 'decorator' as const } as typeof box.device;
	const edited = editHouse(house, [{ do: 'setBox', box: box.id, device: decorator! }]);
	expect(edited.ok && findBox(edited.house, box.id)!.terminations).toEqual(box.terminations);
	const usb = soldIn('us')
		.find(({ id }) => id === 'usb')!
		.made(15);
	expect(editHouse(house, [{ do: 'setBox', box: 'music-amp-corner', device: usb }])).toMatchObject({
		ok: false,
		refusal: { code: 'wiredByHand' }
	});
});

test('what is read off the part and stamped in the box is put on record, wires and all else as they were', () => {
	const house = homes[0]!;
	const box = findBox(house, 'sewing-east-wall')!;
	const device = { ...box.device!, ratingA: 20, tamperResistant: true } as NonNullable<typeof box.device>;
	const edited = editHouse(house, [{ do: 'setBox', box: box.id, device, volumeIn3: 18, depthMm: 60 }]);
	const after = edited.ok ? findBox(edited.house, box.id)! : null;
	expect(after).toEqual({ ...box, device, volumeIn3: 18, depthMm: 60 });
});

test('what a broken tab keeps apart stays apart, or nothing is taken', () => {
	let kept = 0;
	for (const house of homes)
		for (const box of house.boxes) {
			const tabs = tabsOf(box.device);
			if (!tabs || (tabs.hot && tabs.neutral)) continue;
			for (const { made } of soldIn(house.region)) {
				const edited = editHouse(house, [{ do: 'setBox', box: box.id, device: made(15) }]);
				if (!edited.ok) continue;
				kept++;
				expect(tabsOf(findBox(edited.house, box.id)!.device)).toEqual(tabs);
			}
		}
	expect(kept).toBeGreaterThan(3);
});
