import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { circuitsInBox, deviceModel, type House } from '@wary/core/house';
import { describe, expect, it } from 'vitest';
import { sums } from './sums';

/** As on its way to another thread and back. */
const sent = <Value>(value: Value): Value => structuredClone(value);

const outletsOf = (house: House): string[] =>
	house.boxes.flatMap(({ id, device }) =>
		device && deviceModel(device).halves.length > 0 && circuitsInBox(house, id).length > 0 ? [id] : []
	);

describe.each([
	['the bungalow', fennelLaneRecorded],
	['the terraced house', tanneryRow]
])('sums that another thread does, in %s', (_, home) => {
	const house = home();
	const far = sent(house);

	it('can be sent there and back, and come to the same', () => {
		for (const boxId of outletsOf(house)) {
			const asked = { boxes: [{ boxId, wish: null }], school: 'groundFirst' } as const;
			expect(sent(sums.begin(far, sent(asked)))).toEqual(sums.begin(house, asked));
			expect(sent(sums.plan(far, sent(asked)))).toEqual(sums.plan(house, asked));
			expect(sent(sums.again(far, boxId))).toEqual(sums.again(house, boxId));
		}
		expect(sent(sums.protection(far, null))).toEqual(sums.protection(house, null));
		expect(sent(sums.due(far, []))).toEqual(sums.due(house, []));
		const edits = [{ do: 'addRoom', name: 'Loft' }] as const;
		expect(sent(sums.edit(far, edits))).toEqual(sums.edit(house, edits));
	});
});
