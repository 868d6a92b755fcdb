import { arrangements } from '@wary/core/arrangements';
import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { beside } from '@wary/core/house';
import { expect, it } from 'vitest';
import { outletBesideSwitch, twoGang } from '../../../../core/test/twoGang';
import { layOut } from '$lib/ui/box/layout';
import { boxPlace } from '$words/terms';
import { around } from './around';

const houses = [
	fennelLaneRecorded(),
	tanneryRow(),
	twoGang(),
	outletBesideSwitch(),
	...arrangements.map(({ build }) => build({}))
];

it('draws every box as the whole house does, from less of it', () => {
	for (const house of houses)
		for (const { id } of house.boxes) {
			const part = around(house, [{ boxId: id }]);
			for (const back of [true, false])
				expect(layOut(part, id, back, { narrow: back })).toEqual(layOut(house, id, back, { narrow: back }));
			expect(beside(part, id)).toEqual(beside(house, id));
			const names = (of: typeof house) => part.boxes.map((box) => boxPlace(of, box.id));
			expect(names(part)).toEqual(names(house));
		}
	const [lane] = houses;
	expect(JSON.stringify(around(lane!, [{ boxId: 'sewing-east-wall' }])).length).toBeLessThan(
		JSON.stringify(lane).length / 3
	);
});
