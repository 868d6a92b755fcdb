import { drawn } from '../../../../core/test/draws';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainWish, Wishes } from './wishes.svelte';

const near = [
	{ boxId: 'switch', part: null },
	{ boxId: 'beside', part: 'decorator' as const },
	{ boxId: 'next', part: 'duplex' as const }
];
const begun = (kept: ConstructorParameters<typeof Wishes>[0]['kept'] = null) =>
	new Wishes({
		home: 'here',
		wish: plainWish('gfci', 'protected'),
		near,
		together: ['switch', 'beside'],
		beside: ['switch', 'beside'],
		kept
	});
const ids = ({ boxes }: Wishes) => boxes.map(({ boxId }) => boxId);

describe('what is wished for at the outlets of a job', () => {
	it('begins with what sits in one box; what is sold in no shop is put back', () => {
		const wishes = begun();
		expect(ids(wishes)).toEqual(['here', 'switch', 'beside']);
		expect(wishes.boxes[1]!.wish).toBe('putBack');
		expect([wishes.wish?.part, wishes.elsePart]).toEqual(['gfci', null]);
		wishes.boxId = 'switch';
		// Nothing else can be done with it.
		expect([wishes.wish, wishes.elsePart]).toEqual([null, null]);
		wishes.onlyPutBack(false);
		expect(wishes.wished).toBe('putBack');
		wishes.boxId = 'beside';
		wishes.onlyPutBack(true);
		expect(wishes.wished).toBe('putBack');
		wishes.onlyPutBack(false);
		expect(wishes.wish?.part).toBe('decorator');
	});

	it('a kept plan comes back as it was, with what has come to sit beside it since', () => {
		const kept = [
			{ boxId: 'here', wish: plainWish('usb') },
			{ boxId: 'next', wish: plainWish('single') }
		];
		const wishes = begun(kept);
		expect(ids(wishes)).toEqual(['here', 'next', 'switch', 'beside']);
		expect(wishes.boxes.slice(0, 2)).toEqual(kept);
		// One that begins elsewhere is another outlet’s.
		expect(ids(begun([{ boxId: 'next', wish: plainWish('single') }]))).toEqual(['here', 'switch', 'beside']);
	});

	it('whatever is added, left out and chosen, the outlet of the page stays first, and none is in it twice', () => {
		const act = fc.oneof(
			fc.record({ add: fc.constantFrom('next', 'beside', 'nowhere') }),
			fc.record({ leaveOut: fc.constantFrom('next', 'beside') }),
			fc.record({ choose: fc.constantFrom('usb' as const, 'duplex' as const) })
		);
		fc.assert(
			fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
				const wishes = begun();
				for (const each of acts) {
					if ('add' in each) wishes.add(each.add);
					else if ('leaveOut' in each) wishes.leaveOut(each.leaveOut);
					else wishes.choose(plainWish(each.choose));
					expect(ids(wishes)[0]).toBe('here');
					expect(new Set(ids(wishes)).size).toBe(wishes.boxes.length);
					expect(ids(wishes)).toContain(wishes.boxId);
					expect(wishes.left.map(({ boxId }) => boxId)).toEqual(
						near.map(({ boxId }) => boxId).filter((id) => !ids(wishes).includes(id))
					);
				}
			}),
			drawn(20261127, 200)
		);
	});
});
